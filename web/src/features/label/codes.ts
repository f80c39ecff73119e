const OURS = /(?:^|[^0-9A-Z])Q[^0-9A-Z]([PST][0-9A-HJ-NP-X]{26})(?![0-9A-Z])/;

/** The code of one of our labels in what was read, null where it is another's. */
export const codeIn = (text: string): string | null => OURS.exec(text.trim().toUpperCase())?.[1] ?? null;
