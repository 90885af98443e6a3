import type { Fault, KeptLook, Outcome, PressRecord, Pressure } from '@/core/model';
import { fahrenheitToC } from '@/core/units';
import type { Came } from './paintPhotos';

type Row = readonly [
  day: number,
  machine: keyof typeof MACHINES,
  degreesF: number | null,
  dwellS: number,
  pressure: Pressure | null,
  outcome: Outcome,
  faults: readonly Fault[],
  note: string,
];

const ATTACHMENT = 'mug-attachment';
const OVEN = 'oven';
const MUG_PRESS = 'mug-press';

/** What each machine is called, and the recipe a mug is pressed by on it. */
const MACHINES = {
  [ATTACHMENT]: ['Press with mug attachment', 'mug-in-attachment'],
  [OVEN]: ['Convection oven', 'mug-in-sleeve'],
  [MUG_PRESS]: ['Automatic mug press', 'mug-in-press'],
} as const;

/** Pressings of last year's star party, made up for the demo. */
const ROWS: readonly Row[] = [
  [1, ATTACHMENT, 360, 150, 'medium', 'spoiled', ['faded'], 'First try, display still climbing.'],
  [1, ATTACHMENT, 380, 180, 'medium', 'usable', ['faded'], 'Better. Blues still dull.'],
  [2, ATTACHMENT, 400, 180, 'medium', 'good', [], 'This is it.'],
  [2, ATTACHMENT, 400, 180, 'medium', 'good', [], ''],
  [2, ATTACHMENT, 400, 180, 'light', 'usable', ['blurred'], 'Base not flush.'],
  [3, ATTACHMENT, 400, 180, 'medium', 'good', [], ''],
  [3, ATTACHMENT, 420, 240, 'medium', 'spoiled', ['scorched'], 'Left it in too long.'],
  [5, OVEN, 400, 900, null, 'good', [], 'Sleeve tight, no folds.'],
  [5, OVEN, 400, 900, null, 'usable', ['ghost'], 'Sleeve slipped at the handle.'],
  [6, OVEN, 400, 900, null, 'good', [], ''],
  [
    6,
    OVEN,
    375,
    900,
    null,
    'spoiled',
    ['faded', 'sleeve-stuck'],
    'Dial said 400; thermometer 375.',
  ],
  [7, OVEN, 400, 900, null, 'good', [], ''],
  [8, MUG_PRESS, null, 420, null, 'good', [], ''],
  [8, MUG_PRESS, null, 420, null, 'good', [], ''],
  [8, MUG_PRESS, null, 360, null, 'usable', ['faded'], 'Stopped a minute early.'],
  [9, MUG_PRESS, null, 420, null, 'spoiled', ['backwards'], 'Mirrored in the dialog as well.'],
];

/** Photos of how some of them came out, by the record they are of. */
export const DEMO_PHOTOS: Readonly<Record<string, Came>> = {
  'demo-record-1': 'faded',
  'demo-record-3': 'good',
  'demo-record-7': 'scorched',
  'demo-record-9': 'ghost',
};

/** What photos of some of them told before heat. */
const LOOKED: Readonly<Record<number, readonly Omit<KeptLook, 'at'>[]>> = {
  5: [{ found: [], remedies: [] }],
  8: [
    { found: ['clipped'], remedies: ['reprint'] },
    { found: [], remedies: [] },
  ],
};

/** What was seen of some of them since: days later, and what. */
const LATER: Readonly<Record<number, readonly (readonly [number, string])[]>> = {
  2: [
    [3, 'An hour in hot water: nothing came off.'],
    [40, 'Washed by hand every day. As bright as new.'],
  ],
  7: [[21, 'Twenty runs in the dishwasher: paler at the rim.']],
};

/** The demo's log, before its photos are painted. */
export const DEMO_RECORDS: readonly PressRecord[] = ROWS.map(
  ([day, machineId, degreesF, dwellS, pressure, outcome, faults, note], i) => ({
    id: `demo-record-${i + 1}`,
    jobId: i % 2 === 0 ? 'demo-last-year' : 'demo-tests',
    jobName: i % 2 === 0 ? 'Last year’s comet mug' : 'Test mug',
    at: new Date(Date.UTC(2026, 8, day, 17, 5 * i)).toISOString(),
    ...{ blankId: 'mug-12oz', blankName: 'Straight mug, 12 oz', transfer: 'sublimation' },
    ...{ machineId, machineName: MACHINES[machineId][0], recipeId: MACHINES[machineId][1] },
    temperatureC: degreesF === null ? null : fahrenheitToC(degreesF),
    dwellS,
    pressure,
    ...{ paperId: 'letter', paperName: 'US letter' },
    ...{ printerId: 'sublimation-inkjet', printerName: 'Sublimation inkjet' },
    mirroredBy: 'file',
    outcome,
    faults: [...faults],
    note,
    photoSha256: null,
    ...{
      items: [],
      program: null,
      events: [],
      later: (LATER[i] ?? []).map(([days, text]) => ({
        at: new Date(Date.UTC(2026, 8, day + days, 9)).toISOString(),
        text,
      })),
      looks: (LOOKED[i] ?? []).map((look, nth) => ({
        at: new Date(Date.UTC(2026, 8, day, 16, 5 * i + nth)).toISOString(),
        ...look,
      })),
      simulated: false,
      cause: null,
      test: false,
    },
  }),
);
