/** What is asked for, as an address. */
export function query(asked: { from: string; to: string; crewId: string | null; jobs: string[] | null; reuse: boolean }): string {
  const all = new URLSearchParams({ from: asked.from, to: asked.to, reuse: String(asked.reuse) });
  if (asked.crewId) all.set('crewId', asked.crewId);
  for (const job of asked.jobs ?? []) all.append('jobs', job);
  return all.toString();
}

const QUARTERS = ['', '¼', '½', '¾'];

/** "1 bucket, 3½ scoops": what a hand measures out. */
export function measured(litres: number, scoop: number, bucket: number): string {
  const buckets = Math.floor((litres + 1e-9) / bucket);
  const quarters = Math.round(((litres - buckets * bucket) / scoop) * 4);
  const scoops = `${Math.floor(quarters / 4) || (quarters % 4 ? '' : 0)}${QUARTERS[quarters % 4] ?? ''}`;
  const parts = [];
  if (buckets > 0) parts.push(buckets === 1 ? '1 bucket' : `${buckets} buckets`);
  if (quarters > 0 || parts.length === 0) parts.push(quarters <= 4 && quarters > 0 ? `${scoops} scoop` : `${scoops} scoops`);
  return parts.join(', ');
}

export const money = (cents: number, currency: string): string => new Intl.NumberFormat(navigator.language, { style: 'currency', currency }).format(cents / 100);
