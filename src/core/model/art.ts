import * as z from 'zod/mini';
import { cornersOf } from '../geometry';
import type { OutlineFault } from '../form';
import {
  colourSchema,
  nameSchema,
  offsetSchema,
  positiveLengthSchema,
  sha256Schema,
} from '../primitives';
import { numberIn, wholeIn, textTo, listTo, withDefault } from '../schema';

/** EXIF orientation tag 0x0112: 1 upright … 8; see `core/art/orientation`. */
const orientationSchema = z.union([1, 2, 3, 4, 5, 6, 7, 8].map((n) => z.literal(n as 1)));

/** Bounds of what is kept of a silhouette. */
export const MAX_SILHOUETTE_RINGS = 80;
/** Corners of all outlines of one picture, at most. */
export const MAX_SILHOUETTE_POINTS = 2400;
/** Lines of a drawing that a pen can follow, and points of all of them, at most. */
export const MAX_STROKES = 400;
/** Points of all pen lines of one picture, at most. */
export const MAX_STROKE_POINTS = 6000;
/** Cells a side of the map of where detail lies, at most. */
export const MAX_DETAIL_CELLS = 32;

const share = numberIn(0, 1);

/** Pairs of neighbouring areas that are kept of a picture, at most. */
export const MAX_NEIGHBOURS = 24;

/** What a picture holds, measured once in a worker when it comes in. */
export const artFactsSchema = z.object({
  /** Its main colours and the share of the inked area each covers, largest first. */
  palette: listTo(z.object({ colour: colourSchema, share }), 8),
  /** Share of the whole that is (nearly) white and opaque. */
  whiteShare: share,
  /** How much its left and right edge differ, and it and itself turned upside down: 0 alike, 1 opposite. */
  edgeMismatch: share,
  turnedMismatch: share,
  /** The edge of what is not see-through, in widths and heights of the upright picture (0–1). */
  silhouette: listTo(
    listTo(z.tuple([numberIn(-0.1, 1.1), numberIn(-0.1, 1.1)]), MAX_SILHOUETTE_POINTS),
    MAX_SILHOUETTE_RINGS,
  ).check(({ value, issues }) => {
    const points = cornersOf(value);
    const fault = { code: 'points', points, most: MAX_SILHOUETTE_POINTS } satisfies OutlineFault;
    if (points > MAX_SILHOUETTE_POINTS)
      issues.push({ code: 'custom', input: value, params: { fault } });
  }),
  /**
   * Areas that lie side by side, those with the longest common edge first: their colours (null: nothing printed), the
   * share of all edges, and the box round their edge in widths and heights of the upright picture.
   */
  neighbours: withDefault(
    listTo(
      z.object({
        one: z.nullable(colourSchema),
        other: z.nullable(colourSchema),
        share,
        box: z.object({ x: share, y: share, width: share, height: share }),
      }),
      MAX_NEIGHBOURS,
    ),
    [],
  ),
  /** Where detail lies: rows of cells, 0 (flat) to 255. */
  detail: z.object({
    columns: wholeIn(1, MAX_DETAIL_CELLS),
    rows: wholeIn(1, MAX_DETAIL_CELLS),
    cells: listTo(wholeIn(0, 255), MAX_DETAIL_CELLS ** 2),
  }),
});

/** The fonts that ship with the app. */
export const TEXT_FONTS = ['Bricolage Grotesque', 'Atkinson Hyperlegible', 'DM Mono'] as const;

/** Longest name a picture keeps, signs: as `nameSchema`. */
const MAX_NAME = 120;

/** What a picture is called: the part of a path-like name a person knows, cut to what is kept. */
export const pictureName = (name: string): string =>
  (name.split(/[\\/]/).at(-1) ?? '').trim().slice(0, MAX_NAME) || 'picture';

/** A line of lettering, from which its picture was drawn. */
export const textSpecSchema = z.object({
  /** `{name}` stands for the name of the piece. */
  words: z.string().check(z.trim(), z.minLength(1), z.maxLength(80)),
  font: z.enum(TEXT_FONTS),
  bold: z.boolean(),
  colour: colourSchema,
  /** Height of a capital, mm. */
  capHeightMm: positiveLengthSchema.check(z.maximum(500)),
  /** Radius of the line it runs along: positive bends its ends down, negative up; 0 is straight. */
  arcRadiusMm: offsetSchema,
});

const near = numberIn(-0.1, 1.1);

/** Lines a pen follows: those of a drawing itself, in widths and heights of the picture (0–1). */
export const strokesSchema = listTo(
  z.object({ points: z.array(z.tuple([near, near])).check(z.minLength(2)), closed: z.boolean() }),
  MAX_STROKES,
).check(
  z.refine(
    (lines) => lines.reduce((sum, { points }) => sum + points.length, 0) <= MAX_STROKE_POINTS,
    { error: 'too many points in the lines of a drawing' },
  ),
);

/**
 * What a drawing or page can show no more once it came in: pictures that are elsewhere or unreadable, effects, parts of a web page,
 * movement, words in unreadable fonts; `fonts`: words in the computer's own fonts instead of theirs.
 */
export const DRAWING_LOSSES = [
  'elsewhere',
  'effects',
  'page',
  'movement',
  'words',
  'fonts',
] as const;
/** See `DRAWING_LOSSES`. */
export type DrawingLoss = (typeof DRAWING_LOSSES)[number];

/** What only the source of a picture tells, not its pixels: its real size, the lines of the drawing, the words it was set from. */
const sourceFields = {
  /** Its size where the file says one in real units (SVG, PDF page, lettering). */
  realMm: withDefault(
    z.nullable(z.object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema })),
    null,
  ),
  text: withDefault(z.nullable(textSpecSchema), null),
  /** The lines of the drawing it came from; empty of a picture that is none. */
  strokes: withDefault(strokesSchema, []),
};

/** Facts of a picture file, measured once when it comes in. Its bytes are kept under `sha256`. */
export const artworkSchema = z.object({
  sha256: sha256Schema,
  name: nameSchema,
  mime: z.enum(['image/png', 'image/jpeg', 'image/webp']),
  bytes: z.int().check(z.positive(), z.maximum(200_000_000)),
  /** Pixels as stored in the file, before the EXIF orientation. */
  storedWidthPx: z.int().check(z.positive(), z.maximum(65_535)),
  storedHeightPx: z.int().check(z.positive(), z.maximum(65_535)),
  orientation: z.pipe(
    orientationSchema,
    z.transform((n): number => n),
  ),
  /** Share of pixels that are not fully opaque, 0–1. */
  transparentShare: share,
  /** Whether its file says which colours it is in: four inks of a press without a profile can be any. */
  coloursTold: withDefault(z.boolean(), true),
  ...sourceFields,
  /** Where it came from and under which licence, in the user's words. */
  sourceNote: withDefault(textTo(400), ''),
  /** The picture it was prepared from, kept beside it. */
  madeFrom: withDefault(z.nullable(sha256Schema), null),
  /** What the source of that picture told; null of one that was not prepared. */
  originally: withDefault(z.nullable(z.object(sourceFields)), null),
  facts: withDefault(z.nullable(artFactsSchema), null),
  /** What it came in without. */
  lost: withDefault(listTo(z.enum(DRAWING_LOSSES), DRAWING_LOSSES.length), []),
});

/** What is measured of a picture once, as small numbers; shares 0–1. */
export type ArtFacts = z.infer<typeof artFactsSchema>;
/** A line of lettering: its words, letters and size (mm). */
export type TextSpec = z.infer<typeof textSpecSchema>;
/** Lines a pen follows. */
export type Strokes = z.infer<typeof strokesSchema>;
/** A picture of a job: what it is called, its pixels as stored, and what was measured of it. */
export type Artwork = z.infer<typeof artworkSchema>;
