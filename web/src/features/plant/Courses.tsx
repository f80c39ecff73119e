import type { Schemas } from '../../api/client';
import { day, dayYear, daysBetween, length, say, share, type Units } from '../../ui/format';
import classes from './Courses.module.css';

type Course = Schemas['CourseView'];

const W = 220;
const H = 54;
const MOST_POINTS = 60;

const NAMES: Record<string, { name: string; worse: string }> = {
  WATERING_INTERVAL: { name: 'Days between waterings, at today’s day length', worse: 'closing up' },
  SOAK_IN: { name: 'Seconds to soak in', worse: 'getting slower' },
  RETAINED_SHARE: { name: 'Share of a pour that stays', worse: 'keeping less' },
  HEIGHT: { name: 'Height', worse: '' },
  LEAVES_SHED: { name: 'Leaves shed', worse: 'shedding more' },
  LEAN: { name: 'Lean', worse: 'leaning further' },
};

/** A value of a course as one reads it. */
export function courseValue(code: string, value: number, units: Units): string {
  if (code === 'HEIGHT') return say(length(value, units));
  if (code === 'RETAINED_SHARE') return say(share(value));
  if (code === 'LEAN') return `${Math.round(value)}°`;
  if (code === 'WATERING_INTERVAL') return `${Math.round(value * 10) / 10} d`;
  return `${Math.round(value)}${code === 'SOAK_IN' ? ' s' : ''}`;
}

/** Points of the line in a box: time to the right, value upwards from nought. */
export function courseLine(points: Course['points']): { x: number; y: number }[] {
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) return [];
  const span = Math.max(1, daysBetween(first.date, last.date));
  const most = Math.max(...points.map((p) => p.value), 1e-9);
  return points.map((p) => ({
    x: Math.round((daysBetween(first.date, p.date) / span) * W * 10) / 10,
    y: Math.round((H - (p.value / most) * (H - 6)) * 10) / 10,
  }));
}

/** How measures went from visit to visit: small, one beside the other, each with its first and last value. */
export function Courses({ courses, repotted, units }: { courses: Course[]; repotted: string | null; units: Units }) {
  if (courses.length === 0) return null;
  return (
    <section aria-labelledby="courses">
      <h2 id="courses" className={classes.title}>
        From visit to visit
      </h2>
      <div className={classes.courses}>
        {courses.map((c) => (
          <One key={c.code} course={{ ...c, points: c.points.slice(-MOST_POINTS) }} repotted={repotted} units={units} />
        ))}
      </div>
    </section>
  );
}

function One({ course, repotted, units }: { course: Course; repotted: string | null; units: Units }) {
  const { points, code } = course;
  const first = points[0];
  const last = points[points.length - 1];
  if (!first || !last) return null;
  const words = NAMES[code] ?? { name: code, worse: 'getting worse' };
  const line = courseLine(points);
  const span = Math.max(1, daysBetween(first.date, last.date));
  const cut = repotted && repotted > first.date && repotted < last.date ? (daysBetween(first.date, repotted) / span) * W : null;
  const end = line[line.length - 1];
  const text =
    `${words.name}: ${courseValue(code, first.value, units)} on ${dayYear(first.date)}, ` +
    `${courseValue(code, last.value, units)} on ${dayYear(last.date)}` +
    (course.worsens ? `; ${words.worse} since the last repot.` : '.');
  return (
    <figure className={classes.course} data-worse={course.worsens}>
      <figcaption>
        {words.name}
        {course.worsens && <strong> {words.worse}</strong>}
      </figcaption>
      <svg role="img" aria-label={text} viewBox={`-4 0 ${W + 8} ${H + 4}`}>
        <path className={classes.floor} d={`M0 ${H} H${W}`} />
        {cut !== null && <path className={classes.cut} d={`M${Math.round(cut)} 0 V${H}`} />}
        <polyline className={classes.line} points={line.map((p) => `${p.x},${p.y}`).join(' ')} />
        {end && <circle className={classes.end} cx={end.x} cy={end.y} r={4} />}
      </svg>
      <p className="measure" aria-hidden>
        <span>
          {courseValue(code, first.value, units)} <small>{day(first.date)}</small>
        </span>
        <span>
          <b>{courseValue(code, last.value, units)}</b> <small>{day(last.date)}</small>
        </span>
      </p>
    </figure>
  );
}
