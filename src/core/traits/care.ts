/** What to tell the person who gets it. */
export const CARE = [
  'cup-by-hand',
  'cup-no-scouring',
  'food-as-maker-says',
  'hard-wipe-clean',
  'hard-out-of-sun',
  'dyed-wash-warm',
  'dyed-dry-low',
  'film-wait-a-day',
  'film-wash-inside-out',
  'film-dry-hanging',
] as const;
/** One piece of advice for who gets the finished thing. */
export type CareCode = (typeof CARE)[number];
