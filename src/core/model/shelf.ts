import { z } from 'zod';
import { keysOf } from '../keys';
import { MACHINES } from '../traits';
import { INKS } from '../transfer';
import { blankSchema } from './blank';
import { ownColoursSchema } from './colours';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import { handSizeSchema, paperSchema } from './paper';
import {
  idSchema,
  lengthSchema,
  nameSchema,
  offsetSchema,
  originSchema,
  timestampSchema,
} from '../primitives';

/** Widest border a printer leaves, mm. */
const MAX_MARGIN_MM = 200;
/** Shortest timer that is worth setting, s. */
export const LEAST_TIMER_S = 5;
/** What one shelf holds of a kind at most. */
export const MAX_ON_SHELF = {
  blanks: 500,
  papers: 200,
  printers: 100,
  machines: 100,
  cutters: 100,
  figures: 500,
  colours: 50,
} as const;

/** A printer: its ink, borders and widest paper (mm), who mirrors, how true it prints. */
export const printerSchema = z.object({
  id: idSchema,
  name: nameSchema,
  ink: z.enum(INKS),
  /** Borders the printer cannot reach on an upright sheet, mm. */
  marginsMm: z.object({
    top: lengthSchema.max(MAX_MARGIN_MM),
    right: lengthSchema.max(MAX_MARGIN_MM),
    bottom: lengthSchema.max(MAX_MARGIN_MM),
    left: lengthSchema.max(MAX_MARGIN_MM),
  }),
  /** Widest paper its feed takes, mm. */
  maxPaperWidthMm: handSizeSchema,
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

/** Kinds of machines that press. */
export const MACHINE_KINDS = keysOf(MACHINES);

/** Furthest a display is off that is believed, °C. */
export const MOST_OFFSET_C = 60;
/** Furthest a plate drops on contact, °C. */
export const MOST_DROP_C = 40;
/** Most places of a plate that were measured. */
export const MOST_PLACES = 100;
/** Most moments of a pressing that were measured. */
export const MOST_MOMENTS = 2000;
const degreesSchema = z.number().min(0).max(400);

/** What a thermometer or strips read on a machine, from which its figures are learned. */
export const readingsSchema = z.object({
  /** On the closed or open plate at rest: where, from its left and its back edge, mm; display and plate, °C. */
  places: z
    .array(
      z.object({
        xMm: lengthSchema,
        yMm: lengthSchema,
        displayC: degreesSchema,
        plateC: degreesSchema,
      }),
    )
    .max(MOST_PLACES),
  /** Over one pressing, closed at 0 s: seconds since, and the plate, °C. */
  pressing: z
    .array(z.object({ s: z.number().min(0).max(7200), plateC: degreesSchema }))
    .max(MOST_MOMENTS),
});

/** Measurings of a machine's plate that are kept, the last ones (own choice). */
export const MOST_MEASURED = 50;

/** What one measuring came to: when, at which display, and what the plate read less that, °C. */
export const measuredSchema = z.object({
  at: timestampSchema,
  displayC: degreesSchema,
  offsetC: z.number().min(-400).max(400),
});

/** A heat source as its owner knows it. Figures that are not known are null. */
export const machineSchema = z.object({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(MACHINE_KINDS),
  /** Coolest and hottest it can be set, °C; null where the program is fixed or it is not known. */
  minC: z.number().min(0).max(400).nullable().default(null),
  maxC: z.number().min(0).max(400).nullable(),
  /** What its display counts in, and by how much it steps, degrees of that unit. */
  displayUnit: z.enum(['°F', '°C']).default('°F'),
  displayStep: z.number().min(0.1).max(50).default(1),
  /** What the plate reads less what the display says, measured with a thermometer or strips, °C. */
  displayOffsetC: z.number().min(-MOST_OFFSET_C).max(MOST_OFFSET_C).default(0),
  /** How far the plate cools when it touches a thick, cold thing, °C. */
  dropC: z.number().min(0).max(MOST_DROP_C).default(0),
  /** Longest its timer runs, s; null where it has none to end. */
  timerMaxS: z.number().min(LEAST_TIMER_S).max(7200).nullable().default(null),
  /** The heated plate, mm, and the border of it that stays cooler. */
  plate: z.object({ widthMm: handSizeSchema, heightMm: handSizeSchema }).nullable().default(null),
  coolBorderMm: lengthSchema.max(100).default(0),
  /** From closing on a cold thing until the plate is back at its heat, measured, s; null where nobody did. */
  recoverS: z.number().min(0).max(7200).nullable().default(null),
  /** What it was measured by; null where it was not. */
  readings: readingsSchema.nullable().default(null),
  /** What each measuring of its plate came to, the first first. */
  measured: z.array(measuredSchema).max(MOST_MEASURED).default([]),
  /** Pressures it can give; empty where its clamp or a sleeve sets it. */
  pressures: z.array(pressureSchema).max(3).default(['light', 'medium', 'firm']),
  /** For a part that is put on a press: which one; null where it is not known, or stands by itself. */
  onPress: idSchema.nullable().default(null),
  /** Whether it has a soft pad. */
  pad: z.boolean().default(false),
  /** From switching on to hot, s; null where it is not known. */
  warmUpS: z.number().min(0).max(7200).nullable().default(null),
  origin: originSchema,
});

/** A cutting machine: how far it prints and cuts, and its measured offset, mm. */
export const cutterSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Widest print it can find and cut round, mm. */
  printAndCutWidthMm: handSizeSchema,
  /** How far its cut lay off the line on a test cut, mm to the right and down. */
  cutOffMm: z.object({ x: offsetSchema, y: offsetSchema }).default({ x: 0, y: 0 }),
  /** Blade, force and passes that worked, and which side goes to the mat, in the user's words. */
  material: z.string().max(200).default(''),
  sideToMat: z.string().max(200).default(''),
  origin: originSchema,
});

/** Own figures for one blank, transfer and machine: from a maker's sheet, or of a pressing that came out well. */
export const ownFiguresSchema = z.object({
  id: idSchema,
  blankId: idSchema,
  transfer: z.enum(TRANSFER_KINDS),
  /** The machine they hold on: an oven's minutes would spoil the same blank in a press. */
  machineId: idSchema,
  temperatureC: z.number().min(20).max(400).nullable(),
  dwellS: dwellSchema,
  pressure: pressureSchema.nullable(),
  origin: z.enum(["maker's sheet", 'own log']),
});

/** The user's blanks, papers, printers and machines, our presets among them. */
export const shelfSchema = z.object({
  blanks: z.array(blankSchema).max(MAX_ON_SHELF.blanks),
  papers: z.array(paperSchema).max(MAX_ON_SHELF.papers),
  printers: z.array(printerSchema).max(MAX_ON_SHELF.printers),
  machines: z.array(machineSchema).max(MAX_ON_SHELF.machines),
  cutters: z.array(cutterSchema).max(MAX_ON_SHELF.cutters).default([]),
  figures: z.array(ownFiguresSchema).max(MAX_ON_SHELF.figures).default([]),
  colours: z.array(ownColoursSchema).max(MAX_ON_SHELF.colours).default([]),
});

/** A printer. */
export type Printer = z.infer<typeof printerSchema>;
/** A cutting machine. */
export type Cutter = z.infer<typeof cutterSchema>;
/** Figures of the person’s own for a machine, blank and transfer: °C and s. */
export type OwnFigures = z.infer<typeof ownFiguresSchema>;
/** A machine that presses: heats (°C), timer (s), plate (mm), pressures. */
export type Machine = z.infer<typeof machineSchema>;
/** Readings of a thermometer or strips: places of the plate (mm, °C), moments of a pressing (s, °C). */
export type Readings = z.infer<typeof readingsSchema>;
/** One measuring of a plate: when (ISO 8601), display and what the plate read more than it, °C. */
export type Measured = z.infer<typeof measuredSchema>;
/** A kind of machine that presses. */
export type MachineKind = Machine['kind'];
/** Everything there is to work with: blanks, papers, tools, own figures. */
export type Shelf = z.infer<typeof shelfSchema>;
