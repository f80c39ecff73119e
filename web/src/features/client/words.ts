export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

const USES: Record<string, string> = {
  PRIVATE: 'Private rooms',
  PUBLIC: 'The public comes past',
  CHILDREN: 'Children come past',
};

/** Who comes past a site. */
export const passingWords = (code: string): string => USES[code] ?? code;
