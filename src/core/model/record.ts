import { z } from 'zod';
import { pressureSchema, TRANSFER_KINDS } from './heat';
import { programSchema } from './program';
import { eventSchema } from './run';
import { idSchema, nameSchema, sha256Schema, timestampSchema } from './primitives';

/** The faults of the trade, each with the causes usually behind it (common practice). */
export const FAULTS = {
  ghost: ['Ghost or halo', 'paper moved, press slid, or lifted hot'],
  blurred: ['Blurred patch', 'too little pressure, loose tape'],
  faded: ['Faded all over', 'too cool, too short, low polyester, moisture'],
  'faded-first-side': ['Faded first side', 'pressed twice'],
  'white-edge': ['White line at an edge', 'no bleed, edge not rolled'],
  'seam-gap': ['White gap or step at a seam', 'bad trim, drift, trapped air'],
  'dark-line': ['Dark line', 'a mark or box left on'],
  specks: ['Coloured specks', 'lint'],
  'tape-patch': ['Tape-shaped white patch', 'tape over ink'],
  backwards: ['Unreadable lettering', 'mirrored twice or never'],
  'upside-down': ['Upside down on the blank', 'no up mark'],
  scorched: ['Brown or yellow', 'too hot or too long'],
  cracked: ['Cracked blank', 'firm pressure, no pad'],
  clipped: ['Picture cut short', 'unprintable margin'],
  vanished: ['Colour vanished', 'pale art on a coloured blank'],
  streaks: ['Streaks', 'wrong media setting'],
  'roller-tracks': ['Roller tracks', 'wet ink, worn rollers'],
  'halves-swapped': ['Halves swapped at the handle', 'each half mirrored where it stood'],
  register: ['Front and back not in register', 'fold or lay-up shifted'],
  rim: ['Film edge or rim visible', 'film larger than the print'],
  peeling: ['Peeling later', 'lint, moisture, corners under-heated'],
  'sleeve-stuck': ['Sleeve stuck or torn', 'too much heat-gun, unwrapped too cold'],
  wrinkles: ['Wrinkles pressed in', 'blank or paper not smoothed'],
  scratched: ['Coating scratched', 'picking at tape'],
  stretched: ['Picture stretched', 'forced into another proportion'],
  'low-resolution': ['Blurry from low resolution', 'too few pixels for the size'],
} as const satisfies Record<string, readonly [label: string, usualCause: string]>;

/** One thing that can go wrong with a pressing. */
export type Fault = keyof typeof FAULTS;
/** Every fault, for schemas and lists. */
export const FAULT_IDS = Object.keys(FAULTS) as [Fault, ...Fault[]];

/** Things in one batch at most that are told of one by one. */
const MAX_ITEMS = 500;

/** How a pressing came out. */
export const outcomeSchema = z.enum(['good', 'usable', 'spoiled']);
/** How a pressing came out. */
export type Outcome = z.infer<typeof outcomeSchema>;

/** How one of several things came out that were pressed alike. */
export const itemOutcomeSchema = z.object({
  /** The name or size it was made for. */
  variant: z.string().max(120),
  outcome: outcomeSchema,
  faults: z.array(z.enum(FAULT_IDS)).max(FAULT_IDS.length),
});

/** Later entries of one record at most (own choice). */
export const MAX_LATER = 100;

/** What was seen later, in wear and wash. */
export const laterSchema = z.object({
  at: timestampSchema,
  text: z.string().trim().min(1).max(1000),
});

/**
 * One pressing as it went: what it was pressed on, by and with, both as identities and as they were
 * called then; the program that was run and what happened; and the result as it was told.
 */
export const recordSchema = z.object({
  id: idSchema,
  jobId: idSchema,
  jobName: nameSchema,
  at: timestampSchema,
  /** Identities are null where an older version wrote names only. */
  blankId: idSchema.nullable(),
  blankName: nameSchema,
  transfer: z.enum(TRANSFER_KINDS).nullable(),
  recipeId: idSchema.nullable(),
  machineId: idSchema.nullable(),
  machineName: nameSchema,
  /** Plate or oven temperature used, °C; null where the machine's program is fixed. */
  temperatureC: z.number().min(0).max(400).nullable(),
  dwellS: z.number().positive().max(7200),
  pressure: pressureSchema.nullable(),
  paperId: idSchema.nullable(),
  paperName: nameSchema,
  printerId: idSchema.nullable(),
  printerName: nameSchema,
  mirroredBy: z.string().max(60),
  outcome: outcomeSchema,
  faults: z.array(z.enum(FAULT_IDS)).max(FAULT_IDS.length),
  note: z.string().max(4000),
  photoSha256: sha256Schema.nullable(),
  /** Those of a batch that came out otherwise than the whole. */
  items: z.array(itemOutcomeSchema).max(MAX_ITEMS),
  /** What was run and what happened; null where it was not run step by step here. */
  program: programSchema.nullable(),
  events: z.array(eventSchema),
  later: z.array(laterSchema).max(MAX_LATER),
});

/** A pressing as it is kept in the log: identities, the frozen program, what happened, what came of it. */
export type PressRecord = z.infer<typeof recordSchema>;
/** What came of one item of a batch. */
export type ItemOutcome = z.infer<typeof itemOutcomeSchema>;
