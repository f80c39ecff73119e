import { Link } from 'react-router';
import { useState } from 'react';
import { Button } from '@mantine/core';
import { dayYear } from '../../ui/format';
import { actionWords } from '../../ui/words';
import type { PlantView } from './usePlant';
import classes from './History.module.css';

interface Entry {
  on: string;
  order: string;
  kind: string;
  who: string;
  what: React.ReactNode;
}

const SHOWN = 8;

/** Everything that happened to a plant, newest first: checks, repots, edits. */
export function History({ data, signLabel }: { data: PlantView; signLabel: (code: string) => string }) {
  const [all, setAll] = useState(false);
  const entries: Entry[] = [
    ...data.checks.map((c) => ({
      on: c.checkedOn,
      order: c.checkedAt,
      kind: 'Check',
      who: c.who,
      what: (
        <>
          {c.signs.length === 0 ? 'Nothing to report.' : c.signs.map((s) => seen(s, signLabel)).join('; ') + '.'}
          {c.note && ` “${c.note}”`}
        </>
      ),
    })),
    ...data.jobs.map((j) => ({
      on: j.doneOn ?? j.plannedOn,
      order: `${j.doneOn ?? j.plannedOn}T23`,
      kind: j.status === 'DONE' ? 'Repot' : 'Planned',
      who: '',
      what: (
        <>
          <Link to={`/jobs/${j.id}`}>{actionWords(j.action)}</Link>
          {j.status === 'DONE' && (
            <>
              {' '}
              · <Link to={`/jobs/${j.id}/card`}>card</Link>
            </>
          )}
        </>
      ),
    })),
    ...data.changes
      .filter((c) => c.what !== 'Repotted')
      .map((c) => ({ on: c.at.slice(0, 10), order: c.at, kind: 'Edit', who: c.who, what: c.what })),
  ].sort((a, b) => b.order.localeCompare(a.order));
  const shown = all ? entries : entries.slice(0, SHOWN);
  return (
    <section className={classes.history} aria-labelledby="history">
      <h2 id="history">History</h2>
      {entries.length === 0 && <p>No check yet. The first one tells most.</p>}
      <table>
        <tbody>
          {shown.map((e, i) => (
            <tr key={`${e.order}${e.kind}${i}`}>
              <td className="measure">{dayYear(e.on)}</td>
              <td>{e.kind}</td>
              <td>{e.what}</td>
              <td>{e.who}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {entries.length > SHOWN && !all && (
        <Button variant="default" onClick={() => setAll(true)}>
          Show all {entries.length}
        </Button>
      )}
    </section>
  );
}

function seen(s: PlantView['checks'][number]['signs'][number], signLabel: (code: string) => string): string {
  const label = signLabel(s.code);
  if (s.state === 'ABSENT') return `no: ${label.toLowerCase()}`;
  const detail = s.grade?.toLowerCase() ?? (s.value === null ? '' : `${s.value}`);
  return detail ? `${label} (${detail})` : label;
}
