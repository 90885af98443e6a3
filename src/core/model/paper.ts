import * as z from 'zod/mini';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import {
  idSchema,
  lengthSchema,
  lengthTo,
  nameSchema,
  originSchema,
  positiveLengthSchema,
} from '../primitives';
import { numberIn, wholeIn, textTo, listTo, listIn, withDefault } from '../schema';

/** Size of a sheet, plate or cutting mat, mm: nothing smaller than two fingers is one. */
export const LEAST_HAND_SIZE_MM = 20;
/** A size of something that is held in hands, mm. */
export const handSizeSchema = positiveLengthSchema.check(z.minimum(LEAST_HAND_SIZE_MM));

/** What a sheet is: printed on at home, bought with its colour in it, or a film that takes dye. */
export const SHEET_GOODS = ['paper', 'ready-made', 'film'] as const;
/** Parts cut out of an offcut, at most. */
export const MAX_GONE = 16;
/** Corners of one such part, at most. */
export const MAX_GONE_CORNERS = 200;
/** Lines of a maker's table of times, at most. */
export const MAX_TIMES = 12;

/** How long a picture up to such a size is pressed, by the table of a paper's maker: mm, s. */
export const timeBySizeSchema = z.object({
  widthMm: positiveLengthSchema,
  heightMm: positiveLengthSchema,
  dwellS: dwellSchema,
});

/** What a product's maker gives for one machine: °C, s. What is not said is null. */
export const productFiguresSchema = z.object({
  machineId: idSchema,
  temperatureC: withDefault(z.nullable(numberIn(20, 400)), null),
  pressure: withDefault(z.nullable(pressureSchema), null),
  dwellS: withDefault(z.nullable(dwellSchema), null),
  /** By size of the picture, the smallest first; outranks the one time. */
  times: withDefault(listTo(timeBySizeSchema, MAX_TIMES), []),
  /** The short press before anything is laid, and that of a film below the print. */
  prePressS: withDefault(z.nullable(dwellSchema), null),
  filmS: withDefault(z.nullable(dwellSchema), null),
});

/** A paper, film or ready-made sheet as it is bought. What is not known is null or empty. */
export const productSchema = z.object({
  /** The transfer it is made for; null where it is only a size of paper. */
  transfer: z.nullable(z.enum(TRANSFER_KINDS)),
  /** Bought as a roll: its height is how long the sheets are cut off. */
  roll: withDefault(z.boolean(), false),
  /** Sheets in a pack, and what the pack cost in the person's own money. */
  pack: withDefault(
    z.nullable(
      z.object({
        sheets: wholeIn(1, 1000),
        price: z.nullable(numberIn(0, 100_000)),
      }),
    ),
    null,
  ),
  /** Sheets that are left. */
  left: withDefault(z.nullable(wholeIn(0, 10_000)), null),
  /** Which side is printed, or faces the blank, in the person's words. */
  side: withDefault(textTo(200), ''),
  /** What the print dialog was set to where it came out well, by printer. */
  settings: withDefault(
    listTo(
      z.object({
        printerId: idSchema,
        media: textTo(100),
        quality: textTo(100),
      }),
      20,
    ),
    [],
  ),
  thicknessMm: withDefault(z.nullable(lengthTo(20)), null),
  /** When what carries the picture comes off, as its maker says. */
  peel: withDefault(z.nullable(z.enum(['hot', 'warm', 'cold'])), null),
  /** Whether its maker wants the picture mirrored. */
  mirrored: withDefault(z.nullable(z.boolean()), null),
  /** How its maker says it is washed. */
  wash: withDefault(textTo(300), ''),
  /** What its maker gives, by machine. */
  figures: withDefault(listTo(productFiguresSchema, 20), []),
});

/** A paper, film or ready-made sheet: its size, mm; an offcut is used up once. */
export const paperSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Upright: the short side is the width. mm. */
  widthMm: handSizeSchema,
  heightMm: handSizeSchema,
  /** What is not paper is never printed on: it is cut only. */
  is: withDefault(z.enum(SHEET_GOODS), 'paper'),
  /** As it was bought; null for a plain size out of the catalogue. */
  product: withDefault(z.nullable(productSchema), null),
  /** Left over from a sheet and kept to be used first. */
  offcut: withDefault(z.boolean(), false),
  /** An offcut that has been used up; kept for the jobs that name it. */
  used: withDefault(z.boolean(), false),
  /** What has been cut out of an offcut: closed lines, mm from its upper left corner. */
  gone: withDefault(
    listTo(listIn(z.tuple([lengthSchema, lengthSchema]), 3, MAX_GONE_CORNERS), MAX_GONE),
    [],
  ),
  origin: originSchema,
});

/** A paper, film or ready-made sheet. */
export type Paper = z.infer<typeof paperSchema>;
/** What is known of a sheet as it was bought. */
export type Product = z.infer<typeof productSchema>;
/** What a product's maker gives for one machine. */
export type ProductFigures = z.infer<typeof productFiguresSchema>;
/** A line of a maker's table: up to such a size (mm), so many seconds. */
export type TimeBySize = z.infer<typeof timeBySizeSchema>;

/** Whether a sheet goes through a printer; what does not is only cut. */
export const isPrintedOn = ({ is }: Pick<Paper, 'is'>): boolean => is === 'paper';
