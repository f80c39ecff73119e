import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import page from '../../ui/Page.module.css';
import { count } from '../../ui/format';

/** So many differences of one plant are told. */
const TOLD = 3;

/** And so many plants. */
const SHOWN = 10;

/** Whose days and plans an edit changes, told before it is saved. */
export function PlanEffect({ effect }: { effect: Pick<Schemas['MediumEffect'], 'inCare' | 'asked' | 'changed' | 'changes'> }) {
  if (effect.asked === 0) return <p role="status">No plant in care stands in it or wants it, so no plan changes.</p>;
  const all = effect.asked < effect.inCare ? `the first ${effect.asked}` : `all ${effect.asked}`;
  return (
    <div role="status">
      <p>
        <b>{effect.changed === 0 ? `The plans of ${all} plants stay as they are.` : `${effect.changed} of ${all} plants would be told something else.`}</b>
        {effect.asked < effect.inCare && ` ${count(effect.inCare - effect.asked)} more stand in it or want it, and were not asked.`}
      </p>
      {effect.changes.length > 0 && (
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Plant</th>
              <th scope="col">What changes</th>
            </tr>
          </thead>
          <tbody>
            {effect.changes.slice(0, SHOWN).map((c) => (
              <tr key={c.plantId}>
                <td>
                  <Link to={`/plants/${c.plantId}`}>
                    {c.commonName} <span className="measure">{c.label}</span>
                  </Link>
                  <div className={page.soft}>{c.place}</div>
                </td>
                <td>
                  {c.differences.slice(0, TOLD).map((d) => (
                    <div key={d.what}>
                      {d.what}: {d.before} → <b>{d.after}</b>
                    </div>
                  ))}
                  {c.differences.length > TOLD && <div className={page.soft}>and {c.differences.length - TOLD} more</div>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {effect.changed > SHOWN && <p className={page.soft}>And {effect.changed - SHOWN} more.</p>}
    </div>
  );
}
