import { Button, FileButton, Textarea } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useOnce } from '../../api/once';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { say, width } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { plain } from '../../ui/words';
import { useReader } from '../team/session';
import classes from './Shelf.module.css';

const EXAMPLE = 'name,top,height,shape,material,holes,in stock,low at,price\n';

/** Pots from a sheet: every row is tried before any is put on the shelf. */
export function ImportShelfPage() {
  const { units } = useReader();
  const navigate = useNavigate();
  const once = useOnce();
  const [sheet, setSheet] = useState(EXAMPLE);
  const read = useWrite(writes.enterShelf, {
    done: (view) => {
      if (!view.saved) return;
      notifyDone(`${view.rows.length} pots are on the shelf.`);
      void navigate('/shelf');
    },
  });
  const send = (save: boolean) => read.mutate({ id: once.id(), sheet, save });
  const change = (text: string) => {
    setSheet(text);
    once.renew();
    read.reset();
  };
  const tried = read.data;
  const wrong = tried?.rows.filter((r) => r.faults.length > 0) ?? [];
  const good = tried && tried.faults.length === 0 && wrong.length === 0;
  return (
    <>
      <title>Read in pots · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Read in pots</h1>
          <p>Rows under a head line, pasted or from a file. Name and top are needed; lengths like 15 cm or 6 in.</p>
        </div>
      </div>
      <Textarea label="Pots" size="md" autosize minRows={8} maxRows={20} value={sheet} onChange={(e) => change(e.currentTarget.value)} classNames={{ input: classes.sheet }} />
      <div className={`${page.tools} ${classes.acts}`}>
        <Act variant="default" missing={sheet.trim() === '' && 'Paste rows, or take a file.'} loading={read.isPending} onClick={() => send(false)}>
          Try it
        </Act>
        <Act missing={!good && 'Try it first; every row must be right.'} loading={read.isPending} onClick={() => send(true)}>
          Put on the shelf
        </Act>
        <FileButton accept=".csv,.tsv,text/csv" onChange={(file) => void file?.text().then(change)}>
          {(props) => (
            <Button {...props} variant="subtle">
              From a file
            </Button>
          )}
        </FileButton>
      </div>
      {tried && tried.faults.length > 0 && (
        <ul className={page.wrong} role="alert">
          {tried.faults.map((f) => (
            <li key={f.message}>{f.message}</li>
          ))}
        </ul>
      )}
      {wrong.length > 0 && (
        <p role="status">
          <b>
            {wrong.length} of {tried?.rows.length} rows need mending. Nothing is put on the shelf until all are good.
          </b>
        </p>
      )}
      {tried && tried.rows.length > 0 && (
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Pot</th>
              <th scope="col">Measures</th>
              <th scope="col">In stock</th>
            </tr>
          </thead>
          <tbody>
            {tried.rows.map((r) => (
              <tr key={r.line}>
                <td className="measure">{r.line}</td>
                <td>{r.name || 'without a name'}</td>
                {r.pot ? (
                  <>
                    <td>
                      <span className="measure">
                        {say(width(r.pot.topMm, units))} × {say(width(r.pot.heightMm, units))}
                      </span>{' '}
                      {plain(r.pot.material).toLowerCase()}
                    </td>
                    <td className="measure">{r.pot.inStock}</td>
                  </>
                ) : (
                  <td colSpan={2} className={page.wrong}>
                    {r.faults.map((f) => `${f.field}: ${f.message}`).join(' ')}
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
