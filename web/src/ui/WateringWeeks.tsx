import { day, litres, say, type Units } from './format';
import classes from './WateringWeeks.module.css';

export interface WeekOfWater {
  week: number;
  from: string;
  everyDays: number | null;
  litres: number;
}

interface Props {
  weeks: WeekOfWater[];
  /** Left out where nobody asks for it. */
  before?: number | null;
  settled: number | null;
  units: Units;
}

/** The watering change: days between waterings before, week by week, and settled. */
export function WateringWeeks({ weeks, before, settled, units }: Props) {
  const bars = [
    ...(before == null ? [] : [{ name: 'Before', days: before as number | null, litres: null as number | null }]),
    ...weeks.map((w) => ({ name: day(w.from), days: w.everyDays, litres: w.litres as number | null })),
    ...(settled === null ? [] : [{ name: 'Settled', days: settled as number | null, litres: null as number | null }]),
  ];
  const most = Math.max(1, ...bars.map((b) => b.days ?? 0));
  return (
    <table className={classes.weeks}>
      <caption>Days between waterings</caption>
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col">Water every</th>
          <th scope="col">Each time</th>
        </tr>
      </thead>
      <tbody>
        {bars.map((b) => (
          <tr key={b.name} data-edge={b.litres === null}>
            <th scope="row">{b.name}</th>
            <td>
              <span className={classes.bar} aria-hidden style={{ width: `${((b.days ?? 0) / most) * 62}%` }} />
              <span className="measure">{b.days === null ? 'keep dry' : `${Math.round(b.days)} days`}</span>
            </td>
            <td className="measure">{b.litres ? say(litres(b.litres, units)) : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
