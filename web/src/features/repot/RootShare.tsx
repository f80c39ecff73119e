import type { Schemas } from '../../api/client';
import classes from './RepotPage.module.css';

const percent = (s: number): string => `${Math.round(s * 100)} %`;
const along = (s: number): string => `${Math.min(100, s * 100)}%`;

/** How much of the ball goes, against what it stands; the numbers stand beside the bar. */
export function RootShare({ work }: { work: Schemas['RootWork'] }) {
  return (
    <div className={classes.share} data-over={work.overLimit}>
      <div className={classes.bar} aria-hidden>
        <i style={{ width: along(work.rootShare) }} />
        <b style={{ left: along(work.limit) }} />
      </div>
      <p>
        <strong className="measure">{percent(work.rootShare)}</strong> of the ball goes, it stands{' '}
        <span className="measure">{percent(work.limit)}</span>
        {work.likelyRootLoss > work.rootShare + 0.005 && (
          <>
            ; circled, so likely <span className="measure">{percent(work.likelyRootLoss)}</span> of the roots
          </>
        )}
        {work.canopyShare > 0 && (
          <>
            ; take <span className="measure">{percent(work.canopyShare)}</span> of the canopy to match
          </>
        )}
        .
      </p>
      {work.notes.map((n) => (
        <p key={n} className={classes.note}>
          {n}
        </p>
      ))}
    </div>
  );
}
