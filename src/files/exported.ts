/** What is written for people and machines to use, not to be read back here, and the version of its shape. */
const EXPORTED = { sheets: 1, drawing: 1, log: 1, shopping: 1 } as const;

/** What an exported file says of itself, e.g. `lucky-sheet-drawing, version 1`. */
export const exportedAs = (kind: keyof typeof EXPORTED): string =>
  `lucky-sheet-${kind}, version ${EXPORTED[kind]}`;

/** The same where only a file's name can say it, e.g. `lucky-sheet-log-v1`. */
export const exportedName = (kind: keyof typeof EXPORTED): string =>
  `lucky-sheet-${kind}-v${EXPORTED[kind]}`;
