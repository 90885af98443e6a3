import { z } from 'zod';
import { CAUTIONS, HEAT_NAMES, LAYER_NOTES, LAYER_MATERIALS, TASKS } from './codes';
import { EDGE_NAMES, FACE_NAMES } from '../form';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import { idSchema, MAX_LENGTH_MM, nameSchema } from '../primitives';

/** Operations of one program at most, rounds and timer runs counted one by one (own choice). */
export const MAX_OPERATIONS = 2000;

/** Things of one batch that are called by name, at most (own choice). */
export const MOST_TOLD_APART = 200;

const secondsSchema = z
  .number()
  .min(0)
  .max(24 * 3600);
const celsiusSchema = z.number().min(0).max(400).nullable();
/** Which of how many, from 1. */
const nthSchema = z.object({
  number: z.int().min(1).max(MAX_OPERATIONS),
  of: z.int().min(1).max(MAX_OPERATIONS),
});

/** One thing in a lay-up, from the heat inwards. */
export const layerSchema = z.object({
  is: z.enum(LAYER_MATERIALS),
  role: z.enum(['heat', 'protect', 'print', 'blank']),
  /** What protects goes in clean: it is spent after one pressing, or wiped and used again. */
  lasts: z.enum(['once', 'many']).optional(),
  note: z.enum(LAYER_NOTES).optional(),
  /** The face a print is for, where there are two in one lay-up. */
  faceId: idSchema.optional(),
});

/** What this pressing is set to. */
export const settingsSchema = z.object({
  temperatureC: celsiusSchema,
  dwellS: dwellSchema,
  pressure: pressureSchema.nullable(),
  /** How the heat is called where it is not set in degrees. */
  heatName: z.enum(HEAT_NAMES),
  /** Whether any figure is the user's own. */
  own: z.boolean(),
});

/** What to set at a machine so that its plate is as hot as wanted, and why that differs from what is wanted. */
export const displaySchema = z.object({
  /** The figure on the display, degrees of its unit. */
  figure: z.number(),
  unit: z.enum(['°F', '°C']),
  wantedC: z.number(),
  /** How far the plate will be from what is wanted, °C; above zero is hotter. */
  errorC: z.number(),
  /** By how much the plate is hotter than it shows, °C (below zero: cooler); null where it is right. */
  offsetC: z.number().nullable(),
  /** By how much it is set higher, since the plate cools on contact, °C; null where it does not. */
  dropC: z.number().nullable(),
  /** The display's step, degrees of its unit, where it cannot show the figure nearly enough; else null. */
  coarseStep: z.number().nullable(),
});

/** How far the edges of a paper are from the edges of its face, mm; those it reaches or goes beyond are left out. */
export const lyingSchema = z.object({
  faceId: idSchema,
  from: z
    .array(z.object({ edge: z.enum(EDGE_NAMES), mm: z.number().min(0).max(MAX_LENGTH_MM) }))
    .max(4),
});

/** One transfer pressed onto the item, resolved: by what recipe, on which machine, with what figures. */
export const passSchema = z.object({
  transfer: z.enum(TRANSFER_KINDS),
  recipeId: idSchema,
  machineId: idSchema,
  machineName: nameSchema,
  settings: settingsSchema,
  /** Null where the heat is not set in degrees. */
  display: displaySchema.nullable(),
  /** Where its paper lies on flat faces, by tape measure; none where that differs from thing to thing. */
  lies: z.array(lyingSchema).max(40).default([]),
  /** How many things of a batch one load of the machine takes. */
  perLoad: z.int().min(1).max(MAX_OPERATIONS).default(1),
});

/** One thing that is done, in the order of the work. */
export const operationSchema = z.object({
  id: idSchema,
  does: z.enum(TASKS),
  kind: z.enum(['prepare', 'switch-on', 'warm-up', 'stack', 'press', 'cool', 'unwrap']),
  /** Index of the pass it belongs to. */
  pass: z.int().min(0).max(TRANSFER_KINDS.length),
  /** The face that is pressed, where it is one of several; and which placement of the plate. */
  faceId: idSchema.nullable(),
  section: nthSchema.nullable(),
  /** Which run of the timer within one dwell, the machine not opened between them. */
  timer: nthSchema.nullable(),
  /** Which of equal presses, turned in between. */
  turn: nthSchema.nullable(),
  /** Which load of a batch; null where it is done once for all of them. */
  load: nthSchema.nullable(),
  /** Whether the machine is taken up by it. */
  onMachine: z.boolean(),
  /** Whose hands it needs: all the time, at its ends only, or nobody's. */
  hands: z.enum(['busy', 'at-ends', 'free']),
  /** How long it takes: least, usual and most. */
  lasts: z.object({ leastS: secondsSchema, usualS: secondsSchema, mostS: secondsSchema }),
  /** Seconds counted down; null where the person says when it is done. */
  countedS: secondsSchema.nullable(),
  temperatureC: celsiusSchema,
  pressure: pressureSchema.nullable(),
  /** How late it may end without harm, s; null where that does not matter. */
  mayOverrunS: secondsSchema.nullable(),
  /** Within how many seconds of the end of the one before it has to begin; null where it can wait. */
  withinS: secondsSchema.nullable(),
  /** The operation at whose end this one's clock begins while hands go on with others. */
  startsAfter: idSchema.nullable(),
  /** Index of the lay-up; null where nothing is laid. */
  layUp: z.int().min(0).max(MAX_OPERATIONS).nullable(),
  /** What is used up by it. */
  uses: z.array(z.object({ is: z.enum(LAYER_MATERIALS), count: z.int().min(1) })).max(12),
  cautions: z.array(z.enum(CAUTIONS)).max(CAUTIONS.length),
});

/** How a piece that was pressed before gets a second heat: its paper still on it as it was, or what has come loose under a fresh cover. */
export const PRESSED_AGAIN = ['under-its-paper', 'what-lifts'] as const;
/** How a piece gets a second heat. */
export type PressedAgain = (typeof PRESSED_AGAIN)[number];

/** All that is done at the press for one item or batch, in order: what a run freezes and a record keeps. */
export const programSchema = z.object({
  /** The blank it is pressed on, by identity and as it is called. */
  blank: z.object({ id: idSchema, name: nameSchema }),
  /** In the order they are pressed. */
  passes: z.array(passSchema).max(TRANSFER_KINDS.length),
  operations: z.array(operationSchema).max(MAX_OPERATIONS),
  /** What the things of a batch are called, in the order they are pressed; none where nothing tells them apart. */
  things: z.array(z.string().max(200)).max(MOST_TOLD_APART).default([]),
  /** Each from the heat inwards. */
  layUps: z.array(z.array(layerSchema).max(12)).max(MAX_OPERATIONS),
  /** The faces pressed, with what they are called (`core/form`). */
  faces: z.array(z.object({ id: idSchema, called: z.enum(FACE_NAMES) })).max(20),
  /** Whether the blank has a handle, which the words speak of. */
  handle: z.boolean(),
  /** What was chosen that the operations alone do not tell. */
  conditions: z.object({
    cover: z.enum(['fresh', 'used']),
    pad: z.boolean(),
    overDye: z.boolean(),
    coolSchool: z.enum(['A', 'B']),
    figureSchool: z.enum(['A', 'B']),
    /** Null where it is its first heat. */
    again: z.enum(PRESSED_AGAIN).nullable().default(null),
  }),
});

/** One sheet of the lay-up, from the heat inwards. */
export type Layer = z.infer<typeof layerSchema>;
/** What a machine’s display is set to, in its own unit. */
export type DisplaySetting = z.infer<typeof displaySchema>;
/** What a press is set to: °C (null where the machine has one heat), seconds, pressure. */
export type Settings = z.infer<typeof settingsSchema>;
/** Where a paper lies on its face: how far from which edges, mm. */
export type Lying = z.infer<typeof lyingSchema>;
/** One transfer pressed onto one item, resolved: recipe, machine and settings. */
export type ProgramPass = z.infer<typeof passSchema>;
/** One step of the work: what, by whom, on what, how long (s) and how late. */
export type Operation = z.infer<typeof operationSchema>;
/** What sort of step it is. */
export type OperationKind = Operation['kind'];
/** Everything that is done to press a job, in order. */
export type Program = z.infer<typeof programSchema>;
