import { scaleLinear } from 'd3-scale';
import type { Schemas } from '../../api/client';
import page from '../../ui/Page.module.css';
import { day, litres, say } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './DryDown.module.css';

type Lesson = Schemas['DryLesson'];

const WORDS: Record<string, string> = { TABLE: 'By its leaves and its pot', WATERED: 'Watered', WEIGHED: 'Weighed' };
const BAR = { width: 260, height: 22 };

/** So many lessons are shown: the first, and the newest. */
const SHOWN = 9;

const percent = (share: number) => Math.round(share * 100);

/** What it knew at first, what each watering taught it, and what would help most. */
export function Learning({ lessons, next, seen }: { lessons: Lesson[]; next: number; seen: number }) {
  const { units } = useReader();
  const first = lessons[0];
  const last = lessons[lessons.length - 1];
  if (!first || !last) return null;
  const shown = lessons.length <= SHOWN ? lessons : [first, ...lessons.slice(-(SHOWN - 1))];
  const most = Math.max(...lessons.map((l) => Math.max(l.knows * (1 + l.uncertainty), Math.min(l.litresPerDay, l.knows * 3))));
  const x = scaleLinear([0, most], [2, BAR.width - 2]);
  const known = lessons.length - 1;
  return (
    <section className={classes.learning} aria-labelledby="learning">
      <h2 id="learning">What it knows of this plant</h2>
      <p>
        {known === 0
          ? `Nobody has measured it: about ${say(litres(last.knows, units))} a day, ${percent(last.uncertainty)} % up or down.`
          : `From ${known === 1 ? 'one measurement' : `${known} measurements`}: ${say(litres(last.knows, units))} on a day of twelve hours, ${percent(last.uncertainty)} % up or down.`}{' '}
        {help(last, next, seen)}
      </p>
      <div className={page.scroll}>
      <table className={classes.lessons}>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">It said, a day</th>
            <th scope="col">What is made of it, with its range</th>
            <th scope="col">Up or down</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((l, i) => (
            <tr key={`${l.from}${l.on ?? ''}${i}`} data-doubted={!l.believed}>
              <th scope="row">
                {WORDS[l.from] ?? l.from} {l.on && <span className="measure">{day(l.on)}</span>}
              </th>
              <td className="measure">
                {say(litres(l.litresPerDay, units))}
                {!l.believed && <small>doubted: no such plant drinks that</small>}
              </td>
              <td>
                <svg viewBox={`0 0 ${BAR.width} ${BAR.height}`} role="img" aria-label={`${say(litres(l.knows, units))}, ${percent(l.uncertainty)} % up or down`}>
                  <line x1={x(0)} x2={x(most)} y1={BAR.height - 3} y2={BAR.height - 3} className={classes.grid} />
                  <line x1={x(l.knows * (1 - l.uncertainty))} x2={x(l.knows * (1 + l.uncertainty))} y1={BAR.height / 2} y2={BAR.height / 2} className={classes.span} />
                  <circle cx={x(l.knows)} cy={BAR.height / 2} r={5} className={classes.here} />
                  {l.from !== 'TABLE' && <line x1={x(Math.min(l.litresPerDay, most))} x2={x(Math.min(l.litresPerDay, most))} y1={3} y2={BAR.height - 3} className={classes.said} />}
                </svg>
              </td>
              <td className="measure">{percent(l.uncertainty)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
      </div>
    </section>
  );
}

/** The single measurement that would narrow it most. */
function help(last: Lesson, next: number, seen: number): string {
  if (last.uncertainty - next < 0.01) return 'One more watering would hardly tell it more.';
  return seen === 0
    ? `Note the litres of its next watering, or weigh it twice between two: one of them brings that to about ${percent(next)} %.`
    : `One more measured watering brings that to about ${percent(next)} %.`;
}
