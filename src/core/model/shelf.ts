import { z } from 'zod';
import { blankSchema } from './blank';
import {
  idSchema,
  lengthSchema,
  nameSchema,
  originSchema,
  positiveLengthSchema,
} from './primitives';

export const paperSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Upright: the short side is the width. mm. */
  widthMm: positiveLengthSchema,
  heightMm: positiveLengthSchema,
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
