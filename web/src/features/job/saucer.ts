import type { SaucerState } from '../../ui/PotGlyph';

/** The saucer of a planned job: on hold, urgent, due, or in its window. */
export function jobSaucer(job: { status: string; urgency: string; fit: string }): SaucerState {
  if (job.status === 'DONE') return 'IN_AFTERCARE';
  if (job.fit === 'HELD') return 'ON_HOLD';
  if (job.urgency === 'NOW') return 'URGENT';
  return job.urgency === 'SOON' ? 'DUE_NOW' : 'IN_WINDOW';
}
