/** The six stations of a job, in order. */
export const STATIONS = ['blank', 'art', 'sheets', 'heat', 'press', 'record'] as const;
/** A station of a job. */
export type Station = (typeof STATIONS)[number];

/** Nothing beyond the finding itself. */
export type Nothing = Readonly<Record<never, never>>;

/** Width × height, mm. */
export interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What is behind a wrap or opposite its middle. */
export type Behind = 'handle' | 'seam';
