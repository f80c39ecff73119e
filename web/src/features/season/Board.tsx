import { DndContext, DragOverlay, KeyboardSensor, MouseSensor, TouchSensor, pointerWithin, rectIntersection, useDraggable, useDroppable, useSensor, useSensors, type Announcements, type CollisionDetection } from '@dnd-kit/core';
import { IconPinFilled } from '@tabler/icons-react';
import { memo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { addDays, weekday } from '../../ui/format';
import { WAITING, bySite, cellId, cellOf, laid, toNextCell, type CrewDay } from './board';
import { hoursWords, kindWords, type Job } from './load';
import classes from './Board.module.css';

type BoardWeek = Schemas['BoardWeek'];

const DAYS = [0, 1, 2, 3, 4, 5, 6];
const MOST_WAITING = 60;

/** Under the pointer, or by overlap where keys move it. */
const under: CollisionDetection = (args) => {
  const hit = pointerWithin(args);
  return hit.length > 0 ? hit : rectIntersection(args);
};

/** Crews by day: what fills each day, to scale, and jobs that are taken by mouse, finger or key. */
export function Board({ board, mayPlan, chosen, choose, drop }: {
  board: BoardWeek;
  mayPlan: boolean;
  chosen: string | null;
  choose: (id: string) => void;
  drop: (job: Job, to: { crewId: string; day: string } | null) => void;
}) {
  const [held, setHeld] = useState<Job | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: toNextCell }),
  );
  const all = [...board.jobs, ...board.waiting];
  const find = (id: string | number) => all.find((j) => j.id === id) ?? null;
  const most = Math.max(60, ...board.days.map((d) => Math.max(d.minutes, laid(bySite(board, d.crewId, d.day), board.minutesOf).minutes)));
  const open = DAYS.map((i) => addDays(board.first, i)).filter((on) => board.days.some((d) => d.day === on && d.minutes > 0) || board.jobs.some((j) => j.plannedOn === on));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={under}
      accessibility={{ announcements: announce(board, find) }}
      onDragStart={(e) => setHeld(find(e.active.id))}
      onDragCancel={() => setHeld(null)}
      onDragEnd={(e) => {
        setHeld(null);
        const job = find(e.active.id);
        if (!job || !e.over) return;
        const to = cellOf(String(e.over.id));
        if (to ? job.plannedOn !== to.day || job.leadId !== to.crewId : job.plannedOn !== null) drop(job, to);
      }}
    >
      <div className={classes.board}>
        <Waits jobs={board.waiting} mayPlan={mayPlan} chosen={chosen} choose={choose} />
        <div className={classes.grid} style={{ gridTemplateColumns: `repeat(${Math.max(1, open.length)}, minmax(150px, 1fr))` }}>
          {open.map((on) => (
            <h2 key={on} className={classes.day} data-today={on === board.today}>
              {weekday(on)}
            </h2>
          ))}
          {board.crews.map((crew) => (
            <Row key={crew.id} name={crew.name} columns={open.length}>
              {open.map((on) => {
                const at = board.days.find((d) => d.crewId === crew.id && d.day === on);
                return at && <Cell key={on} board={board} at={at} name={crew.name} most={most} mayPlan={mayPlan} chosen={chosen} choose={choose} />;
              })}
            </Row>
          ))}
        </div>
      </div>
      <DragOverlay dropAnimation={null}>{held && <div className={`${classes.card} ${classes.lifted}`}><CardWords job={held} /></div>}</DragOverlay>
    </DndContext>
  );
}

function Row({ name, columns, children }: { name: string; columns: number; children: ReactNode }) {
  return (
    <>
      <h3 className={classes.crew} style={{ gridColumn: `1 / span ${columns}` }}>
        {name}
      </h3>
      {children}
    </>
  );
}

const announce = (board: BoardWeek, find: (id: string | number) => Job | null): Announcements => {
  const name = (id: string | number) => find(id)?.commonName ?? 'The job';
  const place = (id: string | number | undefined) => {
    const to = id === undefined ? null : cellOf(String(id));
    return to ? `${board.crews.find((c) => c.id === to.crewId)?.name ?? ''}, ${weekday(to.day)}` : 'those that wait';
  };
  return {
    onDragStart: ({ active }) => `${name(active.id)} is held. Arrow keys move it from day to day, space puts it down, escape leaves it where it was.`,
    onDragOver: ({ active, over }) => (over ? `${name(active.id)} over ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${name(active.id)} put to ${place(over.id)}; it is checked.` : `${name(active.id)} stays.`),
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
};

function Waits({ jobs, mayPlan, chosen, choose }: { jobs: Job[]; mayPlan: boolean; chosen: string | null; choose: (id: string) => void }) {
  const { setNodeRef, isOver } = useDroppable({ id: WAITING });
  const [shown, setShown] = useState(MOST_WAITING);
  return (
    <section ref={setNodeRef} className={classes.waits} data-over={isOver} aria-labelledby="waits">
      <h2 id="waits">Wait, and could be done this week</h2>
      {jobs.length === 0 && <p>Nothing waits for this week.</p>}
      <ul>
        {jobs.slice(0, shown).map((j) => (
          <li key={j.id}>
            <Card job={j} mayPlan={mayPlan && !j.blocked} chosen={j.id === chosen} choose={choose} />
          </li>
        ))}
      </ul>
      {jobs.length > shown && (
        <button type="button" className={classes.more} onClick={() => setShown(shown + MOST_WAITING)}>
          {jobs.length - shown} more
        </button>
      )}
    </section>
  );
}

function Cell({ board, at, name, most, mayPlan, chosen, choose }: {
  board: BoardWeek;
  at: CrewDay;
  name: string;
  most: number;
  mayPlan: boolean;
  chosen: string | null;
  choose: (id: string) => void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: cellId(at.crewId, at.day), disabled: at.minutes === 0 || at.day < board.today });
  const sites = bySite(board, at.crewId, at.day);
  const day = laid(sites, board.minutesOf);
  const off = at.minutes === 0;
  return (
    <section
      ref={setNodeRef}
      className={classes.cell}
      data-over={isOver}
      data-off={off}
      aria-label={`${name}, ${weekday(at.day)}: ${off ? 'not out' : `${hoursWords(day.minutes)} of ${hoursWords(at.minutes)}`}`}
    >
      {!off && (
        <header>
          <p>
            <span className="measure">{hoursWords(day.minutes)}</span>{' '}
            <small>
              of {hoursWords(at.minutes)}
              {at.people > 1 && ', two people'}
            </small>
            {sites.length > 0 && (
              <>
                {' '}
                <Link to={`/day?crew=${at.crewId}&on=${at.day}`}>its day</Link>
              </>
            )}
            {day.minutes > at.minutes && <b> {hoursWords(day.minutes - at.minutes)} too long</b>}
          </p>
          {at.away.map((a) => (
            <small key={a}>Away: {a}</small>
          ))}
          <Ruler at={at} day={day} most={most} />
        </header>
      )}
      {off && <p className={classes.off}>{at.away.length > 0 ? `Away: ${at.away.join(', ')}` : 'not out'}</p>}
      {sites.map((s) => (
        <div key={s.siteId}>
          <h4>
            {s.siteName} {s.trip > 0 && <span className="measure">{s.trip} min way</span>}
          </h4>
          <ul>
            {s.jobs.map((j) => (
              <li key={j.id}>
                <Card job={j} mayPlan={mayPlan && j.plannedOn !== null && j.plannedOn >= board.today} chosen={j.id === chosen} choose={choose} minutes={board.minutesOf[j.id]} />
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

/** A day as a rule: way and work laid end to end to scale, up to the mark where its hours end. */
function Ruler({ at, day, most }: { at: CrewDay; day: ReturnType<typeof laid>; most: number }) {
  return (
    <svg className={classes.ruler} viewBox={`0 0 ${most} 20`} preserveAspectRatio="none" aria-hidden>
      <rect x={0} y={4} width={at.minutes} height={12} className={classes.glass} />
      {day.pieces.map((p) => (
        <rect
          key={`${p.kind}${p.id}`}
          x={p.from}
          y={p.kind === 'way' ? 7 : 4}
          width={Math.max(1, p.to - p.from - 0.8)}
          height={p.kind === 'way' ? 6 : 12}
          className={p.to > at.minutes ? classes.tooLong : p.kind === 'way' ? classes.way : classes.work}
        />
      ))}
      <rect x={at.minutes - 1} y={0} width={2.4} height={20} className={classes.mark} />
    </svg>
  );
}

const Card = memo(function Card({ job, mayPlan, chosen, choose, minutes }: {
  job: Job;
  mayPlan: boolean;
  chosen: boolean;
  choose: (id: string) => void;
  minutes?: number;
}) {
  const { attributes, listeners, setNodeRef, isDragging } = useDraggable({ id: job.id, disabled: !mayPlan || job.pinned });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      {...attributes}
      aria-pressed={chosen}
      aria-roledescription="job that can be moved"
      className={classes.card}
      data-held={isDragging}
      data-pinned={job.pinned}
      data-late={job.daysLate > 0}
      onClick={() => choose(job.id)}
    >
      <CardWords job={job} minutes={minutes} />
    </button>
  );
});

function CardWords({ job, minutes }: { job: Job; minutes?: number }) {
  return (
    <>
      <strong>
        {job.pinned && <IconPinFilled size={13} aria-label="pinned" />} {job.commonName}
      </strong>
      <span>
        {kindWords(job)} · <span className="measure">{minutes ?? job.minutes} min</span>
        {job.people > 1 && ' · two'}
      </span>
    </>
  );
}

