import { dayYear } from '../../ui/format';
import { bars, hoursWords, months, over, filled, type Week } from './load';
import classes from './Season.module.css';

const EACH = 22;
const TOP = 18;

/** Of the drawing: one year alone, or two under one another. */
const ALONE = 190;
const BOTH = 104;
const TAPER = 2.4;
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });
const YEAR = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' });

/** A body that narrows towards its floor, as a pot does. */
function body(x: number, floor: number, height: number, inset: number): string {
  const left = x + inset;
  const right = x + EACH - inset;
  return `${left},${floor - height} ${right},${floor - height} ${right - TAPER},${floor} ${left + TAPER},${floor}`;
}

function label(w: Week): string {
  const much = over(w, w.wanted);
  return (
    `Week of ${dayYear(w.first)}: ${hoursWords(w.wanted)} wanted, ${hoursWords(w.capacity)} there, ${hoursWords(filled(w))} planned` +
    (much > 0 ? `; ${hoursWords(much)} too much` : '')
  );
}

/** A year at one look: each week a pot, as high as its hours; what is wanted fills it, and runs over where it is too much. */
export function Year({ weeks, chosen, choose, beside = null, name = 'Load by week' }: { weeks: Week[]; chosen: string; choose: (first: string) => void; beside?: Week[] | null; name?: string }) {
  const width = weeks.length * EACH;
  const height = beside ? BOTH : ALONE;
  const floor = TOP + height;
  const drawn = bars(weeks, width, height, beside ?? []);
  return (
    <div className={classes.scroll}>
      <svg className={classes.year} viewBox={`0 0 ${width} ${floor + 34}`} role="group" aria-label={name}>
        {months(weeks).map(({ index, month, named }) => (
          <g key={month}>
            <line x1={index * EACH} x2={index * EACH} y1={TOP} y2={floor + 26} className={classes.month} />
            {named && (
              <text x={index * EACH + 4} y={floor + 24} className={classes.monthName}>
                {(named === 'year' ? YEAR : MONTH).format(new Date(`${month}-01T00:00:00Z`))}
              </text>
            )}
          </g>
        ))}
        {drawn.map((b) => (
          <g
            key={b.week.first}
            role="button"
            tabIndex={0}
            aria-label={label(b.week)}
            aria-pressed={b.week.first === chosen}
            className={classes.week}
            data-over={b.wanted > b.rim}
            onClick={() => choose(b.week.first)}
            onKeyDown={(e) => {
              if (e.key === 'Enter' || e.key === ' ') {
                e.preventDefault();
                choose(b.week.first);
              }
            }}
          >
            <title>{label(b.week)}</title>
            <rect x={b.x} y={0} width={EACH} height={floor + 10} className={classes.hit} />
            {b.wanted > 0 && <polygon points={body(b.x, floor, Math.min(b.wanted, b.rim), 2)} className={classes.wanted} />}
            {b.wanted > b.rim && (
              <rect x={b.x + 2} y={floor - b.wanted} width={EACH - 4} height={b.wanted - b.rim} rx={2} className={classes.brim} />
            )}
            {b.planned > 0 && <polygon points={body(b.x, floor, b.planned, 5.5)} className={classes.planned} />}
            {b.rim > 0 && (
              <>
                <polygon points={body(b.x, floor, b.rim, 2)} className={classes.pot} />
                <line x1={b.x + 0.5} x2={b.x + EACH - 0.5} y1={floor - b.rim} y2={floor - b.rim} className={classes.rim} />
              </>
            )}
          </g>
        ))}
        <line x1={0} x2={width} y1={floor} y2={floor} className={classes.floor} />
      </svg>
    </div>
  );
}

/** What the drawing shows, in its own signs. */
export function YearKey({ found }: { found: boolean }) {
  return (
    <ul className={classes.key} aria-label="How to read it">
      <li>
        <i className={classes.keyPot} /> hours of the people who are there
      </li>
      <li>
        <i className={classes.keyWanted} /> wanted, each job on its best day
      </li>
      <li>
        <i className={classes.keyBrim} /> over the brim: too much for that week
      </li>
      <li>
        <i className={classes.keyPlanned} /> {found ? 'as the plan that was found would fill it, with the way' : 'planned, with the way'}
      </li>
    </ul>
  );
}
