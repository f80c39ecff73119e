import type { KeyboardCoordinateGetter } from '@dnd-kit/core';
import type { Schemas } from '../../api/client';
import type { Job } from './load';

type Board = Schemas['BoardWeek'];
export type CrewDay = Schemas['CrewDay'];

export const WAITING = 'waiting';

export const cellId = (crewId: string, day: string): string => `${crewId}|${day}`;

export function cellOf(id: string): { crewId: string; day: string } | null {
  const [crewId, day] = id.split('|');
  return crewId && day ? { crewId, day } : null;
}

/** Jobs of a crew on a day, by site in the order of names. */
export function bySite(board: Board, crewId: string, day: string): { siteId: string; siteName: string; trip: number; jobs: Job[] }[] {
  const jobs = board.jobs.filter((j) => j.plannedOn === day && (j.leadId === crewId || j.helperId === crewId));
  const trips = board.days.find((d) => d.crewId === crewId && d.day === day)?.trips ?? [];
  const sites = new Map<string, { siteId: string; siteName: string; trip: number; jobs: Job[] }>();
  for (const job of jobs) {
    const key = job.place === 'BENCH' ? WAITING : job.siteId;
    const name = job.place === 'BENCH' ? 'Workshop' : job.siteName;
    const at = sites.get(key) ?? { siteId: key, siteName: name, trip: trips.find((t) => t.siteName === name)?.minutes ?? 0, jobs: [] };
    at.jobs.push(job);
    sites.set(key, at);
  }
  return [...sites.values()].sort((a, b) => a.siteName.localeCompare(b.siteName));
}

export interface Piece {
  from: number;
  to: number;
  kind: 'way' | 'work';
  id: string;
}

/** A day laid end to end, in minutes: the way to each site, then its jobs. */
export function laid(sites: ReturnType<typeof bySite>, minutesOf: Record<string, number>): { pieces: Piece[]; minutes: number } {
  const pieces: Piece[] = [];
  let at = 0;
  const add = (kind: Piece['kind'], id: string, minutes: number) => {
    if (minutes > 0) pieces.push({ kind, id, from: at, to: at + minutes });
    at += minutes;
  };
  for (const site of sites) {
    add('way', site.siteId, site.trip);
    for (const job of site.jobs) add('work', job.id, minutesOf[job.id] ?? job.minutes);
  }
  return { pieces, minutes: at };
}

const STEP = 8;
const OFF_AXIS = 4;

const DIRECTIONS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** By the arrow keys a job goes from day to day and from crew to crew, not by pixels. */
export const toNextCell: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
  const direction = DIRECTIONS[event.code];
  if (!direction) return undefined;
  event.preventDefault();
  const [dx, dy] = direction;
  const { collisionRect, droppableRects } = context;
  if (!collisionRect) return undefined;
  const x = collisionRect.left + collisionRect.width / 2;
  const y = collisionRect.top + STEP;
  let best: { cost: number; x: number; y: number } | null = null;
  for (const rect of droppableRects.values()) {
    const cx = rect.left + rect.width / 2;
    const cy = rect.top + STEP * 3;
    const along = (cx - x) * dx + (cy - y) * dy;
    const across = Math.abs((cx - x) * dy) + Math.abs((cy - y) * dx);
    if (along < STEP * 2) continue;
    const cost = along + across * OFF_AXIS;
    if (!best || cost < best.cost) best = { cost, x: cx, y: cy };
  }
  return best ? { x: currentCoordinates.x + best.x - x, y: currentCoordinates.y + best.y - y } : undefined;
};
