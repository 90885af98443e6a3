import { z } from 'zod';
import { blankSchema } from './blank';
import {
  idSchema,
  lengthSchema,
  nameSchema,
  offsetSchema,
  originSchema,
  positiveLengthSchema,
} from './primitives';

export const paperSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Upright: the short side is the width. mm. */
  widthMm: positiveLengthSchema,
  heightMm: positiveLengthSchema,
  /** Bought printed, to be cut only: no printer takes it, a cutter does. */
  preprinted: z.boolean().default(false),
  /** Left over from a sheet and kept to be used first. */
  offcut: z.boolean().default(false),
  /** An offcut that has gone through the printer; kept for the jobs that name it. */
  used: z.boolean().default(false),
  origin: originSchema,
});

export const printerSchema = z.object({
  id: idSchema,
  name: nameSchema,
  ink: z.enum(['sublimation', 'ordinary inkjet', 'laser toner']),
  /** Borders the printer cannot reach on an upright sheet, mm. */
  marginsMm: z.object({
    top: lengthSchema,
    right: lengthSchema,
    bottom: lengthSchema,
    left: lengthSchema,
  }),
  /** Widest paper its feed takes, mm. */
  maxPaperWidthMm: positiveLengthSchema,
  /** How a sheet goes in so that the blank side is printed. */
  feedSide: z.string().max(200),
  /** Whether its print dialog offers a mirror (or "iron-on") setting. */
  driverCanMirror: z.boolean(),
  /** Whether it mirrors every page of this paper kind by itself. */
  mirrorsOnItsOwn: z.boolean(),
  /** What the check bar of 100 mm measured on a real print, across and along the paper, mm. */
  barMm: z
    .object({
      across: z.number().min(80).max(120),
      along: z.number().min(80).max(120),
    })
    .default({ across: 100, along: 100 }),
  /** Driver settings that worked, in the user's words. */
  settings: z
    .object({
      media: z.string().max(100),
      quality: z.string().max(100),
      colour: z.string().max(100),
    })
    .default({ media: '', quality: '', colour: '' }),
  origin: originSchema,
});

export const machineSchema = z.object({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(['mug-press', 'oven', 'mug-attachment', 'hand-press', 'plate-press']),
  /** Hottest it can be set, °C; null where the program is fixed. */
  maxC: z.number().min(0).max(400).nullable(),
  origin: originSchema,
});

export const cutterSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Widest print it can find and cut round, mm. */
  printAndCutWidthMm: positiveLengthSchema,
  /** How far its cut lay off the line on a test cut, mm to the right and down. */
  cutOffMm: z.object({ x: offsetSchema, y: offsetSchema }).default({ x: 0, y: 0 }),
  /** Blade, force and passes that worked, and which side goes to the mat, in the user's words. */
  material: z.string().max(200).default(''),
  sideToMat: z.string().max(200).default(''),
  origin: originSchema,
});

/** The user's blanks, papers, printers and machines, our presets among them. */
export const shelfSchema = z.object({
  blanks: z.array(blankSchema).max(500),
  papers: z.array(paperSchema).max(200),
  printers: z.array(printerSchema).max(100),
  machines: z.array(machineSchema).max(100),
  cutters: z.array(cutterSchema).max(100).default([]),
});

export type Paper = z.infer<typeof paperSchema>;
export type Printer = z.infer<typeof printerSchema>;
export type Cutter = z.infer<typeof cutterSchema>;
export type Machine = z.infer<typeof machineSchema>;
export type MachineKind = Machine['kind'];
export type Shelf = z.infer<typeof shelfSchema>;
