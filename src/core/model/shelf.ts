import * as z from 'zod/mini';
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
  lengthTo,
  nameSchema,
  offsetSchema,
  originSchema,
  timestampSchema,
} from '../primitives';
import { numberIn, textTo, listTo, withDefault } from '../schema';

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
    top: lengthTo(MAX_MARGIN_MM),
    right: lengthTo(MAX_MARGIN_MM),
    bottom: lengthTo(MAX_MARGIN_MM),
    left: lengthTo(MAX_MARGIN_MM),
  }),
  /** Widest paper its feed takes, mm. */
  maxPaperWidthMm: handSizeSchema,
  /** How a sheet goes in so that the blank side is printed. */
  feedSide: textTo(200),
  /** Whether its print dialog offers a mirror (or "iron-on") setting. */
  driverCanMirror: z.boolean(),
  /** Whether it mirrors every page of this paper kind by itself. */
  mirrorsOnItsOwn: z.boolean(),
  /** What the check bar of 100 mm measured on a real print, across and along the paper, mm. */
  barMm: withDefault(
    z.object({
      across: numberIn(80, 120),
      along: numberIn(80, 120),
    }),
    { across: 100, along: 100 },
  ),
  /** Driver settings that worked, in the user's words. */
  settings: withDefault(
    z.object({
      media: textTo(100),
      quality: textTo(100),
      colour: textTo(100),
    }),
    { media: '', quality: '', colour: '' },
  ),
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
const degreesSchema = numberIn(0, 400);

/** What a thermometer or strips read on a machine, from which its figures are learned. */
export const readingsSchema = z.object({
  /** On the closed or open plate at rest: where, from its left and its back edge, mm; display and plate, °C. */
  places: listTo(
    z.object({
      xMm: lengthSchema,
      yMm: lengthSchema,
      displayC: degreesSchema,
      plateC: degreesSchema,
    }),
    MOST_PLACES,
  ),
  /** Over one pressing, closed at 0 s: seconds since, and the plate, °C. */
  pressing: listTo(z.object({ s: numberIn(0, 7200), plateC: degreesSchema }), MOST_MOMENTS),
});

/** Measurings of a machine's plate that are kept, the last ones (own choice). */
export const MOST_MEASURED = 50;

/** What one measuring came to: when, at which display, and what the plate read less that, °C. */
export const measuredSchema = z.object({
  at: timestampSchema,
  displayC: degreesSchema,
  offsetC: numberIn(-400, 400),
});

/** A heat source as its owner knows it. Figures that are not known are null. */
export const machineSchema = z.object({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(MACHINE_KINDS),
  /** Coolest and hottest it can be set, °C; null where the program is fixed or it is not known. */
  minC: withDefault(z.nullable(numberIn(0, 400)), null),
  maxC: z.nullable(numberIn(0, 400)),
  /** What its display counts in, and by how much it steps, degrees of that unit. */
  displayUnit: withDefault(z.enum(['°F', '°C']), '°F'),
  displayStep: withDefault(numberIn(0.1, 50), 1),
  /** What the plate reads less what the display says, measured with a thermometer or strips, °C. */
  displayOffsetC: withDefault(numberIn(-MOST_OFFSET_C, MOST_OFFSET_C), 0),
  /** How far the plate cools when it touches a thick, cold thing, °C. */
  dropC: withDefault(numberIn(0, MOST_DROP_C), 0),
  /** Longest its timer runs, s; null where it has none to end. */
  timerMaxS: withDefault(z.nullable(numberIn(LEAST_TIMER_S, 7200)), null),
  /** The heated plate, mm, and the border of it that stays cooler. */
  plate: withDefault(
    z.nullable(z.object({ widthMm: handSizeSchema, heightMm: handSizeSchema })),
    null,
  ),
  coolBorderMm: withDefault(lengthTo(100), 0),
  /** From closing on a cold thing until the plate is back at its heat, measured, s; null where nobody did. */
  recoverS: withDefault(z.nullable(numberIn(0, 7200)), null),
  /** What it was measured by; null where it was not. */
  readings: withDefault(z.nullable(readingsSchema), null),
  /** What each measuring of its plate came to, the first first. */
  measured: withDefault(listTo(measuredSchema, MOST_MEASURED), []),
  /** Pressures it can give; empty where its clamp or a sleeve sets it. */
  pressures: withDefault(listTo(pressureSchema, 3), ['light', 'medium', 'firm']),
  /** For a part that is put on a press: which one; null where it is not known, or stands by itself. */
  onPress: withDefault(z.nullable(idSchema), null),
  /** Whether it has a soft pad. */
  pad: withDefault(z.boolean(), false),
  /** From switching on to hot, s; null where it is not known. */
  warmUpS: withDefault(z.nullable(numberIn(0, 7200)), null),
  origin: originSchema,
});

/** A cutting machine: how far it prints and cuts, and its measured offset, mm. */
export const cutterSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Widest print it can find and cut round, mm. */
  printAndCutWidthMm: handSizeSchema,
  /** How far its cut lay off the line on a test cut, mm to the right and down. */
  cutOffMm: withDefault(z.object({ x: offsetSchema, y: offsetSchema }), { x: 0, y: 0 }),
  /** Blade, force and passes that worked, and which side goes to the mat, in the user's words. */
  material: withDefault(textTo(200), ''),
  sideToMat: withDefault(textTo(200), ''),
  origin: originSchema,
});

/** Own figures for one blank, transfer and machine: from a maker's sheet, or of a pressing that came out well. */
export const ownFiguresSchema = z.object({
  id: idSchema,
  blankId: idSchema,
  transfer: z.enum(TRANSFER_KINDS),
  /** The machine they hold on: an oven's minutes would spoil the same blank in a press. */
  machineId: idSchema,
  temperatureC: z.nullable(numberIn(20, 400)),
  dwellS: dwellSchema,
  pressure: z.nullable(pressureSchema),
  origin: z.enum(["maker's sheet", 'own log']),
});

/** The user's blanks, papers, printers and machines, our presets among them. */
export const shelfSchema = z.object({
  blanks: listTo(blankSchema, MAX_ON_SHELF.blanks),
  papers: listTo(paperSchema, MAX_ON_SHELF.papers),
  printers: listTo(printerSchema, MAX_ON_SHELF.printers),
  machines: listTo(machineSchema, MAX_ON_SHELF.machines),
  cutters: withDefault(listTo(cutterSchema, MAX_ON_SHELF.cutters), []),
  figures: withDefault(listTo(ownFiguresSchema, MAX_ON_SHELF.figures), []),
  colours: withDefault(listTo(ownColoursSchema, MAX_ON_SHELF.colours), []),
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
