import type { Schemas } from '../../api/client';
import { day, daysBetween } from '../../ui/format';
import classes from './WateringTrend.module.css';

interface Props {
  waterings: Schemas['WateringView'][];
  repotted: string | null;
}

const W = 640;
const H = 96;

/** Days between the last waterings, oldest first: short bars creeping shorter tell of roots. */
export function intervals(waterings: { wateredOn: string }[]): { on: string; days: number }[] {
  const dates = [...new Set(waterings.map((w) => w.wateredOn))].sort();
  return dates.slice(1).map((on, i) => ({ on, days: daysBetween(dates[i] ?? on, on) }));
}

export function WateringTrend({ waterings, repotted }: Props) {
  const all = intervals(waterings).slice(-40);
  if (all.length < 3) return null;
  const most = Math.max(...all.map((i) => i.days));
  const step = W / all.length;
  const first = all[0];
  const last = all[all.length - 1];
  const text = `Days between the last ${all.length} waterings: from ${first?.days} in ${day(first?.on ?? '')} to ${last?.days} now, at most ${most}.`;
  const repotAt = repotted && first && repotted > first.on ? all.findIndex((i) => i.on > repotted) : -1;
  return (
    <section className={classes.trend}>
      <h2>Days between waterings</h2>
      <svg role="img" aria-label={text} viewBox={`0 0 ${W} ${H + 2}`} preserveAspectRatio="none">
        {all.map((i, n) => (
          <rect
            key={i.on}
            x={n * step + 1}
            width={Math.max(2, step - 3)}
            y={H - (i.days / most) * (H - 18)}
            height={(i.days / most) * (H - 18)}
          />
        ))}
        {repotAt >= 0 && <path className={classes.mark} d={`M${repotAt * step} 4 V${H}`} />}
        <path className={classes.floor} d={`M0 ${H} H${W}`} />
      </svg>
      <p className={`${classes.ends} measure`} aria-hidden>
        <span>{first && day(first.on)}</span>
        {repotAt >= 0 && repotted && <span className={classes.repotted}>repotted {day(repotted)}</span>}
        <span>{last && `${day(last.on)}: ${last.days} days`}</span>
      </p>
    </section>
  );
}
