import * as z from 'zod/mini';
import { lookSchema } from './look';
import { LONGEST_DWELL_S, pressureSchema, TRANSFER_KINDS } from './heat';
import { programSchema } from './program';
import { eventSchema } from './run';
import { idSchema, nameSchema, sha256Schema, timestampSchema } from '../primitives';
import { numberIn, textTo, listTo, withDefault } from '../schema';

/** The faults of the trade; their names and usual causes in words: `words/faults`. */
export const FAULT_IDS = [
  'ghost',
  'blurred',
  'faded',
  'faded-first-side',
  'white-edge',
  'seam-gap',
  'dark-line',
  'specks',
  'tape-patch',
  'backwards',
  'upside-down',
  'scorched',
  'cracked',
  'clipped',
  'vanished',
  'streaks',
  'roller-tracks',
  'halves-swapped',
  'register',
  'rim',
  'peeling',
  'sleeve-stuck',
  'wrinkles',
  'scratched',
  'stretched',
  'low-resolution',
] as const;

/** One thing that can go wrong with a pressing. */
export type Fault = (typeof FAULT_IDS)[number];

/** What can be behind a fault; told of in `core/log/causes`, in words in `words/causes`. */
export const CAUSE_IDS = [
  'plate-reads-low',
  'not-hot-yet',
  'too-short',
  'set-too-cool',
  'too-hot',
  'too-long',
  'too-little-pressure',
  'moisture',
  'too-much-cotton',
  'no-coating',
  'wrong-side-printed',
  'press-moved',
  'paper-shifted',
  'opened-while-hot',
  'pressed-twice',
  'cover-used-twice',
  'bleed-missing',
  'paper-not-flush',
  'trimmed-off-line',
  'tape-over-ink',
  'lint',
  'mirrored-twice',
  'never-mirrored',
  'pressed-hard-on-bare',
  'heat-shock',
  'outside-printable',
  'pale-on-colour',
  'wrong-media',
  'wet-ink',
  'halves-misread',
  'laid-upside-down',
  'fold-slipped',
  'film-too-large',
  'corners-too-cool',
  'sleeve-overheated',
  'sleeve-gone-cold',
  'not-smoothed',
  'scraped',
  'size-forced',
  'too-few-pixels',
] as const;
/** A cause of faults. */
export type Cause = (typeof CAUSE_IDS)[number];

/** Things in one batch at most that are told of one by one. */
const MAX_ITEMS = 500;

/** How a pressing came out. */
export const outcomeSchema = z.enum(['good', 'usable', 'spoiled']);
/** How a pressing came out. */
export type Outcome = z.infer<typeof outcomeSchema>;

/** How one of several things came out that were pressed alike. */
export const itemOutcomeSchema = z.object({
  /** The name or size it was made for. */
  variant: textTo(120),
  outcome: outcomeSchema,
  faults: listTo(z.enum(FAULT_IDS), FAULT_IDS.length),
});

/** Looks before heat kept with one record at most, the last ones (own choice). */
export const MAX_LOOKS = 20;
/** Later entries of one record at most (own choice). */
export const MAX_LATER = 100;

/** What was seen later, in wear and wash. */
export const laterSchema = z.object({
  at: timestampSchema,
  text: z.string().check(z.trim(), z.minLength(1), z.maxLength(1000)),
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
  blankId: z.nullable(idSchema),
  blankName: nameSchema,
  transfer: z.nullable(z.enum(TRANSFER_KINDS)),
  recipeId: z.nullable(idSchema),
  machineId: z.nullable(idSchema),
  machineName: nameSchema,
  /** Plate or oven temperature used, °C; null where the machine's program is fixed. */
  temperatureC: z.nullable(numberIn(0, 400)),
  dwellS: z.number().check(z.positive(), z.maximum(LONGEST_DWELL_S)),
  pressure: z.nullable(pressureSchema),
  paperId: z.nullable(idSchema),
  paperName: nameSchema,
  printerId: z.nullable(idSchema),
  printerName: nameSchema,
  mirroredBy: textTo(60),
  outcome: outcomeSchema,
  faults: listTo(z.enum(FAULT_IDS), FAULT_IDS.length),
  note: textTo(4000),
  photoSha256: z.nullable(sha256Schema),
  /** Those of a batch that came out otherwise than the whole. */
  items: listTo(itemOutcomeSchema, MAX_ITEMS),
  /** What was run and what happened; null where it was not run step by step here. */
  program: z.nullable(programSchema),
  events: z.array(eventSchema),
  later: listTo(laterSchema, MAX_LATER),
  /** Photos that were held against the plan before it was pressed. */
  looks: withDefault(listTo(lookSchema, MAX_LOOKS), []),
  /** Whether simulated machines pressed it: nothing is learned from that. */
  simulated: withDefault(z.boolean(), false),
  /** Whether it was a test piece, pressed to learn: what goes wrong with it was asked for. */
  test: withDefault(z.boolean(), false),
  /** What the person found to be behind its faults; null where nobody did. */
  cause: withDefault(z.nullable(z.enum(CAUSE_IDS)), null),
});

/** A pressing as it is kept in the log: identities, the frozen program, what happened, what came of it. */
export type PressRecord = z.infer<typeof recordSchema>;
/** What came of one item of a batch. */
export type ItemOutcome = z.infer<typeof itemOutcomeSchema>;
