import type { Schemas } from '../api/client';
import { length, litres, say, type Units } from './format';
import { corners, points, round, widthAt, type Outline } from './potShape';
import classes from './Section.module.css';

interface Props {
  section: Schemas['Section'];
  levels: Schemas['Levels'] | null;
  rootShare: number;
  freshLitres: number | null;
  units: Units;
}

const W = 380;
const LEFT = 16;
const RIGHT = 120;
const TOP = 46;
/** The saucer reaches a little beyond the foot. */
const SAUCER = 0.62;
const DRAW_H = 270;

/** What there is to say for someone who cannot see the drawing. */
export function describeSection({ section, levels, rootShare, freshLitres, units }: Props): string {
  const ball = section.ballAfter;
  const parts = [
    `Old pot ${say(length(section.oldPot.topMm, units))} wide and ${say(length(section.oldPot.heightMm, units))} deep.`,
    `Root ball ${say(length(ball.topMm, units))} wide and ${say(length(ball.heightMm, units))} tall after the work.`,
  ];
  if (rootShare > 0) parts.push(`${Math.round(rootShare * 100)} % of the roots comes off.`);
  if (section.newPot && levels) {
    parts.push(
      `New pot ${say(length(section.newPot.topMm, units))} wide and ${say(length(section.newPot.heightMm, units))} deep, ` +
        `base layer ${say(length(levels.baseLayerMm, units))}, rim gap ${say(length(levels.rimGapMm, units))}` +
        (section.coarseLayerMm > 0 ? `, ${say(length(section.coarseLayerMm, units))} of coarse material on the floor` : '') +
        (levels.raiseMm > 0 ? `, raised by ${say(length(levels.raiseMm, units))}` : '') +
        (freshLitres === null ? '.' : `, ${say(litres(freshLitres, units))} of fresh medium.`),
    );
  } else {
    parts.push('No pot will do yet.');
  }
  return parts.join(' ');
}

/** Old and new pot in one cross-section, to one scale, with the numbers on it. */
export function Section(props: Props) {
  const { section, levels, units, freshLitres } = props;
  const pot: Outline = section.newPot ?? section.oldPot;
  const ball = section.ballAfter;
  const widest = Math.max(pot.topMm, section.oldPot.topMm, section.ballBefore.topMm);
  const tallest = Math.max(pot.heightMm, section.oldPot.heightMm);
  const scale = Math.min((W - LEFT - RIGHT) / widest, DRAW_H / tallest);
  const s = (o: Outline): Outline => ({ topMm: o.topMm * scale, baseMm: o.baseMm * scale, heightMm: o.heightMm * scale });
  const centre = LEFT + (widest * scale) / 2;
  const floor = TOP + tallest * scale;
  const H = floor + 34;
  const base = Math.max(0, levels?.baseLayerMm ?? 0) * scale;
  const gap = (levels?.rimGapMm ?? 0) * scale;
  const p = s(pot);
  const fill = p.heightMm - gap;
  const wet = Math.min(fill, section.wetZoneMm * scale);
  const coarse = section.coarseLayerMm * scale;
  const labelX = W - RIGHT + 14;
  const half = (z: number) => widthAt(p, z) / 2;
  const cut = props.rootShare > 0;
  const before = s(section.ballBefore);
  return (
    <svg role="img" aria-label={describeSection(props)} viewBox={`0 0 ${W} ${round(H)}`} className={classes.section}>
      <defs>
        <pattern id="fresh" width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="1.8" cy="2" r="0.9" className={classes.grain} />
          <circle cx="5.4" cy="5.2" r="0.7" className={classes.grain} />
        </pattern>
      </defs>
      {section.newPot && (
        <>
          <polygon className={classes.fresh} points={points(corners(p, centre, floor, 0, fill))} />
          <polygon fill="url(#fresh)" points={points(corners(p, centre, floor, 0, fill))} />
          {coarse > 1 && <polygon className={classes.coarse} points={points(corners(p, centre, floor, 0, coarse))} />}
          {wet > 1 && <polygon className={classes.wet} points={points(corners(p, centre, floor, coarse, wet))} />}
        </>
      )}
      {cut && (
        <polygon className={classes.cut} points={points(corners(before, centre, floor - fill + before.heightMm))} />
      )}
      <polygon
        className={classes.ball}
        points={points(corners(s(ball), centre, floor - (section.newPot ? base : 0)))}
      />
      <Roots ball={s(ball)} centre={centre} floor={floor - (section.newPot ? base : 0)} />
      {section.newPot && (
        <polygon
          className={classes.old}
          points={points(corners(s(section.oldPot), centre, floor - fill + s(section.oldPot).heightMm - gap))}
        />
      )}
      <polyline
        className={classes.wall}
        points={points([
          { x: centre - half(p.heightMm), y: floor - p.heightMm },
          { x: centre - half(0), y: floor },
          { x: centre + half(0), y: floor },
          { x: centre + half(p.heightMm), y: floor - p.heightMm },
        ])}
      />
      <Dimension x1={centre - half(p.heightMm)} x2={centre + half(p.heightMm)} y={TOP - 26} text={say(length(pot.topMm, units))} />
      <Lead y={floor - p.heightMm + gap / 2} from={centre + half(p.heightMm)} x={labelX} name="rim gap" value={levels ? say(length(levels.rimGapMm, units)) : '–'} shift={-8} />
      <Lead y={floor - fill + (fill - base) * 0.3} from={centre + (ball.topMm * scale) / 2 - 6} x={labelX} name="ball" value={say(length(ball.topMm, units))} shift={6} />
      {freshLitres !== null && section.newPot && (
        <Lead y={floor - fill + (fill - base) * 0.64} from={centre + half(fill * 0.5) - 5} x={labelX} name="fresh" value={say(litres(freshLitres, units))} shift={4} />
      )}
      {section.newPot && levels && (
        <Lead y={floor - base / 2} from={centre + half(base / 2) - 4} x={labelX} name="base layer" value={say(length(levels.baseLayerMm, units))} shift={-4} />
      )}
      <path className={classes.saucer} d={`M${round(centre - p.baseMm * SAUCER)} ${round(floor + 6)} Q${round(centre)} ${round(floor + 22)} ${round(centre + p.baseMm * SAUCER)} ${round(floor + 6)}`} />
    </svg>
  );
}

/** A few roots, more of them where the ball is wider: drawn from its own shape. */
function Roots({ ball, centre, floor }: { ball: Outline; centre: number; floor: number }) {
  const strands = [-0.78, -0.5, -0.22, 0.08, 0.36, 0.62, 0.84];
  return (
    <g className={classes.root}>
      {strands.map((at) => {
        const x0 = centre + at * ball.topMm * 0.1;
        const x1 = centre + (at * ball.topMm) / 2.15;
        const x2 = centre + (at * ball.baseMm) / 2.2;
        const top = floor - ball.heightMm;
        return (
          <path
            key={at}
            d={`M${round(x0)} ${round(top + 3)} C${round(x1)} ${round(top + ball.heightMm * 0.25)} ${round(x1)} ${round(top + ball.heightMm * 0.55)} ${round(x2)} ${round(floor - 5 - Math.abs(at) * ball.heightMm * 0.12)}`}
          />
        );
      })}
    </g>
  );
}

function Dimension({ x1, x2, y, text }: { x1: number; x2: number; y: number; text: string }) {
  return (
    <g className={classes.dimension}>
      <path d={`M${round(x1)} ${y - 5} v10 M${round(x2)} ${y - 5} v10 M${round(x1)} ${y} H${round(x2)}`} />
      <text x={round((x1 + x2) / 2)} y={y - 8} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}

function Lead({ y, from, x, name, value, shift }: { y: number; from: number; x: number; name: string; value: string; shift: number }) {
  return (
    <g className={classes.lead}>
      <path d={`M${round(from)} ${round(y)} L${x - 5} ${round(y + shift)}`} />
      <text x={x} y={round(y + shift)}>
        <tspan className={classes.name}>{name}</tspan>
        <tspan x={x} dy="15" className={classes.value}>
          {value}
        </tspan>
      </text>
    </g>
  );
}
