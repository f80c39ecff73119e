import { say, width, type Units } from './format';
import { corners, points, type Outline } from './potShape';
import { saucerWords } from './words';
import classes from './PotGlyph.module.css';

export type SaucerState = 'NOTHING_DUE' | 'IN_WINDOW' | 'DUE_NOW' | 'URGENT' | 'ON_HOLD' | 'IN_AFTERCARE';

/** What presses most first. */
export const SAUCERS: SaucerState[] = ['URGENT', 'DUE_NOW', 'IN_WINDOW', 'ON_HOLD', 'IN_AFTERCARE', 'NOTHING_DUE'];

interface Props {
  pot: Outline;
  saucer: SaucerState;
  rootFill?: number | null;
  waterLeft?: number | null;
  units: Units;
  /** Pixels per mm, the same for a whole list. */
  scale?: number;
  /** Width and height of the box in pixels. */
  box?: { width: number; height: number };
}

const SAUCER_HALF = 21;
/** How full the sign is drawn; how full a pot is filled says the advice. */
const FILLED = 0.91;

/** The sign of the house: a plant's own pot in section, to scale, on a saucer that tells its state. */
export function PotGlyph({
  pot,
  saucer,
  rootFill,
  waterLeft,
  units,
  scale: wanted = 0.15,
  box = { width: 64, height: 76 },
}: Props) {
  const centre = box.width / 2;
  const floor = box.height - 15;
  // one scale for a list, but for a pot larger than its place: its walls are drawn broken
  const scale = Math.min(wanted, (box.width - 4) / Math.max(pot.topMm, pot.baseMm), (floor - 4) / pot.heightMm);
  const broken = scale < wanted;
  const scaled = { topMm: pot.topMm * scale, baseMm: pot.baseMm * scale, heightMm: pot.heightMm * scale };
  const fill = Math.max(2, scaled.heightMm * FILLED);
  const roots = rootFill == null ? 0 : Math.max(0.15, Math.min(1, rootFill));
  const inner = { topMm: scaled.topMm * roots, baseMm: scaled.baseMm * roots, heightMm: scaled.heightMm };
  const water = waterLeft == null ? null : fill * Math.max(0, Math.min(1, waterLeft));
  const waterWidth = water === null ? 0 : (scaled.baseMm + ((scaled.topMm - scaled.baseMm) * water) / scaled.heightMm) / 2;
  const text =
    `${say(width(pot.topMm, units))} pot${broken ? ', drawn smaller' : ''}, ` +
    (rootFill == null ? 'root fill not known, ' : `roots fill about ${Math.round(rootFill * 100)} %, `) +
    saucerWords(saucer);
  return (
    <svg
      role="img"
      aria-label={text}
      width={box.width}
      height={box.height}
      viewBox={`0 0 ${box.width} ${box.height}`}
      className={classes.glyph}
    >
      <polygon className={classes.soil} points={points(corners(scaled, centre, floor, 0, fill))} />
      {roots > 0 && (
        <polygon className={classes.roots} points={points(corners(inner, centre, floor, fill * (1 - roots), fill))} />
      )}
      {water !== null && water > 1 && (
        <line
          className={classes.water}
          x1={centre - waterWidth + 1}
          x2={centre + waterWidth - 1}
          y1={floor - water}
          y2={floor - water}
        />
      )}
      <polyline
        className={classes.wall}
        points={points([
          ...corners(scaled, centre, floor).slice(0, 1),
          ...corners(scaled, centre, floor).slice(3),
          ...corners(scaled, centre, floor).slice(2, 3),
          ...corners(scaled, centre, floor).slice(1, 2),
        ])}
      />
      {broken && (
        <path
          className={classes.broken}
          d={[-1, 1].map((s) => `M${centre + s * (scaled.topMm / 2) - 5} ${floor - fill * 0.55} l10 -5 m-10 9 l10 -5`).join(' ')}
        />
      )}
      <Saucer state={saucer} x={centre} y={floor + 6} />
      {saucer === 'IN_AFTERCARE' && <Sprout x={centre} y={floor - fill} />}
    </svg>
  );
}

/** Only the saucer, to stand before its own words. */
export function SaucerMark({ state }: { state: SaucerState }) {
  return (
    <svg width={36} height={22} viewBox="0 0 60 30" aria-hidden className={classes.glyph}>
      <Saucer state={state} x={28} y={17} />
      {state === 'IN_AFTERCARE' && <Sprout x={28} y={15} />}
    </svg>
  );
}

/** The form tells the state; colour only helps. */
function Saucer({ state, x, y }: { state: SaucerState; x: number; y: number }) {
  const l = x - SAUCER_HALF;
  const r = x + SAUCER_HALF;
  const bowl = `M${l} ${y - 3} C${l + 6} ${y + 8} ${r - 6} ${y + 8} ${r} ${y - 3}`;
  switch (state) {
    case 'IN_WINDOW':
      return (
        <g>
          <path className={classes.shallow} d={`M${l + 2.6} ${y + 1} C${l + 9} ${y + 6.8} ${r - 9} ${y + 6.8} ${r - 2.6} ${y + 1} Z`} />
          <path className={classes.saucer} d={bowl} />
        </g>
      );
    case 'DUE_NOW':
      return (
        <g>
          <path className={classes.full} d={`M${l} ${y - 3} C${l + 6} ${y + 8} ${r - 6} ${y + 8} ${r} ${y - 3} Q${x} ${y - 8} ${l} ${y - 3} Z`} />
          <path className={classes.saucer} d={bowl} />
        </g>
      );
    case 'URGENT':
      return (
        <g>
          <path className={classes.over} d={`M${l} ${y - 3} C${l + 6} ${y + 8} ${r - 6} ${y + 8} ${r} ${y - 3} Q${x} ${y - 9} ${l} ${y - 3} Z`} />
          <path className={classes.over} d={`M${r + 4} ${y - 5} q4 5.5 0 8 q-4 -2.5 0 -8 Z`} />
          <path className={classes.saucer} d={bowl} />
        </g>
      );
    case 'ON_HOLD':
      return <path className={classes.held} d={bowl} />;
    default:
      return <path className={classes.saucer} d={`M${l} ${y - 1} H${r}`} />;
  }
}

function Sprout({ x, y }: { x: number; y: number }) {
  return (
    <g className={classes.sprout}>
      <path d={`M${x} ${y} V${y - 9}`} />
      <path d={`M${x} ${y - 6} q-7 0 -8 -6 q7 -1 8 6 Z`} />
      <path d={`M${x} ${y - 8} q6 0 7 -6 q-6 -1 -7 6 Z`} />
    </g>
  );
}
