import { z } from 'zod';
import { blankSchema } from './blank';
import {
  idSchema,
  lengthSchema,
  nameSchema,
  offsetSchema,
  positiveLengthSchema,
  sha256Schema,
  timestampSchema,
} from './primitives';

/** EXIF orientation tag 0x0112: 1 upright … 8; see `core/art/orientation`. */
const orientationSchema = z.union([1, 2, 3, 4, 5, 6, 7, 8].map((n) => z.literal(n as 1)));

/** Facts of a picture file, measured once when it comes in. Its bytes are kept under `sha256`. */
export const artworkSchema = z.object({
  sha256: sha256Schema,
  name: nameSchema,
  mime: z.enum(['image/png', 'image/jpeg', 'image/webp']),
  bytes: z.int().positive().max(200_000_000),
  /** Pixels as stored in the file, before the EXIF orientation. */
  storedWidthPx: z.int().positive().max(65_535),
  storedHeightPx: z.int().positive().max(65_535),
  orientation: orientationSchema.transform((n): number => n),
  /** Share of pixels that are not fully opaque, 0–1. */
  transparentShare: z.number().min(0).max(1),
});

/** How big the art is made on its face. */
export const sizingSchema = z.discriminatedUnion('mode', [
  /** Fills the face and its bleed; what hangs over is cut off. */
  z.object({ mode: z.literal('cover') }),
  /** As large as the safe area allows, whole. */
  z.object({ mode: z.literal('fit') }),
  /** Typed figures; `locked` keeps the picture's own proportions. */
  z.object({
    mode: z.literal('exact'),
    widthMm: positiveLengthSchema,
    heightMm: positiveLengthSchema,
    locked: z.boolean(),
  }),
]);

export const placementSchema = z.object({
  id: idSchema,
  artSha256: sha256Schema,
  faceId: idSchema,
  sizing: sizingSchema,
  /** The art's centre: a datum point of the face and the way from it, mm right and down. */
  at: z.object({ datum: idSchema, dxMm: offsetSchema, dyMm: offsetSchema }),
});

export const pressureSchema = z.enum(['light', 'medium', 'firm']);

export const heatSettingsSchema = z.object({
  machineId: idSchema,
  /** The user's own figures; null takes the recipe's. */
  own: z.object({
    temperatureC: z.number().min(20).max(400).nullable(),
    dwellS: z.number().positive().max(7200).nullable(),
    pressure: pressureSchema.nullable(),
  }),
  /** Which cool-down school is followed: `A` gloved after about 5 min, `B` fully cold. */
  coolSchool: z.enum(['A', 'B']),
});

/** The one thing the user makes. Everything else is computed from it and the shelf. */
export const jobSchema = z.object({
  id: idSchema,
  name: nameSchema,
  createdAt: timestampSchema,
  transfer: z.enum(['sublimation']),
  blank: blankSchema,
  arts: z.array(artworkSchema).max(50),
  placements: z.array(placementSchema).max(50),
  bleedMm: lengthSchema.max(50),
  sheet: z.object({
    paperId: idSchema,
    printerId: idSchema,
    /** Who should mirror where there is a choice. */
    mirrorBy: z.enum(['file', 'driver']),
  }),
  heat: heatSettingsSchema,
});

export type Artwork = z.infer<typeof artworkSchema>;
export type Sizing = z.infer<typeof sizingSchema>;
export type Placement = z.infer<typeof placementSchema>;
export type Pressure = z.infer<typeof pressureSchema>;
export type HeatSettings = z.infer<typeof heatSettingsSchema>;
export type TransferKind = z.infer<typeof jobSchema>['transfer'];
export type Job = z.infer<typeof jobSchema>;
