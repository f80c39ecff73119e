import { useId } from 'react';
import type { Schemas } from '../api/client';
import { CutHandles, type Cuts } from './CutHandles';
import { length, litres, say, type Units } from './format';
import { corners, points, round, widthAt, type Outline } from './potShape';
import { across, describe, drawn, frame, spread, times, wallPoints, type Drawn, type Frame, type Label } from './sectionShape';
import classes from './Section.module.css';

interface Props {
  section: Schemas['Section'];
  /** A pot in place of the one the plan has chosen. */
  candidate?: Schemas['Candidate'] | null;
  rootShare?: number;
  units: Units;
  /** Where the cuts are to be moved on the drawing itself. */
  cuts?: Cuts;
}

const W = 380;
const LEFT = 14;
const RIGHT = 122;
const TOP = 40;
const DRAW_H = 270;
const LABEL_GAP = 31;
/** The saucer reaches a little beyond the foot. */
const SAUCER = 0.62;

/** A pot and its ball in one cross-section, to scale, with the numbers on it. */
export function Section({ section, candidate = null, rootShare = 0, units, cuts }: Props) {
  const id = useId();
  const d = drawn(section, rootShare, candidate);
  const f = frame(d, LEFT, TOP, W - LEFT - RIGHT, DRAW_H);
  const h = d.stand;
  const y = (z: number) => f.floor - z * f.scale;
  const s = (o: Outline): Outline => ({ topMm: o.topMm * f.scale, baseMm: o.baseMm * f.scale, heightMm: o.heightMm * f.scale });
  const body = (o: Outline, bottom: number, from = 0, to = o.heightMm) =>
    points(corners(s(o), f.centre, y(bottom), from * f.scale, to * f.scale));
  const labels = spread(labelsOf(d, f, units), LABEL_GAP, TOP - 6);
  const H = Math.max(f.bottom + 26, (labels[labels.length - 1]?.at ?? 0) + 26);
  const wet = Math.min(h.fillMm, d.wetZoneMm);
  const saucer = Math.min(d.walls.baseMm * f.scale * SAUCER, (W - LEFT - RIGHT) / 2);
  const worked = d.rootShare > 0 || d.before.heightMm - d.after.heightMm > 1 || d.before.topMm - d.after.topMm > 1;
  return (
    <svg
      viewBox={`0 0 ${W} ${round(H)}`}
      className={classes.section}
      {...(cuts ? { role: 'group', 'aria-label': describe(d, units) } : { role: 'img', 'aria-label': describe(d, units) })}
    >
      <defs>
        <pattern id={`${id}g`} width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="1.8" cy="2" r="0.9" className={classes.grain} />
          <circle cx="5.4" cy="5.2" r="0.7" className={classes.grain} />
        </pattern>
        <pattern id={`${id}c`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" className={classes.hatch} />
        </pattern>
      </defs>
      <g data-part="medium">
        <polygon className={d.isNew ? classes.fresh : classes.ball} points={body(d.walls, 0, 0, h.fillMm)} />
        {d.isNew && <polygon fill={`url(#${id}g)`} points={body(d.walls, 0, 0, h.fillMm)} />}
        {d.coarseLayerMm > 1 && <polygon className={classes.coarse} points={body(d.walls, 0, 0, d.coarseLayerMm)} />}
      </g>
      {worked && (
        <g data-part="cut">
          <polygon fill={`url(#${id}c)`} points={body(d.before, h.beforeBottomMm)} />
          <polygon className={classes.cut} points={body(d.before, h.beforeBottomMm)} />
        </g>
      )}
      <polygon className={classes.ball} data-part="ball" points={body(d.after, h.bottomMm, 0, h.soilMm)} />
      {h.soilMm < d.after.heightMm && <polygon className={classes.bared} data-part="bared" points={body(d.after, h.bottomMm, h.soilMm, d.after.heightMm)} />}
      <Roots ball={s(d.after)} centre={f.centre} floor={y(h.bottomMm)} />
      {wet > 1 && <polygon className={classes.wet} data-part="wet" points={body(d.walls, 0, d.coarseLayerMm, wet)} />}
      {d.collarMm !== null && (
        <rect
          className={classes.collar}
          data-part="collar"
          x={round(f.centre - (d.walls.topMm * f.scale) / 4)}
          y={round(y(h.fillMm + d.collarMm))}
          width={round((d.walls.topMm * f.scale) / 2)}
          height={round(Math.max(2.5, d.collarMm * f.scale))}
        />
      )}
      {d.oldPot && h.oldFloorMm !== null && <polygon className={classes.old} data-part="old" points={body(d.oldPot, h.oldFloorMm)} />}
      {d.wires !== null && <Wires d={d} f={f} top={h.topMm} />}
      <polyline className={classes.wall} data-part="wall" points={points(wallPoints(d.walls, f))} />
      {d.isNew && (
        <line
          className={classes.level}
          x1={round(f.centre - (widthAt(d.walls, h.fillMm) / 2) * f.scale)}
          x2={round(f.centre + (widthAt(d.walls, h.fillMm) / 2) * f.scale)}
          y1={round(y(h.fillMm))}
          y2={round(y(h.fillMm))}
        />
      )}
      <Dimension d={d} f={f} text={across(d.walls, units)} />
      {labels.map(({ key, ...l }) => (
        <Lead key={key} {...l} left={W - RIGHT + 12} />
      ))}
      <path
        className={classes.saucer}
        d={`M${round(f.centre - saucer)} ${round(f.floor + 6)} Q${round(f.centre)} ${round(f.floor + 20)} ${round(f.centre + saucer)} ${round(f.floor + 6)}`}
      />
      {cuts && <CutHandles cuts={cuts} d={d} f={f} units={units} />}
    </svg>
  );
}

/** What is labelled, each at a place on the right of what it names. */
function labelsOf(d: Drawn, f: Frame, units: Units): Label[] {
  const h = d.stand;
  const y = (z: number) => f.floor - z * f.scale;
  const wall = (z: number) => f.centre + (widthAt(d.walls, Math.max(0, z)) / 2) * f.scale;
  const mm = (n: number) => say(length(n, units));
  const rim = d.walls.heightMm - h.fillMm;
  const labels: Label[] = [
    { key: 'rim', name: 'rim gap', value: mm(rim), x: wall(h.fillMm), y: y(h.fillMm + rim / 2) },
    {
      key: 'ball',
      name: 'ball',
      value: times(d.after.topMm, d.after.heightMm, units),
      x: f.centre + (widthAt(d.after, h.soilMm * 0.8) / 2) * f.scale - 5,
      y: y(h.bottomMm + h.soilMm * 0.8),
    },
  ];
  if (d.raiseMm > 0) {
    labels.push({ key: 'raise', name: 'base shown', value: mm(d.raiseMm), x: f.centre + (d.after.topMm / 2) * f.scale - 4, y: y(h.topMm) });
  }
  if (d.collarMm !== null) {
    labels.push({ key: 'collar', name: 'grit collar', value: mm(d.collarMm), x: f.centre + (d.walls.topMm / 4) * f.scale, y: y(h.fillMm + d.collarMm / 2) });
  }
  if (d.freshLitres !== null) {
    labels.push({ key: 'fresh', name: 'fresh', value: say(litres(d.freshLitres, units)), x: wall(h.fillMm * 0.5) - 4, y: y(h.fillMm * 0.5) });
  }
  if (d.wetZoneMm > 1) {
    const wet = Math.min(h.fillMm, d.wetZoneMm);
    labels.push({ key: 'wet', name: 'wet below', value: mm(d.wetZoneMm), x: wall(wet) - 3, y: y(wet) });
  }
  if (d.isNew) {
    labels.push({ key: 'base', name: 'base layer', value: mm(h.bottomMm), x: wall(h.bottomMm / 2) - 3, y: y(h.bottomMm / 2) });
  }
  if (d.coarseLayerMm > 1) {
    labels.push({ key: 'coarse', name: 'coarse layer', value: mm(d.coarseLayerMm), x: wall(d.coarseLayerMm / 3) - 3, y: y(d.coarseLayerMm / 3) });
  }
  return labels;
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

/** Up through the holes, along the ball and twisted over it. */
function Wires({ d, f, top }: { d: Drawn; f: Frame; top: number }) {
  const at = d.walls.baseMm * 0.3 * f.scale;
  const y = f.floor - top * f.scale;
  return (
    <g className={classes.wire} data-part="wires">
      {[-1, 1].map((side) => (
        <path
          key={side}
          d={`M${round(f.centre + side * at * 0.4)} ${round(f.floor + 4)} H${round(f.centre + side * at)} V${round(y - 2)} L${round(f.centre + side * 3)} ${round(y - 7)}`}
        />
      ))}
    </g>
  );
}

function Dimension({ d, f, text }: { d: Drawn; f: Frame; text: string }) {
  const half = (d.walls.topMm / 2) * f.scale;
  const y = round(f.top - (d.walls.mouthMm === null ? 12 : 22));
  return (
    <g className={classes.dimension}>
      <path d={`M${round(f.centre - half)} ${y - 4} v8 M${round(f.centre + half)} ${y - 4} v8 M${round(f.centre - half)} ${y} H${round(f.centre + half)}`} />
      <text x={round(f.centre)} y={y - 7} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}

function Lead({ name, value, x, y, at, left }: { name: string; value: string; x: number; y: number; at: number; left: number }) {
  return (
    <g className={classes.lead}>
      <path d={`M${round(x)} ${round(y)} L${left - 4} ${round(at + 2)}`} />
      <text x={left} y={round(at)}>
        <tspan className={classes.name}>{name}</tspan>
        <tspan x={left} dy="14" className={classes.value}>
          {value}
        </tspan>
      </text>
    </g>
  );
}
