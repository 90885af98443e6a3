import * as z from 'zod/mini';
import { CAUTIONS, HEAT_NAMES, LAYER_NOTES, LAYER_MATERIALS, TASKS } from './codes';
import { EDGE_NAMES, FACE_NAMES } from '../form';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import { idSchema, MAX_LENGTH_MM, nameSchema } from '../primitives';
import { numberIn, wholeIn, textTo, listTo, withDefault } from '../schema';

/** Operations of one program at most, rounds and timer runs counted one by one (own choice). */
export const MAX_OPERATIONS = 2000;

/** Things of one batch that are called by name, at most (own choice). */
export const MOST_TOLD_APART = 200;

const secondsSchema = numberIn(0, 24 * 3600);
const celsiusSchema = z.nullable(numberIn(0, 400));
/** Which of how many, from 1. */
const nthSchema = z.object({
  number: wholeIn(1, MAX_OPERATIONS),
  of: wholeIn(1, MAX_OPERATIONS),
});

/** One thing in a lay-up, from the heat inwards. */
export const layerSchema = z.object({
  is: z.enum(LAYER_MATERIALS),
  role: z.enum(['heat', 'protect', 'print', 'blank']),
  /** What protects goes in clean: it is spent after one pressing, or wiped and used again. */
  lasts: z.optional(z.enum(['once', 'many'])),
  note: z.optional(z.enum(LAYER_NOTES)),
  /** The face a print is for, where there are two in one lay-up. */
  faceId: z.optional(idSchema),
});

/** What this pressing is set to. */
export const settingsSchema = z.object({
  temperatureC: celsiusSchema,
  dwellS: dwellSchema,
  pressure: z.nullable(pressureSchema),
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
  offsetC: z.nullable(z.number()),
  /** By how much it is set higher, since the plate cools on contact, °C; null where it does not. */
  dropC: z.nullable(z.number()),
  /** The display's step, degrees of its unit, where it cannot show the figure nearly enough; else null. */
  coarseStep: z.nullable(z.number()),
});

/** How far the edges of a paper are from the edges of its face, mm; those it reaches or goes beyond are left out. */
export const lyingSchema = z.object({
  faceId: idSchema,
  from: listTo(z.object({ edge: z.enum(EDGE_NAMES), mm: numberIn(0, MAX_LENGTH_MM) }), 4),
});

/** One transfer pressed onto the item, resolved: by what recipe, on which machine, with what figures. */
export const passSchema = z.object({
  transfer: z.enum(TRANSFER_KINDS),
  recipeId: idSchema,
  machineId: idSchema,
  machineName: nameSchema,
  settings: settingsSchema,
  /** Null where the heat is not set in degrees. */
  display: z.nullable(displaySchema),
  /** Where its paper lies on flat faces, by tape measure; none where that differs from thing to thing. */
  lies: withDefault(listTo(lyingSchema, 40), []),
  /** How many things of a batch one load of the machine takes. */
  perLoad: withDefault(wholeIn(1, MAX_OPERATIONS), 1),
});

/** One thing that is done, in the order of the work. */
export const operationSchema = z.object({
  id: idSchema,
  does: z.enum(TASKS),
  kind: z.enum(['prepare', 'switch-on', 'warm-up', 'stack', 'press', 'cool', 'unwrap']),
  /** Index of the pass it belongs to. */
  pass: wholeIn(0, TRANSFER_KINDS.length),
  /** The face that is pressed, where it is one of several; and which placement of the plate. */
  faceId: z.nullable(idSchema),
  section: z.nullable(nthSchema),
  /** Which run of the timer within one dwell, the machine not opened between them. */
  timer: z.nullable(nthSchema),
  /** Which of equal presses, turned in between. */
  turn: z.nullable(nthSchema),
  /** Which load of a batch; null where it is done once for all of them. */
  load: z.nullable(nthSchema),
  /** Whether the machine is taken up by it. */
  onMachine: z.boolean(),
  /** Whose hands it needs: all the time, at its ends only, or nobody's. */
  hands: z.enum(['busy', 'at-ends', 'free']),
  /** How long it takes: least, usual and most. */
  lasts: z.object({ leastS: secondsSchema, usualS: secondsSchema, mostS: secondsSchema }),
  /** Seconds counted down; null where the person says when it is done. */
  countedS: z.nullable(secondsSchema),
  temperatureC: celsiusSchema,
  pressure: z.nullable(pressureSchema),
  /** How late it may end without harm, s; null where that does not matter. */
  mayOverrunS: z.nullable(secondsSchema),
  /** Within how many seconds of the end of the one before it has to begin; null where it can wait. */
  withinS: z.nullable(secondsSchema),
  /** The operation at whose end this one's clock begins while hands go on with others. */
  startsAfter: z.nullable(idSchema),
  /** Index of the lay-up; null where nothing is laid. */
  layUp: z.nullable(wholeIn(0, MAX_OPERATIONS)),
  /** What is used up by it. */
  uses: listTo(z.object({ is: z.enum(LAYER_MATERIALS), count: z.int().check(z.minimum(1)) }), 12),
  cautions: listTo(z.enum(CAUTIONS), CAUTIONS.length),
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
  passes: listTo(passSchema, TRANSFER_KINDS.length),
  operations: listTo(operationSchema, MAX_OPERATIONS),
  /** What the things of a batch are called, in the order they are pressed; none where nothing tells them apart. */
  things: withDefault(listTo(textTo(200), MOST_TOLD_APART), []),
  /** Each from the heat inwards. */
  layUps: listTo(listTo(layerSchema, 12), MAX_OPERATIONS),
  /** The faces pressed, with what they are called (`core/form`). */
  faces: listTo(z.object({ id: idSchema, called: z.enum(FACE_NAMES) }), 20),
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
    again: withDefault(z.nullable(z.enum(PRESSED_AGAIN)), null),
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
