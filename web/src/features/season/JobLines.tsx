import { day } from '../../ui/format';
import { PotGlyph } from '../../ui/PotGlyph';
import { jobSaucer } from '../job/saucer';
import { useReader } from '../team/session';
import { kindWords, type Job } from './load';
import classes from './Season.module.css';

const SCALE = 0.075;
const BOX = { width: 40, height: 46 };

/** Jobs one under the other; picking one shows it beside. */
export function JobLines({ jobs, chosen, choose, detail, most = 40 }: {
  jobs: Job[];
  chosen: string | null;
  choose: (id: string) => void;
  detail: (job: Job) => string;
  most?: number;
}) {
  const { units } = useReader();
  return (
    <>
      <ul className={classes.lines}>
        {jobs.slice(0, most).map((j) => (
          <li key={j.id}>
            <button type="button" aria-pressed={j.id === chosen} onClick={() => choose(j.id)}>
              <PotGlyph
                pot={{ topMm: j.potTopMm, baseMm: j.potBaseMm, heightMm: j.potHeightMm }}
                saucer={jobSaucer({ status: 'PLANNED', urgency: j.urgency, fit: j.held ? 'HELD' : 'FITS' })}
                units={units}
                scale={SCALE}
                box={BOX}
              />
              <span>
                <strong>
                  {j.commonName} <span className="measure">{j.label}</span>
                </strong>
                <small>
                  {kindWords(j)}, {j.siteName}
                </small>
                <small>{detail(j)}</small>
              </span>
              <span className="measure">{j.plannedOn ? day(j.plannedOn) : `${j.minutes} min`}</span>
            </button>
          </li>
        ))}
      </ul>
      {jobs.length > most && <p className={classes.more}>And {jobs.length - most} more.</p>}
    </>
  );
}
