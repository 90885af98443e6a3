/** How far a long task is: words for the person, share 0–1. */
export interface Progress {
  readonly doing: string;
  readonly share: number;
}

export type OnProgress = (progress: Progress) => void;
