import * as z from 'zod/mini';
import { lengthSchema, positiveLengthSchema } from '../../primitives';
import { FLAT_TRAITS } from '../../traits';
import { inches } from '../../units';
import { measuresOf, sidesSchema } from './measures';
import { OUTLINE } from './outline';

/** The size it is sold as; kept apart from what the tape says. */
const nominalSchema = z.nullable(
  z.object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema }),
);

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

/** Anything flat with four corners. */
const PANEL = measuresOf({
  schema: panelSchema,
  traits: FLAT_TRAITS,
  start: {
    kind: 'panel',
    nominal: null,
    widthMm: inches(11.5),
    heightMm: inches(17.5),
    cornerRadiusMm: 0,
    edgeKeepOutMm: inches(1 / 4),
    sides: 1,
  },
});

/** Anything round, with or without a hanging hole. */
const DISC = measuresOf({
  schema: discSchema,
  traits: FLAT_TRAITS,
  start: {
    kind: 'disc',
    nominal: null,
    diameterMm: inches(3),
    holeMm: 0,
    holeFromEdgeMm: inches(0.2),
    holeMeasuredTo: 'edge',
    edgeKeepOutMm: inches(1 / 8),
    sides: 1,
  },
});

/** Flat things; one more stands here too. */
export const FLAT_MEASURES = { panel: PANEL, disc: DISC, outline: OUTLINE };
