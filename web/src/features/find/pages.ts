export interface Page {
  kind: 'PAGE';
  id: string;
  title: string;
  detail: string;
}

const PAGES: Page[] = [
  { kind: 'PAGE', id: '/', title: 'Round', detail: 'what is due today, stop by stop' },
  { kind: 'PAGE', id: '/plants', title: 'Plants', detail: 'all plants in care' },
  { kind: 'PAGE', id: '/plants?order=pressing', title: 'What presses', detail: 'all plants, most pressing first' },
  { kind: 'PAGE', id: '/jobs', title: 'Jobs', detail: 'repots by week' },
  { kind: 'PAGE', id: '/clients', title: 'Clients and sites', detail: 'where plants stand' },
  { kind: 'PAGE', id: '/species', title: 'Species book', detail: 'what each kind needs, and why' },
  { kind: 'PAGE', id: '/method', title: 'Method', detail: 'where good practitioners differ' },
];

/** Pages by a word of their title; all of them while nothing is asked. */
export function findPages(text: string): Page[] {
  const word = text.toLowerCase();
  return PAGES.filter((p) => p.title.toLowerCase().includes(word));
}

/** Where something that was found is opened. */
export function target(found: { kind: string; id: string }): string {
  switch (found.kind) {
    case 'PLANT':
      return `/plants/${found.id}`;
    case 'SITE':
      return `/sites/${found.id}`;
    case 'SPECIES':
      return `/species/${encodeURIComponent(found.id)}`;
    default:
      return found.id;
  }
}
