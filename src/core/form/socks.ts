import * as z from 'zod/mini';
import { wornTraits } from '../traits';
import { rectRing } from '../geometry';
import { lengthSchema, nameSchema, positiveLengthSchema } from '../primitives';
import { unitDoubt } from './doubt';
import { boxZone, faceBox, middleOf, PLAIN_EDGES, present, type Face } from './face';
import { formOf } from './rules';
import { inches } from '../units';

/** A pair of socks pulled over inserts: four flat sides. mm. */
const socksSchema = z.object({
  kind: z.literal('socks'),
  size: nameSchema,
  widthMm: positiveLengthSchema,
  lengthMm: positiveLengthSchema,
  /** How far each long side rolls round the insert, so that no white line stays. */
  rollMm: lengthSchema,
});

/** The four prints of a pair: two socks, two sides each. */
const SIDES = ['left-outside', 'left-inside', 'right-outside', 'right-inside'] as const;

/** A pair of socks on inserts; each side is as wide as the insert and a roll to both sides. */
export const SOCKS = formOf({
  schema: socksSchema,
  traits: wornTraits('socks'),
  start: {
    kind: 'socks',
    size: 'M',
    widthMm: inches(3.5),
    lengthMm: inches(9),
    rollMm: inches(1 / 4),
  },
  faces: ({ widthMm: insertMm, lengthMm: heightMm, rollMm }) => {
    const widthMm = insertMm + 2 * rollMm;
    const roll = (id: 'roll-left' | 'roll-right', x: number) =>
      boxZone(id, 'roll', { x, y: 0, width: rollMm, height: heightMm });
    return SIDES.map((id): Face => ({
      id,
      called: id,
      widthMm,
      heightMm,
      region: [rectRing(faceBox({ widthMm, heightMm }))],
      safe: { x: rollMm, y: 0, width: insertMm, height: heightMm },
      zones: present([roll('roll-left', 0), roll('roll-right', widthMm - rollMm)]),
      datums: [{ id: 'centre', called: 'centre', ...middleOf({ widthMm, heightMm }) }],
      home: 'centre',
      edges: { ...PLAIN_EDGES, top: 'cuff', bottom: 'toe' },
      development: null,
      paper: 'face',
    }));
  },
  doubt: (form) =>
    unitDoubt(form.widthMm, 'sock-width', (by) => ({
      ...form,
      widthMm: form.widthMm * by,
      lengthMm: form.lengthMm * by,
    })),
});
