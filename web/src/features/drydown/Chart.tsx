import { useMediaQuery } from '@mantine/hooks';
import type { Schemas } from '../../api/client';
import { day } from '../../ui/format';
import { DESK, PHONE, course, curveWords, daysBetween, scales, water, type Curve } from './curves';
import classes from './DryDown.module.css';

interface Props {
  title: string;
  curve: Curve;
  seen: Schemas['DrySeen'][];
  /** Wet or dry in the hand: no number, so it stands at the edge. */
  felt: Schemas['FeltWet'][];
  refillLeft: number;
  /** Days of wet fresh medium that its kind stands; null where there is none to speak of. */
  ringStands: number | null;
}

const GAP = 14;

/** Water of ball, fresh medium and top from day to day, with what was found on it. */
export function Chart({ title, curve, seen, felt, refillLeft, ringStands }: Props) {
  const last = curve.points[curve.points.length - 1]?.day ?? 1;
  const to = Math.max(last, ...seen.map((s) => s.daysToday * 1.05));
  const probed = felt.filter((f) => f.daysToday <= to);
  const frame = useMediaQuery('(max-width: 48em)') ? PHONE : DESK;
  const at = scales(to, frame);
  const { x, y } = at;
  const words = `${curveWords(title, curve)}${seen.length > 0 ? `; ${seen.length} of its own waterings and weights are marked, each after as many days as it would have taken by today’s light` : ''}${probed.length > 0 ? `; felt ${probed.filter((f) => f.wet).length} times wet, ${probed.filter((f) => !f.wet).length} times dry` : ''}.`;
  const floor = frame.height - frame.bottom;
  const from = curve.daysToRefillFrom;
  const until = curve.daysToRefillTo;
  const ring = curve.daysRingWet ?? 0;
  return (
    <figure className={classes.figure}>
      <figcaption>{title}</figcaption>
      <svg viewBox={`0 0 ${frame.width} ${frame.height}`} className={classes.chart} role="img" aria-label={words}>
        <defs>
          <pattern id="airless" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="6" className={classes.hatch} />
          </pattern>
        </defs>
        {y.ticks(4).map((t) => (
          <g key={t}>
            <line x1={frame.left} x2={frame.width - frame.right} y1={y(t)} y2={y(t)} className={classes.grid} />
            <text x={frame.left - 6} y={y(t) + 4} textAnchor="end" className={classes.tick}>
              {Math.round(t * 100)} %
            </text>
          </g>
        ))}
        {x.ticks(frame === PHONE ? 5 : 8).map((t) => (
          <text key={t} x={x(t)} y={floor + 15} textAnchor="middle" className={classes.tick}>
            {t}
          </text>
        ))}
        <text x={frame.width - frame.right} y={frame.height - 4} textAnchor="end" className={classes.tick}>
          {seen.length + probed.length > 0 ? 'days since watering, by today’s light' : 'days since watering'}
        </text>
        {from !== null && until !== null && <rect x={x(from)} width={Math.max(2, x(Math.min(until, to)) - x(Math.min(from, to)))} y={frame.top} height={floor - frame.top} className={classes.range} />}
        {(curve.daysAirless ?? 0) > 0.05 && <rect x={x(0)} width={x(Math.min(to, curve.daysAirless ?? 0)) - x(0)} y={frame.top} height={floor - frame.top} fill="url(#airless)" />}
        <path d={water(curve, at)} className={classes.water} />
        <line x1={frame.left} x2={frame.width - frame.right} y1={y(refillLeft)} y2={y(refillLeft)} className={classes.refill} />
        <path d={course(curve, 'top', at)} className={classes.top} />
        <path d={course(curve, 'ring', at)} className={classes.ring} />
        <path d={course(curve, 'ball', at)} className={classes.core} />
        {ring > 0 && ringStands !== null && (
          <g>
            <line x1={x(0)} x2={x(Math.min(to, ring))} y1={floor - GAP / 2} y2={floor - GAP / 2} className={classes.wetRing} data-over={ring > ringStands} />
            {ringStands < to && <line x1={x(ringStands)} x2={x(ringStands)} y1={floor - GAP} y2={floor} className={classes.stands} />}
          </g>
        )}
        {seen.map((s) => (
          <circle key={`${s.from}${s.on}`} cx={x(s.daysToday)} cy={y(s.left)} r={5} className={s.from === 'WEIGHED' ? classes.weighed : classes.poured}>
            <title>{`${s.from === 'WEIGHED' ? 'Weighed' : 'Watered'} on ${day(s.on)}, ${daysBetween(s)} after the last: ${Math.round(s.left * 100)} % left`}</title>
          </circle>
        ))}
        {probed.map((f) => (
          <rect key={f.on + String(f.wet)} x={x(f.daysToday) - 5} y={f.wet ? frame.top + 1 : floor - 11} width={10} height={10} className={f.wet ? classes.feltWet : classes.feltDry}>
            <title>{`Felt ${f.wet ? 'wet' : 'dry'} on ${day(f.on)}, ${daysBetween(f)} after water`}</title>
          </rect>
        ))}
        <text x={frame.width - frame.right} y={y(refillLeft) - 5} textAnchor="end" className={classes.mark}>
          wants water
        </text>
      </svg>
      <ul className={classes.key} aria-label="How to read the drawing">
        <li><i data-of="ball" /> old ball</li>
        {curve.points.some((p) => p.ring !== null) && <li><i data-of="ring" /> fresh medium</li>}
        <li><i data-of="top" /> top 25 mm</li>
        <li><i data-of="range" /> its range</li>
        {(curve.daysAirless ?? 0) > 0.05 && <li><i data-of="airless" /> hardly any air</li>}
        {ring > 0 && ringStands !== null && <li><i data-of="wet" /> fresh medium wet, and what its kind stands</li>}
        {probed.length > 0 && <li><i data-of="felt" /> felt wet (above) or dry (below)</li>}
        {seen.some((s) => s.from === 'WATERED') && <li><i data-of="poured" /> found at a watering</li>}
        {seen.some((s) => s.from === 'WEIGHED') && <li><i data-of="weighed" /> by the scales</li>}
      </ul>
    </figure>
  );
}
