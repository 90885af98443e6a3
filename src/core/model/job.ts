import * as z from 'zod/mini';
import { artworkSchema } from './art';
import { blankSchema } from './blank';
import { itemsSchema } from './item';
import { dwellSchema, pressureSchema, TRANSFER_KINDS } from './heat';
import {
  idSchema,
  lengthSchema,
  lengthTo,
  nameSchema,
  offsetSchema,
  positiveLengthSchema,
  sha256Schema,
  timestampSchema,
} from '../primitives';
import { numberIn, wholeIn, textTo, listTo, withDefault } from '../schema';

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

/** A motif over the whole face, without chance. */
export const repeatSchema = z.object({
  /** `brick` shifts every second row by half a step, `half-drop` every second column. */
  pattern: z.enum(['grid', 'brick', 'half-drop']),
  /** From one motif's middle to the next, mm; at least a millimetre. */
  stepXMm: positiveLengthSchema.check(z.minimum(1)),
  stepYMm: positiveLengthSchema.check(z.minimum(1)),
  /** Whether motifs cut by the edge are printed as far as they go or left out. */
  atEdge: z.enum(['cut', 'whole only']),
});

/** Pictures of one job, lettering once for each name, at most. */
export const MAX_ARTS = 600;
/** Places of pictures in one job, at most. */
export const MAX_PLACEMENTS = 100;

/** A picture where it lies on a face: size and distance from a datum point (mm), quarter turns, repeat. */
export const placementSchema = z.object({
  id: idSchema,
  artSha256: sha256Schema,
  faceId: idSchema,
  sizing: sizingSchema,
  /** The art's centre: a datum point of the face and the way from it, mm right and down. */
  at: z.object({ datum: idSchema, dxMm: offsetSchema, dyMm: offsetSchema }),
  /** Quarter turns clockwise, as seen. */
  turns: withDefault(wholeIn(0, 3), 0),
  repeat: withDefault(z.nullable(repeatSchema), null),
});

/** How a pass is pressed: machine, own figures (°C, s), schools, cover. */
export const heatSettingsSchema = z.object({
  machineId: idSchema,
  /** The user's own figures; null takes the recipe's. */
  own: z.object({
    temperatureC: z.nullable(numberIn(20, 400)),
    dwellS: z.nullable(dwellSchema),
    pressure: z.nullable(pressureSchema),
  }),
  /** Which school is followed for cooling and peeling, where there are two. */
  coolSchool: z.enum(['A', 'B']),
  /** Which school is followed for the figures, where there are two. */
  figureSchool: withDefault(z.enum(['A', 'B']), 'A'),
  /** Order of the sections: row by row, or corners clockwise and inwards to the centre. */
  sections: withDefault(z.enum(['rows', 'inwards']), 'rows'),
  /** What lies next to the print: fresh paper, or paper that caught dye before. */
  cover: withDefault(z.enum(['fresh', 'used']), 'fresh'),
  /** A soft pad is put under a hard blank, whatever the machine has. */
  pad: withDefault(z.boolean(), false),
  /** The blank already carries finished dye that this heat goes over. */
  overDye: withDefault(z.boolean(), false),
});

/** How the end of a strip may be cut. */
export const EDGE_STYLES = ['straight', 'wave', 'scallop', 'torn', 'zigzag'] as const;

/** How the paper of a cup is made. */
export const wrapPaperSchema = z.object({
  /** Where its ends meet, on a cup without a handle. */
  seam: z.object({ kind: z.enum(['overlap', 'butt', 'gap']), byMm: lengthTo(100) }),
  /** The whole wrap, one strip as long as the art, or a piece for each half of the girth. */
  parts: z.enum(['whole', 'strip', 'halves']),
  /** Rim and base edge of the paper. */
  edge: z.object({ style: z.enum(EDGE_STYLES), depthMm: lengthTo(50) }),
});

/** Where a piece is cut that is not bound to the blank's edge. */
export const cutSchema = z.object({
  /**
   * Round the face or the art's box, along the art's own outline, or (of a ready-made sheet) what is left of the
   * sheet round an outline: that of the passes cut along theirs, or of its own art where there is none.
   */
  line: z.enum(['edge', 'contour', 'ground']),
  /** Room between art and cut, mm; negative cuts into the art. */
  marginMm: offsetSchema.check(z.minimum(-20), z.maximum(50)),
  holes: z.enum(['keep', 'close']),
  /** Whether every loose part (a letter, a stone of a mosaic) becomes a piece of its own. */
  apart: withDefault(z.boolean(), false),
});

/** Parts of a job's faces to be kept whole at most. */
export const MAX_KEPT_PARTS = 40;

/** How pieces come onto paper. */
export const sheetChoicesSchema = z.object({
  paperId: idSchema,
  /** The film a print goes on, where its transfer needs one. */
  filmId: withDefault(idSchema, 'film-letter'),
  printerId: idSchema,
  /** Who should mirror where there is a choice. */
  mirrorBy: z.enum(['file', 'driver']),
  /** The machine that cuts the pieces; null cuts by hand. */
  cutterId: withDefault(z.nullable(idSchema), null),
  /** Several pieces on one sheet: room between them, mm, and what they may be packed like. */
  gang: withDefault(
    z.object({
      together: z.boolean(),
      gapMm: lengthTo(50),
      turn: z.boolean(),
      straightCuts: z.boolean(),
    }),
    { together: true, gapMm: 6, turn: true, straightCuts: false },
  ),
  /** How a piece larger than a sheet is tiled. */
  tile: withDefault(
    z.object({
      /** What two sheets print in common at a seam, mm. */
      overlapMm: lengthTo(50),
      /** `one`: of each pair one is cut on the line; `both`: every inner white border is cut back to ink. */
      trim: z.enum(['one', 'both']),
    }),
    { overlapMm: 6.35, trim: 'one' },
  ),
  /** Seams set by hand, piece mm from its left and upper edge as seen. */
  seams: withDefault(
    listTo(
      z.object({
        pieceId: textTo(120),
        downAtMm: listTo(lengthSchema, 60),
        acrossAtMm: listTo(lengthSchema, 60),
      }),
      100,
    ),
    [],
  ),
  /** Parts of a face that no seam may cross (a face, a name), face mm. */
  keepWhole: withDefault(
    listTo(
      z.object({
        id: idSchema,
        faceId: idSchema,
        xMm: offsetSchema,
        yMm: offsetSchema,
        widthMm: positiveLengthSchema,
        heightMm: positiveLengthSchema,
      }),
      MAX_KEPT_PARTS,
    ),
    [],
  ),
});

/** Transfers that go on one item besides the first, at most: as many as jobs of version 4 could name. */
export const MAX_FURTHER = 6;
/** The identity of a job's first pass; the others have their own. */
export const FIRST_PASS = 'first';

/** What each transfer that goes on an item has for itself: its pictures, cut, paper and heat. */
const passFields = {
  transfer: z.enum(TRANSFER_KINDS),
  placements: listTo(placementSchema, MAX_PLACEMENTS),
  bleedMm: lengthTo(50),
  cut: withDefault(cutSchema, { line: 'edge', marginMm: 3, holes: 'keep', apart: false }),
  sheet: sheetChoicesSchema,
  heat: heatSettingsSchema,
};

/** One more transfer on the same item, whole: dye first and cut vinyl over it. */
export const furtherPassSchema = z.object({ id: idSchema, ...passFields });

/**
 * The one thing the user makes. Everything else is computed from it and the shelf. It stands for its
 * first pass; `core/model/passes` turns it so that it stands for another.
 */
export const jobSchema = z.object({
  id: idSchema,
  name: nameSchema,
  createdAt: timestampSchema,
  ...passFields,
  blank: blankSchema,
  arts: listTo(artworkSchema, MAX_ARTS),
  /** Further transfers on the same item, in no order: the order of pressing is found. */
  further: withDefault(
    listTo(furtherPassSchema, MAX_FURTHER).check(
      z.refine(
        (passes) => new Set([FIRST_PASS, ...passes.map(({ id }) => id)]).size > passes.length,
        {
          error: 'every pass has an id of its own',
        },
      ),
    ),
    [],
  ),
  /** What is made of the design, a row each; the job itself is what all of them have in common. */
  items: itemsSchema,
  wrap: withDefault(wrapPaperSchema, {
    seam: { kind: 'overlap', byMm: 3.175 },
    parts: 'whole',
    edge: { style: 'straight', depthMm: 3 },
  }),
  /** Both faces of a thin hard blank on one strip, folded over; null prints them apart. */
  fold: withDefault(z.nullable(z.object({ gapMm: lengthTo(200) })), null),
});

/** How large a picture is: covering, fitting, or exactly so (mm). */
export type Sizing = z.infer<typeof sizingSchema>;
/** How a motif is repeated: pattern, steps (mm), what the edge does to it. */
export type Repeat = z.infer<typeof repeatSchema>;
/** A picture where it lies on a face. */
export type Placement = z.infer<typeof placementSchema>;
/** How a job is pressed. */
export type HeatSettings = z.infer<typeof heatSettingsSchema>;
/** The recipe's figures everywhere. */
export const NOTHING_OWN: HeatSettings['own'] = {
  temperatureC: null,
  dwellS: null,
  pressure: null,
};
/** How a wrap is papered: strip or halves, and how it closes. */
export type WrapPaper = z.infer<typeof wrapPaperSchema>;
/** Where pieces are cut: along the face or along the art, with how much room (mm). */
export type CutChoice = z.infer<typeof cutSchema>;
/** What is printed on and how: paper, printer, cutter, mirroring, tiles, seams. */
export type SheetChoices = z.infer<typeof sheetChoicesSchema>;
/** One more transfer on the item, with its own pictures, cut, paper and heat. */
export type FurtherPass = z.infer<typeof furtherPassSchema>;
/** The only thing the user makes: a blank, art, a transfer, tools. */
export type Job = z.infer<typeof jobSchema>;
