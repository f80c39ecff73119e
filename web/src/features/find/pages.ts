export interface Page {
  kind: 'PAGE';
  id: string;
  title: string;
  detail: string;
}

/** Pages by a word of their title; all of them while nothing is asked. */
export function pagesBy(pages: Page[], text: string): Page[] {
  const word = text.toLowerCase();
  return pages.filter((p) => p.title.toLowerCase().includes(word));
}

/** Where something that was found is opened. */
export function target(found: { kind: string; id: string }): string {
  switch (found.kind) {
    case 'PLANT':
      return `/plants/${found.id}`;
    case 'SPOT':
      return `/plants?spot=${found.id}`;
    case 'POT':
      return `/shelf/${found.id}`;
    case 'SITE':
      return `/sites/${found.id}`;
    case 'SPECIES':
      return `/species/${encodeURIComponent(found.id)}`;
    default:
      return found.id;
  }
}
