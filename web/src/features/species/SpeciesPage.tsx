import { Button, Modal } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { cellWords, originWords, PARTS, toCells } from './cells';
import { Effect } from './Effect';
import classes from './Species.module.css';

export function useSpeciesForm() {
  return useQuery(reads.speciesForm());
}

export function useSpecies(name: string) {
  return useQuery({ ...reads.species(name), enabled: name !== '' });
}

/** One kind, as a page to read: what it wants, and what the rules make of it. */
export function SpeciesPage() {
  const { name = '' } = useParams();
  const { mayPlan, units } = useReader();
  const { data, error } = useSpecies(name);
  const form = useSpeciesForm();
  const [resetting, setResetting] = useState(false);
  if (error) return <Trouble error={error} />;
  if (!data || !form.data) return <Waiting />;
  const cells = toCells(data.cells);
  const group = toCells(data.groupCells);
  const columns = new Map(form.data.columns.map((c) => [c.key, c]));
  return (
    <article className={classes.page}>
      <title>{`${data.name} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>
            <i>{data.name}</i>
          </h1>
          <p>
            {data.commonNames.join(', ')}
            {data.synonyms.length > 0 && `. Formerly ${data.synonyms.join(', ')}`}
          </p>
          <p>
            {data.groupLabel}; {originWords(data.origin)}
            {data.editedBy && ` (${data.editedBy})`}
          </p>
        </div>
        <div className={page.tools}>
          <Button component={Link} to={`/plants?search=${encodeURIComponent(data.name)}`} variant="default">
            {data.plants === 1 ? 'One plant in care' : `${data.plants} plants in care`}
          </Button>
          {mayPlan && data.origin !== 'SHIPPED' && (
            <Button variant="default" onClick={() => setResetting(true)}>
              {data.origin === 'EDITED' ? 'Back to as shipped' : 'Remove'}
            </Button>
          )}
          {mayPlan && (
            <Button component={Link} to="edit">
              Edit
            </Button>
          )}
        </div>
      </div>
      <p className={classes.remarks}>{data.remarks}</p>
      <div className={classes.reading}>
        <div>
          {data.passages.map((p) => (
            <section key={p.topic}>
              <h2>{p.topic}</h2>
              <p>{p.sentences.join(' ')}</p>
            </section>
          ))}
        </div>
        <aside aria-labelledby="what-rules-use">
          <h2 id="what-rules-use">What the rules use</h2>
          <p className={page.soft}>Set in italics: not its own, but what its group has.</p>
          {PARTS.map((part) => (
            <dl key={part.title} className={classes.traits}>
              {part.keys.map((key) => {
                const column = columns.get(key);
                if (!column) return null;
                const own = cells[key] ?? '';
                return (
                  <div key={key} data-changed={data.changed.includes(key)}>
                    <dt title={column.use}>{column.label}</dt>
                    <dd>
                      {own ? cellWords(column, own, units) : <i>{cellWords(column, group[key] ?? '', units)}</i>}
                      {data.changed.includes(key) && <small>edited</small>}
                    </dd>
                  </div>
                );
              })}
            </dl>
          ))}
          {data.kin.length > 0 && (
            <p className={classes.kin}>
              Of the same group:{' '}
              {data.kin.map((k, i) => (
                <span key={k}>
                  {i > 0 && ', '}
                  <Link to={`/species/${encodeURIComponent(k)}`}>
                    <i>{k}</i>
                  </Link>
                </span>
              ))}
            </p>
          )}
        </aside>
      </div>
      <Modal opened={resetting} onClose={() => setResetting(false)} title={data.origin === 'EDITED' ? 'Back to as shipped' : `Remove ${data.name}`}>
        <Reset name={data.name} added={data.origin === 'ADDED'} close={() => setResetting(false)} />
      </Modal>
    </article>
  );
}

function Reset({ name, added, close }: { name: string; added: boolean; close: () => void }) {
  const navigate = useNavigate();
  const effect = useQuery({ ...reads.resetEffect(name), enabled: !added });
  const reset = useWrite(writes.resetSpecies, {
    done: () => {
      if (added) void navigate('/species');
      notifyDone(added ? 'Removed from the book.' : 'As shipped again.');
      close();
    },
  });
  return (
    <div className={classes.dialog}>
      {effect.data && <Effect effect={effect.data} />}
      <Button loading={reset.isPending} onClick={() => reset.mutate({ name })}>
        {added ? 'Remove it' : 'Take the shipped entry'}
      </Button>
    </div>
  );
}
