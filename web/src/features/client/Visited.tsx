import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { dayYear, hour } from '../../ui/format';
import { leftWords, minutesBetween } from './visits';
import classes from './Places.module.css';

/** The last visits of a site: who, when, what was done and what was left. */
export function Visited({ siteId }: { siteId: string }) {
  const { data } = useQuery(reads.visits(siteId));
  return (
    <section className={classes.visited} aria-labelledby="visited">
      <h2 id="visited">Visits</h2>
      {data?.length === 0 && <p>None yet. A visit is begun on the round, or with its first check.</p>}
      <ul>
        {data?.map((v) => (
          <Visit key={v.id} visit={v} />
        ))}
      </ul>
    </section>
  );
}

function Visit({ visit }: { visit: Schemas['VisitView'] }) {
  const done = [
    visit.checked > 0 && `${visit.checked} looked at`,
    visit.watered > 0 && `${visit.watered} watered`,
    visit.worked > 0 && `${visit.worked} ${visit.worked === 1 ? 'piece' : 'pieces'} of work done`,
  ].filter(Boolean);
  return (
    <li>
      <div>
        <strong>{dayYear(visit.visitedOn)}</strong>
        <br />
        <span>{visit.who}</span>
      </div>
      <div>
        {done.length > 0 ? done.join(', ') : 'Nothing logged'}
        {visit.startedAt && (
          <span>
            {'. '}
            {visit.endedAt
              ? `${hour(visit.startedAt)} to ${hour(visit.endedAt)}, ${minutesBetween(visit.startedAt, visit.endedAt)} min`
              : `Since ${hour(visit.startedAt)}, not ended`}
          </span>
        )}
        {visit.note && <p>“{visit.note}”</p>}
        {visit.left.length > 0 && (
          <p>
            Left:{' '}
            {visit.left.map((l, i) => (
              <span key={l.plantId}>
                {i > 0 && '; '}
                <Link to={`/plants/${l.plantId}`}>
                  {l.commonName} <span className="measure">{l.label}</span>
                </Link>{' '}
                ({l.kinds.map(leftWords).join(', ')})
              </span>
            ))}
          </p>
        )}
      </div>
    </li>
  );
}
