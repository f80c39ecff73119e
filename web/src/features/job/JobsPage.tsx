import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { reads } from '../../api/reads';
import { PotGlyph } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { addDays, day, dayYear } from '../../ui/format';
import { actionWords, placeWords } from '../../ui/words';
import { useReader } from '../team/session';
import { jobSaucer } from './saucer';
import { byWeek, hours } from './weeks';
import classes from './JobsPage.module.css';

const BACK = 28;
const AHEAD = 330;

export function JobsPage() {
  const { units, today, weekStarts } = useReader();
  const from = addDays(today, -BACK);
  const to = addDays(today, AHEAD);
  const { data, error, refetch } = useQuery(reads.jobs(from, to));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const weeks = byWeek(data, weekStarts);
  const most = Math.max(1, ...weeks.map((w) => w.minutes));
  return (
    <>
      <title>Jobs · Happy Saucer</title>
      <h1 className={classes.title}>Jobs by week</h1>
      <p>
        What has its day and its pot. What else the season asks for stands under <Link to="/season">Season</Link>.
      </p>
      {weeks.length === 0 && <p>Nothing is planned. Open a plant whose call is a repot and schedule it there.</p>}
      {weeks.map((w) => (
        <section key={w.first} className={classes.week} aria-labelledby={`week-${w.first}`}>
          <header>
            <h2 id={`week-${w.first}`}>
              {day(w.first)} to {dayYear(addDays(w.first, 6))}
            </h2>
            <div className={classes.load}>
              <span className="measure">{hours(w.minutes)}</span>
              <i aria-hidden style={{ width: `${(w.minutes / most) * 100}%` }} />
            </div>
          </header>
          <ul>
            {w.jobs.map((j) => (
              <li key={j.id}>
                <Link to={`/jobs/${j.id}`} data-done={j.status === 'DONE'}>
                  <PotGlyph
                    pot={{ topMm: j.potTopMm, baseMm: j.potBaseMm, heightMm: j.potHeightMm }}
                    saucer={jobSaucer(j)}
                    units={units}
                  />
                  <span className={classes.plant}>
                    <strong>{j.commonName}</strong>
                    <small>
                      {placeWords(j.siteName, j.spotName)}
                    </small>
                  </span>
                  <span className={classes.action}>
                    {actionWords(j.action)}
                    {j.note && <small>{j.note}</small>}
                  </span>
                  <span className={`${classes.day} measure`}>
                    {j.status === 'DONE' && j.doneOn ? `done ${day(j.doneOn)}` : day(j.plannedOn)}
                    {j.status === 'PLANNED' && j.plannedOn < today && <b>overdue</b>}
                  </span>
                  <span className={`${classes.minutes} measure`}>{j.minutes} min</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
