import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { inMeasures, type Measure } from '../../ui/measures';
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
  const { data: team } = useQuery(reads.team());
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
            <InMeasures weeks={data.weeks} measures={team?.measures ?? []} />
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

/** The weeks' amounts in what a caretaker pours with; those alike in one line. */
function InMeasures({ weeks, measures }: { weeks: Schemas['WeekView'][]; measures: Measure[] }) {
  const lines = weeks.flatMap((w) => {
    const words = inMeasures(w.litres, measures);
    return words ? [{ from: w.fromOn, words }] : [];
  });
  const changes = lines.filter((line, i) => line.words !== lines[i - 1]?.words);
  if (changes.length === 0) return null;
  return (
    <ul className={classes.measures}>
      {changes.map((c) => (
        <li key={c.from}>
          from <span className="measure">{day(c.from)}</span>: about {c.words}
        </li>
      ))}
    </ul>
  );
}
