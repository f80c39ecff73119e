import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { actionWords, urgencyWords } from '../../ui/words';
import page from '../../ui/Page.module.css';

const words = (action: string, urgency: string) =>
  urgency === 'NOT_DUE' ? actionWords(action) : `${actionWords(action)}, ${urgencyWords(urgency).toLowerCase()}`;

/** Which plants' calls an edit changes, told before it is saved. */
export function Effect({ effect }: { effect: Pick<Schemas['SpeciesEffect'], 'inCare' | 'asked' | 'changed' | 'changes'> }) {
  if (effect.asked === 0) return <p role="status">No plant in care is of this kind, so no call changes.</p>;
  const first = effect.asked < effect.inCare ? 'the first ' : '';
  return (
    <div role="status">
      <p>
        <b>
          {effect.changed === 0
            ? `The calls of ${first || 'all '}${effect.asked} plants stay as they are.`
            : `${effect.changed} of ${first}${effect.asked} plants would get another call.`}
        </b>
        {effect.asked < effect.inCare && ` ${effect.inCare - effect.asked} more are of this kind, and were not asked.`}
      </p>
      {effect.changes.length > 0 && (
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Plant</th>
              <th scope="col">Now</th>
              <th scope="col">Then</th>
            </tr>
          </thead>
          <tbody>
            {effect.changes.map((c) => (
              <tr key={c.plantId}>
                <td>
                  <Link to={`/plants/${c.plantId}`}>
                    {c.commonName} <span className="measure">{c.label}</span>
                  </Link>
                  <div className={page.soft}>{c.place}</div>
                </td>
                <td>{words(c.actionBefore, c.urgencyBefore)}</td>
                <td>
                  <b>{words(c.actionAfter, c.urgencyAfter)}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
