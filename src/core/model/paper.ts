import { z } from 'zod';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import {
  idSchema,
  lengthSchema,
  nameSchema,
  originSchema,
  positiveLengthSchema,
} from '../primitives';

/** Size of a sheet, plate or cutting mat, mm: nothing smaller than two fingers is one. */
export const LEAST_HAND_SIZE_MM = 20;
/** A size of something that is held in hands, mm. */
export const handSizeSchema = positiveLengthSchema.min(LEAST_HAND_SIZE_MM);

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
  temperatureC: z.number().min(20).max(400).nullable().default(null),
  pressure: pressureSchema.nullable().default(null),
  dwellS: dwellSchema.nullable().default(null),
  /** By size of the picture, the smallest first; outranks the one time. */
  times: z.array(timeBySizeSchema).max(MAX_TIMES).default([]),
  /** The short press before anything is laid, and that of a film below the print. */
  prePressS: dwellSchema.nullable().default(null),
  filmS: dwellSchema.nullable().default(null),
});

/** A paper, film or ready-made sheet as it is bought. What is not known is null or empty. */
export const productSchema = z.object({
  /** The transfer it is made for; null where it is only a size of paper. */
  transfer: z.enum(TRANSFER_KINDS).nullable(),
  /** Bought as a roll: its height is how long the sheets are cut off. */
  roll: z.boolean().default(false),
  /** Sheets in a pack, and what the pack cost in the person's own money. */
  pack: z
    .object({
      sheets: z.int().min(1).max(1000),
      price: z.number().min(0).max(100_000).nullable(),
    })
    .nullable()
    .default(null),
  /** Sheets that are left. */
  left: z.int().min(0).max(10_000).nullable().default(null),
  /** Which side is printed, or faces the blank, in the person's words. */
  side: z.string().max(200).default(''),
  /** What the print dialog was set to where it came out well, by printer. */
  settings: z
    .array(
      z.object({
        printerId: idSchema,
        media: z.string().max(100),
        quality: z.string().max(100),
      }),
    )
    .max(20)
    .default([]),
  thicknessMm: lengthSchema.max(20).nullable().default(null),
  /** When what carries the picture comes off, as its maker says. */
  peel: z.enum(['hot', 'warm', 'cold']).nullable().default(null),
  /** Whether its maker wants the picture mirrored. */
  mirrored: z.boolean().nullable().default(null),
  /** How its maker says it is washed. */
  wash: z.string().max(300).default(''),
  /** What its maker gives, by machine. */
  figures: z.array(productFiguresSchema).max(20).default([]),
});

/** A paper, film or ready-made sheet: its size, mm; an offcut is used up once. */
export const paperSchema = z.object({
  id: idSchema,
  name: nameSchema,
  /** Upright: the short side is the width. mm. */
  widthMm: handSizeSchema,
  heightMm: handSizeSchema,
  /** What is not paper is never printed on: it is cut only. */
  is: z.enum(SHEET_GOODS).default('paper'),
  /** As it was bought; null for a plain size out of the catalogue. */
  product: productSchema.nullable().default(null),
  /** Left over from a sheet and kept to be used first. */
  offcut: z.boolean().default(false),
  /** An offcut that has been used up; kept for the jobs that name it. */
  used: z.boolean().default(false),
  /** What has been cut out of an offcut: closed lines, mm from its upper left corner. */
  gone: z
    .array(
      z
        .array(z.tuple([lengthSchema, lengthSchema]))
        .min(3)
        .max(MAX_GONE_CORNERS),
    )
    .max(MAX_GONE)
    .default([]),
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
