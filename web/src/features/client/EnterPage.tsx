import { Button, FileButton, Textarea } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useOnce } from '../../api/once';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import classes from './Places.module.css';

const EXAMPLE = `spot,light,species,pot,last repotted,note
North window,bright indirect,Ficus lyrata,28 cm,2025-04-20,
North window,,Howea forsteriana,30 cm,,by the pillar
Desk,medium,Zamioculcas zamiifolia,8 in,2024-09-01,`;

/** Many plants of one site at once: pasted or from a file, tried first, saved when no row has a fault. */
export function EnterPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const once = useOnce();
  const [sheet, setSheet] = useState('');
  const site = useQuery(reads.site(id));
  const enter = useWrite(writes.enterPlants, {
    done: (view) => {
      if (!view.saved) return;
      notifyDone(`${view.rows.length} ${view.rows.length === 1 ? 'plant is' : 'plants are'} in care.`);
      void navigate(`/plants?site=${id}`);
    },
    failed: once.refused,
  });
  const send = (save: boolean) => enter.mutate({ siteId: id, request: { id: once.id(), sheet, save } });
  const change = (text: string) => {
    setSheet(text);
    once.renew();
    enter.reset();
  };
  const tried = enter.data;
  const wrong = tried ? tried.rows.filter((r) => r.faults.length > 0).length : 0;
  if (!site.data) return <Waiting />;
  return (
    <>
      <title>{`Enter plants · ${site.data.site.name} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>Enter plants</h1>
          <p>
            <Link to={`/sites/${id}`}>{site.data.site.name}</Link>, {site.data.clientName}
          </p>
        </div>
      </div>
      <div className={classes.enter}>
        <div>
          <Textarea
            label="Rows under a head line"
            description="Paste from a spreadsheet, or write them. Spot, species and pot are needed; all else may be left out."
            size="md"
            autosize
            minRows={9}
            maxRows={22}
            value={sheet}
            placeholder={EXAMPLE}
            classNames={{ input: classes.sheet }}
            onChange={(e) => change(e.currentTarget.value)}
          />
          <div className={classes.acts}>
            <Act
              variant="default"
              loading={enter.isPending && !enter.variables.request.save}
              missing={sheet.trim() === '' && 'Paste rows, or take a file.'}
              onClick={() => send(false)}
            >
              Try it
            </Act>
            <Act
              loading={enter.isPending && enter.variables.request.save}
              missing={!tried ? 'Try it first.' : (wrong > 0 || tried.faults.length > 0) && 'Mend the rows below first.'}
              onClick={() => send(true)}
            >
              {tried && tried.rows.length > 0 ? `Save ${tried.rows.length} plants` : 'Save'}
            </Act>
            <FileButton accept=".csv,.tsv,.txt,text/csv" onChange={(file) => void file?.text().then(change)}>
              {(props) => (
                <Button {...props} variant="subtle">
                  From a file
                </Button>
              )}
            </FileButton>
            <Button variant="subtle" onClick={() => change(EXAMPLE)}>
              Show an example
            </Button>
          </div>
        </div>
        <aside className={classes.columns}>
          <h2>Columns</h2>
          <p>
            <b>spot, species, pot</b> are needed. A length may be written as 28 cm, 280 mm or 11 in.
          </p>
          <p>
            <b>label, light, group, name, pot base, pot depth, shape, material, holes, cover pot, height, spread, last repotted, size,
            watering, note</b> may be there.
          </p>
          <p>A species that is not in the book needs its group. A spot that is not there yet is made, with the light given.</p>
        </aside>
      </div>
      {tried && <Tried tried={tried} wrong={wrong} />}
    </>
  );
}

type Told = { field: string; message: string };
type Tried = { faults: Told[]; newSpots: string[]; rows: (Omit<Schemas['EntryRow'], 'faults'> & { faults: Told[] })[] };

function Tried({ tried, wrong }: { tried: Tried; wrong: number }) {
  if (tried.faults.length > 0) {
    return (
      <ul className={`${page.wrong} ${classes.sheetFaults}`} role="alert">
        {tried.faults.map((f) => (
          <li key={f.message}>{f.message}</li>
        ))}
      </ul>
    );
  }
  return (
    <>
      <p role="status" className={classes.verdict}>
        {wrong === 0
          ? `All ${tried.rows.length} rows are good. Nothing is saved yet.`
          : `${wrong} of ${tried.rows.length} rows need mending. Nothing is saved until all are good.`}
        {tried.newSpots.length > 0 && ` New spots: ${tried.newSpots.join(', ')}.`}
      </p>
      <div className={page.scroll}>
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Label</th>
              <th scope="col">Spot</th>
              <th scope="col">Species</th>
              <th scope="col">What to mend, or what is assumed</th>
            </tr>
          </thead>
          <tbody>
            {tried.rows.map((r) => (
              <tr key={r.line} data-wrong={r.faults.length > 0}>
                <td className="measure">{r.line}</td>
                <td className="measure">{r.label}</td>
                <td>{r.spot}</td>
                <td>{r.species}</td>
                <td>
                  {r.faults.map((f) => (
                    <div key={f.field + f.message} className={page.wrong}>
                      <b>{f.field}</b>: {f.message}
                    </div>
                  ))}
                  {r.faults.length === 0 && <span className={page.soft}>{r.assumed.join('; ')}</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
