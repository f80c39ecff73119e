import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { day, dayYear, litres, say } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './Batches.module.css';

/** One batch: what went in, and which plants stand in it. */
export function BatchPage() {
  const { id = '' } = useParams();
  const { units } = useReader();
  const { data, error } = useQuery(reads.batch(id));
  if (error) return <Trouble error={error} />;
  if (!data) return <Waiting />;
  const { batch: b } = data;
  return (
    <>
      <title>{`Batch ${b.number} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>Batch {b.number}</h1>
          <p>
            {dayYear(b.madeOn)}, {b.who}
            {b.note && `: ${b.note}`}
          </p>
        </div>
        <Link to="/batches">All batches</Link>
      </div>
      <div className={classes.bench}>
        <section aria-labelledby="went-in">
          <h2 id="went-in">What went in</h2>
          {b.mixes.map((m) => (
            <p key={m.mix}>
              <b>{m.label}</b>, <span className="measure">{say(litres(m.litres, units))}</span>: {m.recipe}. {m.left > 0.05 ? `${say(litres(m.left, units))} of it are left.` : 'None of it is left.'}
            </p>
          ))}
          <table className={page.table}>
            <thead>
              <tr>
                <th scope="col">Ingredient</th>
                <th scope="col">Lot</th>
                <th scope="col">Litres</th>
              </tr>
            </thead>
            <tbody>
              {data.ingredients.map((i) => (
                <tr key={i.code + (i.lot ?? '')}>
                  <td>
                    <Link to={`/ingredients/${i.code}`}>{i.label}</Link>
                  </td>
                  <td>{i.lot === null ? 'of no lot' : `${i.lot}${i.cameOn ? `, came ${day(i.cameOn)}` : ''}`}</td>
                  <td className="measure">{say(litres(i.litres, units))}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section aria-labelledby="who-got">
          <h2 id="who-got">Who got of it</h2>
          {data.plants.length === 0 ? (
            <p>Nobody yet.</p>
          ) : (
            <ul className={classes.jobs}>
              {data.plants.map((p) => (
                <li key={p.jobId + p.mix}>
                  <span />
                  <span>
                    <Link to={`/plants/${p.plantId}`}>
                      {p.commonName} <span className="measure">{p.label}</span>
                    </Link>
                    <small>
                      {p.siteName}; <Link to={`/jobs/${p.jobId}`}>{p.doneOn ? `potted ${day(p.doneOn)}` : 'to be potted'}</Link>
                    </small>
                  </span>
                  <b className="measure">{say(litres(p.litres, units))}</b>
                </li>
              ))}
            </ul>
          )}
        </section>
      </div>
    </>
  );
}
