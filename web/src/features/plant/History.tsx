import { Link } from 'react-router';
import { useState } from 'react';
import { Button, UnstyledButton } from '@mantine/core';
import { PhotoStrip } from '../../ui/PhotoStrip';
import { dayYear, length, litres, mass, say, type Units } from '../../ui/format';
import { actionWords, evidenceWords, leafLossWords, resultWords } from '../../ui/words';
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

/** Everything that happened to a plant, newest first: checks, waterings, repots, photos, outcomes, arguments, edits. */
export function History({ data, signLabel, units }: { data: PlantView; signLabel: (code: string) => string; units: Units }) {
  const [all, setAll] = useState(false);
  const [kind, setKind] = useState('All');
  const entries: Entry[] = [
    ...data.checks.map((c) => ({
      on: c.checkedOn,
      order: c.checkedAt,
      kind: 'Check',
      who: c.who,
      what: (
        <>
          {c.signs.length === 0 ? 'Nothing to report.' : c.signs.map((s) => seen(s, signLabel)).join('; ') + '.'}
          {c.heightMm !== null && ` Height ${say(length(c.heightMm, units))}.`}
          {c.weightG !== null && ` Weighed ${say(mass(c.weightG, units))}.`}
          {c.note && ` “${c.note}”`}
          {c.minutes !== null && <span className={classes.minutes}> {Math.round(c.minutes)} min</span>}
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
    ...data.waterings.map((w) => ({
      on: w.wateredOn,
      order: `${w.wateredOn}T06`,
      kind: 'Watering',
      who: '',
      what: `${say(litres(w.litres, units))}${w.runOffLitres > 0 ? `, ${say(litres(w.runOffLitres, units))} ran out` : ''}`,
    })),
    ...data.photos.map((p) => ({
      on: p.takenOn,
      order: `${p.takenOn}T20`,
      kind: 'Photo',
      who: p.who,
      what: <PhotoStrip photos={[p]} />,
    })),
    ...data.outcomes.map((o) => ({
      on: o.seenOn,
      order: `${o.seenOn}T22`,
      kind: 'Outcome',
      who: o.who,
      what: `${resultWords(o.result)}${o.firstGrowthOn ? `, first new growth ${dayYear(o.firstGrowthOn)}` : ''}${o.leafLoss ? `, ${leafLossWords(o.leafLoss)}` : ''}${o.note ? `. “${o.note}”` : ''}`,
    })),
    ...data.arguments.map((a) => ({
      on: a.setOn,
      order: `${a.setOn}T21`,
      kind: 'Argued',
      who: a.who,
      what: `${a.kind === 'CALL' ? `Overruled: ${actionWords(a.what).toLowerCase()}` : `Set aside: ${evidenceWords(a.what, signLabel).toLowerCase()}`}. “${a.reason}”${a.endedWhy ? ` (ended: ${a.endedWhy.toLowerCase()})` : ''}`,
    })),
  ].sort((a, b) => b.order.localeCompare(a.order));
  const kinds = [...new Set(entries.map((e) => e.kind))];
  const chosen = kind === 'All' ? entries.filter((e) => e.kind !== 'Watering') : entries.filter((e) => e.kind === kind);
  const shown = all ? chosen : chosen.slice(0, SHOWN);
  return (
    <section className={classes.history} aria-labelledby="history">
      <h2 id="history">History</h2>
      {kinds.length > 1 && (
        <div className={classes.kinds} role="group" aria-label="What to show">
          {['All', ...kinds].map((k) => (
            <UnstyledButton key={k} aria-pressed={kind === k} onClick={() => setKind(k)}>
              {k === 'All' ? 'All but waterings' : k}
            </UnstyledButton>
          ))}
        </div>
      )}
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
      {chosen.length > SHOWN && !all && (
        <Button variant="default" onClick={() => setAll(true)}>
          Show all {chosen.length}
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
