import { z } from 'zod';
import { cornersOf, crossingsOf } from '../geometry';
import { keysOf } from '../keys';
import { FINISH_TRAITS, MATERIAL_TRAITS } from '../traits';
import { COATINGS } from '../transfer';
import {
  colourSchema,
  idSchema,
  lengthSchema,
  nameSchema,
  offsetSchema,
  originSchema,
  positiveLengthSchema,
} from './primitives';

/** What every cup has: where the handle is, and bands where dye does not take evenly. mm. */
const cupFields = {
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  /** What the handle takes out of the girth (at mid-height); 0 where there is no handle. */
  handleGapMm: lengthSchema,
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
};

/** A straight-walled cup, as a tape measure gives it. All lengths mm. */
const straightWrapSchema = z.object({
  kind: z.literal('straight-wrap'),
  ...cupFields,
  girthMm: positiveLengthSchema,
  wallHeightMm: positiveLengthSchema,
  /** A shoulder, lip or hump takes this much off the wall from above; paper stops below it. */
  humpMm: lengthSchema.default(0),
  /** One at the base takes this much off it from below. */
  baseHumpMm: lengthSchema.default(0),
  /** How far the paper's upper and lower edge bow upwards in the middle (negative: downwards). */
  rimCurveMm: offsetSchema.default(0),
  baseCurveMm: offsetSchema.default(0),
  /** Where the handle's roots are, from the rim down: the paper is notched there, full elsewhere. */
  handleNotch: z.object({ fromMm: lengthSchema, toMm: lengthSchema }).nullable().default(null),
});

/** A cup that narrows: two girths and a height, as a tape measure gives them. All lengths mm. */
const taperedWrapSchema = z.object({
  kind: z.literal('tapered-wrap'),
  ...cupFields,
  rimGirthMm: positiveLengthSchema,
  baseGirthMm: positiveLengthSchema,
  /** Along the wall (`slant`) or straight up. */
  heightMeasuredAs: z.enum(['slant', 'upright']),
  heightMm: positiveLengthSchema,
});

const sidesSchema = z.union([z.literal(1), z.literal(2)]);
/** The size it is sold as; kept apart from what the tape says. */
const nominalSchema = z
  .object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema })
  .nullable();

/** A flat four-cornered thing: tea towel, wall panel, pillow, mat, square coaster, tote. mm. */
const panelSchema = z.object({
  kind: z.literal('panel'),
  nominal: nominalSchema,
  widthMm: positiveLengthSchema,
  heightMm: positiveLengthSchema,
  cornerRadiusMm: lengthSchema,
  /** Band along the edge where nothing that matters should lie. */
  edgeKeepOutMm: lengthSchema,
  sides: sidesSchema,
});

/** A round thing: coaster, medallion, ornament. mm. */
const discSchema = z.object({
  kind: z.literal('disc'),
  nominal: nominalSchema,
  diameterMm: positiveLengthSchema,
  /** Hanging hole, 0 where there is none. */
  holeMm: lengthSchema,
  /** From the disc's edge to the hole, at the top. */
  holeFromEdgeMm: lengthSchema,
  /** Whether that distance runs to the hole's near edge or to its middle. */
  holeMeasuredTo: z.enum(['edge', 'centre']),
  edgeKeepOutMm: lengthSchema,
  sides: sidesSchema,
});

/**
 * Bounds of an outline, so that a stranger's file stays quick to plan: its lines, all their points
 * together, and how often they cross. Drawings are made simple when they come in (`tidyOutline`).
 */
export const MAX_OUTLINE_RINGS = 40;
/** Corners of an own outline, at most. */
export const MAX_OUTLINE_POINTS = 4000;
/** Places where an own outline may cross itself, at most. */
export const MAX_OUTLINE_CROSSINGS = 50;

/** Why a drawing cannot be the outline of a blank; in words: `words/documents`. */
export type OutlineFault =
  | { readonly code: 'too-long'; readonly longestMm: number; readonly mostMm: number }
  | { readonly code: 'points'; readonly points: number; readonly most: number }
  | { readonly code: 'crossings'; readonly most: number }
  /** So many points and crossings that its edge cannot be found. */
  | { readonly code: 'tangled'; readonly points: number }
  | { readonly code: 'lines'; readonly lines: number; readonly most: number }
  | { readonly code: 'no-inside'; readonly mostPoints: number };

type Rings = readonly (readonly (readonly [number, number])[])[];

/** What is too much of an outline to be planned with. */
function tooDense(rings: Rings): OutlineFault | null {
  const points = cornersOf(rings);
  if (points > MAX_OUTLINE_POINTS) return { code: 'points', points, most: MAX_OUTLINE_POINTS };
  const most = MAX_OUTLINE_CROSSINGS;
  const drawn = rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
  return crossingsOf(drawn, most) >= most ? { code: 'crossings', most } : null;
}

/** Any outline in real units, holes included; its box starts at (0, 0). mm. */
const outlineSchema = z.object({
  kind: z.literal('outline'),
  rings: z
    .array(
      z
        .array(z.tuple([lengthSchema, lengthSchema]))
        .min(3)
        .max(MAX_OUTLINE_POINTS),
    )
    .min(1)
    .max(MAX_OUTLINE_RINGS)
    .check(({ value, issues }) => {
      const fault = tooDense(value);
      if (fault) issues.push({ code: 'custom', input: value, params: { fault } });
    }),
  edgeKeepOutMm: lengthSchema,
  sides: sidesSchema,
});

/** Kinds of garments. */
export const GARMENTS = ['tee', 'hoodie', 'apron', 'bodysuit', 'cap'] as const;

/** Something worn, laid flat. mm. */
const garmentSchema = z.object({
  kind: z.literal('garment'),
  garment: z.enum(GARMENTS),
  size: nameSchema,
  /** Laid flat, straight across below the arms. */
  widthMm: positiveLengthSchema,
  /** From the highest point of the shoulder (or top edge) down. */
  lengthMm: positiveLengthSchema,
  /** The neck opening in front: how wide, and how deep below the shoulder. 0 where there is none. */
  collarWidthMm: lengthSchema,
  collarDropMm: lengthSchema,
  /** Room kept off side seams and hems. */
  seamKeepOutMm: lengthSchema,
  /** A pocket in the middle of the front, its top measured from the shoulder. */
  pocket: z
    .object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema, topMm: lengthSchema })
    .nullable(),
  /** A sleeve laid flat; null where there is none. */
  sleeve: z.object({ widthMm: positiveLengthSchema, lengthMm: positiveLengthSchema }).nullable(),
  /** Swirled or folded up and pressed as a bundle, so large; null where it is laid flat. */
  bundle: z
    .object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema })
    .nullable()
    .default(null),
});

/** A pair of socks pulled over inserts: four flat sides. mm. */
const socksSchema = z.object({
  kind: z.literal('socks'),
  size: nameSchema,
  widthMm: positiveLengthSchema,
  lengthMm: positiveLengthSchema,
  /** How far each long side rolls round the insert, so that no white line stays. */
  rollMm: lengthSchema,
});

/** Every form of blank is one more member here and one record in `core/blank`. */
export const blankFormSchema = z.discriminatedUnion('kind', [
  straightWrapSchema,
  taperedWrapSchema,
  panelSchema,
  discSchema,
  outlineSchema,
  garmentSchema,
  socksSchema,
]);

/** What blanks are made of. */
export const MATERIALS = keysOf(MATERIAL_TRAITS);

/** How the surface looks that dye goes into; what it does to a picture: `core/check/finishRules`. */
export const FINISHES = keysOf(FINISH_TRAITS);

/** What a blank is made of: material, coating, polyester share (0–1), colour, what heat it bears (°C). */
export const substrateSchema = z.object({
  material: z.enum(MATERIALS),
  coating: z.enum(COATINGS),
  colour: colourSchema,
  colourName: nameSchema,
  /** Share of polyester in cloth, 0–1; null for hard things. */
  polyesterShare: z.number().min(0).max(1).nullable().default(null),
  /** Sequins and stuffed things touch the plate before the rest does and cool it. */
  texture: z.enum(['flat', 'sequin', 'thick']).default('flat'),
  finish: z.enum(FINISHES).default('plain'),
  /** How thick it is where it is pressed; null where nobody measured. mm. */
  thicknessMm: lengthSchema.max(200).nullable().default(null),
  /** Hottest its maker allows, °C; null where nothing is said. */
  maxC: z.number().min(20).max(400).nullable().default(null),
});

/** What somebody who buys it again wants to know. */
export const aboutBlankSchema = z.object({
  note: z.string().max(500).default(''),
  /** Where it was bought, in the person's words. */
  source: z.string().max(200).default(''),
  /** What one of them cost, in the person's own money. */
  price: z.number().min(0).max(100_000).nullable().default(null),
  /** How good it turned out, 1 to 5. */
  rating: z.int().min(1).max(5).nullable().default(null),
  /** Whether the person would buy it again. */
  again: z.boolean().nullable().default(null),
});
/** Nothing known about it. */
export const NOTHING_ABOUT = aboutBlankSchema.parse({});

/** A thing to be printed on: its form in mm and what it is made of. */
export const blankSchema = z.object({
  id: idSchema,
  name: nameSchema,
  form: blankFormSchema,
  substrate: substrateSchema,
  about: aboutBlankSchema.default(NOTHING_ABOUT),
  origin: originSchema,
});

/** The form of a blank with its measures, mm. */
export type BlankForm = z.infer<typeof blankFormSchema>;
/** A kind of form. */
export type FormKind = BlankForm['kind'];
/** The form of one kind. */
export type FormOf<K extends FormKind> = Extract<BlankForm, { kind: K }>;
/** A mug or tumbler with a straight wall, mm. */
export type StraightWrapForm = FormOf<'straight-wrap'>;
/** A cup that narrows, mm. */
export type TaperedWrapForm = FormOf<'tapered-wrap'>;
/** Anything whose wall is wrapped. */
export type CupForm = StraightWrapForm | TaperedWrapForm;
/** What is noted about a blank. */
export type AboutBlank = z.infer<typeof aboutBlankSchema>;
/** What a blank is made of. */
export type Substrate = z.infer<typeof substrateSchema>;
/** A thing to be pressed: its form as measured and what it is made of. */
export type Blank = z.infer<typeof blankSchema>;
