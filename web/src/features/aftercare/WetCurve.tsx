import type { Schemas } from '../../api/client';
import { day } from '../../ui/format';
import { across, curve, wetWords } from './wet';
import classes from './Watch.module.css';

const FRAME = { width: 230, height: 52, top: 14 };
const FLOOR = FRAME.top + FRAME.height;
const DROP = 'M0 -7C3 -3 4 -1.5 4 0.5A4 4 0 0 1 -4 0.5C-4 -1.5 -3 -3 0 -7Z';

/** How wet it should be from day to day, with what was poured and what was found. */
export function WetCurve({ plant: p, today }: { plant: Schemas['WatchedPlant']; today: string }) {
  if (p.expected.length === 0) return null;
  const x = across(p.expected, FRAME);
  const line = curve(p.expected, FRAME);
  const words = wetWords(p.expected, p.poured, p.found, today);
  const inside = (on: string) => on >= (p.expected[0]?.on ?? on);
  return (
    <svg className={classes.wet} viewBox={`-6 0 ${FRAME.width + 12} ${FLOOR + 16}`} role="img" aria-label={words}>
      <title>{words}</title>
      <path d={`${line}L${FRAME.width} ${FLOOR}L0 ${FLOOR}Z`} className={classes.water} />
      <path d={line} className={classes.line} />
      <line x1={0} x2={FRAME.width} y1={FLOOR} y2={FLOOR} className={classes.floor} />
      <line x1={x(today)} x2={x(today)} y1={4} y2={FLOOR} className={classes.today} />
      {p.poured.filter(inside).map((on) => (
        <path key={on} d={DROP} transform={`translate(${x(on)} 9)`} className={classes.drop} />
      ))}
      {p.found.filter((f) => inside(f.on)).map((f) => (
        <circle key={`${f.on}${String(f.wet)}`} cx={x(f.on)} cy={f.wet ? FRAME.top + 4 : FLOOR - 5} r={4.5} className={f.wet ? classes.foundWet : classes.foundDry} />
      ))}
      <text x={0} y={FLOOR + 12} className={classes.dayName}>
        {day(p.doneOn)}
      </text>
      <text x={x(today)} y={FLOOR + 12} textAnchor="middle" className={classes.dayName}>
        today
      </text>
    </svg>
  );
}
