import * as z from 'zod/mini';
import { programSchema } from './program';
import { lookSchema } from './look';
import { idSchema, nameSchema, timestampSchema } from '../primitives';
import { FAULT_IDS, outcomeSchema } from './record';
import { machineSchema } from './shelf';
import { numberIn, wholeIn, textTo, listTo, withDefault } from '../schema';

/** Things of one evening at most: more are no evening but a week (own choice). */
export const MOST_THINGS = 120;
/** Breaks wished in one evening at most (own choice). */
export const MOST_BREAKS = 6;
/** So many wishes of what comes before what at most; the earliest is forgotten (own choice). */
export const MOST_BEFORE = 40;
/** People at one bench at most. */
export const MOST_PEOPLE = 2;

const MAX_STEPS = 4000;
const MAX_EVENTS = 20_000;
const countSchema = wholeIn(0, MAX_STEPS);
const secondsSchema = numberIn(0, 48 * 3600);
/** A time on the wall, minutes after midnight. */
const wallSchema = wholeIn(0, 24 * 60 - 1);

/** Which thing is meant: which copy of which row of which job. */
export const thingIdSchema = z.object({
  jobId: idSchema,
  itemId: idSchema,
  copy: wholeIn(0, 10_000),
});

/** Which thing is to go into its machine before which other. */
const beforeSchema = withDefault(listTo(z.tuple([thingIdSchema, thingIdSchema]), MOST_BEFORE), []);

/** What an evening is wished to be. */
export const eveningWishSchema = z.object({
  people: wholeIn(1, MOST_PEOPLE),
  /** How many things stand free in an oven at once. */
  standing: wholeIn(1, 24),
  /** What is to come first; null leaves it to the plan. */
  first: z.nullable(thingIdSchema),
  /** What is to go into its machine before what. */
  before: beforeSchema,
  /** When it begins, and by when it is wished to end. */
  beginsAt: wallSchema,
  endsBy: z.nullable(wallSchema),
  breaks: listTo(z.object({ at: wallSchema, lastsMin: wholeIn(1, 240) }), MOST_BREAKS),
});

/** Where in the evening something stands: which piece of the plan, which of its blocks, which step of that. */
const placeSchema = z.object({ piece: countSchema, block: countSchema, step: countSchema });

/** What happened in an evening, at a moment. */
export const eveningEventSchema = z.discriminatedUnion('kind', [
  /** A step was begun (its clock started), done, or passed over. */
  z.object({
    ...{ kind: z.enum(['begun', 'ended', 'skipped']), at: timestampSchema },
    ...{ person: wholeIn(0, MOST_PEOPLE), ...placeSchema.shape },
  }),
  /** A machine was set to a heat; null where it has one only. */
  z.object({
    ...{ kind: z.literal('set'), at: timestampSchema, person: wholeIn(0, MOST_PEOPLE) },
    ...{ machineId: idSchema, heatC: z.nullable(numberIn(0, 400)) },
  }),
  /** What a machine's display said, °C. */
  z.object({
    ...{ kind: z.literal('reads'), at: timestampSchema },
    ...{ machineId: idSchema, c: numberIn(-20, 400) },
  }),
  /** A machine is as hot as it was set, or cold, whatever was thought: its lamp or its owner says so. */
  z.object({ kind: z.literal('ready'), at: timestampSchema, machineId: idSchema }),
  /** Somebody goes away so many seconds from now, for so long. */
  z.object({
    ...{ kind: z.literal('away'), at: timestampSchema, person: wholeIn(0, MOST_PEOPLE) },
    ...{ inS: secondsSchema, lastsS: secondsSchema },
  }),
  /** Somebody is back sooner. */
  z.object({
    ...{ kind: z.literal('back'), at: timestampSchema, person: wholeIn(0, MOST_PEOPLE) },
  }),
  /** A piece is not pressed this evening after all; or has rested enough, whatever was thought. */
  z.object({ kind: z.enum(['dropped', 'rested']), at: timestampSchema, piece: countSchema }),
  /** A photo of a job's print was held against its plan: what was found, and which remedies were gone for. */
  z.object({
    ...{ kind: z.literal('looked'), jobId: idSchema, ...lookSchema.shape },
  }),
]);

/** One thing of an evening under way; what is pressed alike shares its program. */
const eveningThingSchema = z.object({
  ...thingIdSchema.shape,
  /** The job and the row as they were called when it began. */
  jobName: nameSchema,
  called: textTo(200),
  program: wholeIn(0, MOST_THINGS),
  /** Things put in together are planned in loads of their own. */
  batch: wholeIn(0, MOST_THINGS),
});

/** A clock that is not the wall's: it stood at one moment when the wall's stood at another, and goes so many times as fast. */
const simulatedSchema = z.object({
  speed: numberIn(0, 600),
  wallAt: timestampSchema,
  at: timestampSchema,
});

/** An evening being pressed: programs and machines as they were when it began, the order of work, and what happened. */
export const eveningRunSchema = z.object({
  startedAt: timestampSchema,
  programs: listTo(programSchema, MOST_THINGS),
  things: listTo(eveningThingSchema, MOST_THINGS),
  machines: listTo(machineSchema, 100),
  people: wholeIn(1, MOST_PEOPLE),
  standing: wholeIn(1, 24),
  before: beforeSchema,
  /**
   * In what order work is given its time; `sets` sets the machine for a block ahead of it, `putOff` begins it no sooner
   * than what comes before it.
   */
  order: listTo(
    z.object({
      piece: countSchema,
      block: countSchema,
      sets: z.boolean(),
      putOff: withDefault(z.boolean(), false),
    }),
    2 * MAX_STEPS,
  ),
  events: listTo(eveningEventSchema, MAX_EVENTS),
  /** How things came out, as far as it is told: by their place among the things. */
  told: listTo(
    z.object({
      thing: wholeIn(0, MOST_THINGS),
      outcome: z.nullable(outcomeSchema),
      faults: listTo(z.enum(FAULT_IDS), FAULT_IDS.length),
      note: textTo(1000),
    }),
    MOST_THINGS,
  ),
  /** Where simulated machines press it, by a clock of their own; null on real ones. */
  simulated: z.nullable(simulatedSchema),
});

/** The evening of a bench: what is wished for it and, once it has begun, how it goes. */
export const eveningSchema = z.object({
  jobIds: listTo(idSchema, 60),
  wish: eveningWishSchema,
  run: z.nullable(eveningRunSchema),
});

/** Which thing is meant, whatever else is in the evening. */
export type ThingId = z.infer<typeof thingIdSchema>;
/** What an evening is wished to be. */
export type EveningWish = z.infer<typeof eveningWishSchema>;
/** Something that happened in an evening, with its moment. */
export type EveningEvent = z.infer<typeof eveningEventSchema>;
/** How one thing of an evening came out. */
export type EveningTold = EveningRun['told'][number];
/** An evening being pressed. */
export type EveningRun = z.infer<typeof eveningRunSchema>;
/** The evening of a bench as it is kept. */
export type KeptEvening = z.infer<typeof eveningSchema>;

/** Whether two are the same copy of the same row of the same job. */
export const isSameThing = (one: ThingId, other: ThingId): boolean =>
  one.jobId === other.jobId && one.itemId === other.itemId && one.copy === other.copy;

/** Seven in the evening, minutes after midnight. */
const SEVEN_MIN = 19 * 60;
/** What an evening is wished to be before anybody wishes: one person, at seven, four things free in an oven (own choice). */
export const FIRST_WISH: EveningWish = {
  ...{ people: 1, standing: 4, first: null },
  ...{ beginsAt: SEVEN_MIN, endsBy: null, breaks: [], before: [] },
};

/** What the evening of one job by itself is kept as: never as the bench's own. */
export const ownEveningId = (jobId: string): string => `of:${jobId}`;
