import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { reads } from '../../api/reads';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { WateringWeeks } from '../../ui/WateringWeeks';
import { day, dayYear, weekday } from '../../ui/format';
import { placeWords } from '../../ui/words';
import { useReader, useSession } from '../team/session';
import { CareLink } from './CareLink';
import classes from './CardPage.module.css';

/** The page for whoever waters: on the screen, and on one sheet of paper. */
export function CardPage() {
  const { id = '' } = useParams();
  const { units } = useReader();
  const { data: session } = useSession();
  const { data, error, refetch } = useQuery(reads.card(id));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const care = data.steps.filter((s) => s.who === 'CARETAKER');
  const watch = care.find((s) => s.kind === 'WATCH');
  return (
    <>
      <title>{`Card for ${data.job.commonName} · Happy Saucer`}</title>
      <CareLink jobId={id} />
      <article className={classes.card}>
        <header>
          <div>
            <h1>{data.job.commonName}</h1>
            <p>
              {placeWords(data.job.siteName, data.job.spotName)} · {data.job.label}
            </p>
          </div>
          <p className={classes.date}>{dayYear(data.doneOn)}</p>
        </header>
        <p className={classes.what}>{data.what}</p>
        <div className={classes.columns}>
          <section>
            <h2>What to do</h2>
            <ol>
              {care
                .filter((s) => s.kind !== 'WATCH')
                .map((s) => (
                  <li key={s.id}>
                    <strong>{s.toOn === s.fromOn || s.kind === 'PROBE' || s.kind === 'WATER' ? weekday(s.fromOn) : `${day(s.fromOn)} to ${day(s.toOn)}`}</strong>
                    {s.text}
                  </li>
                ))}
            </ol>
          </section>
          <section>
            <WateringWeeks
              weeks={data.weeks.map((w) => ({ ...w, from: w.fromOn }))}
              before={data.before?.daysToRefill ?? null}
              settled={data.settled?.daysToRefill ?? null}
              units={units}
            />
            {data.pours.length > 0 && (
              <ul className={classes.measures}>
                {data.pours.map((p) => (
                  <li key={p.fromOn}>
                    from <span className="measure">{day(p.fromOn)}</span>: about {p.words}
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
        <div className={classes.columns}>
          <section className={classes.alarm}>
            <h2>Call us</h2>
            <p>{watch?.text}</p>
            <p>
              {session?.team?.name}.{' '}
              {data.nextVisits.length > 0 && <>We come by about {data.nextVisits.map(day).join(' and ')}.</>}
            </p>
          </section>
          <section>
            <h2>Take care</h2>
            <ul>
              {data.cautions.map((c) => (
                <li key={c.code}>{c.text}</li>
              ))}
            </ul>
          </section>
        </div>
      </article>
    </>
  );
}
