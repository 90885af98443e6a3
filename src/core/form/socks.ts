import { rectRing } from '../geometry';
import { unitDoubt } from './doubt';
import { boxZone, faceBox, middleOf, PLAIN_EDGES, present, type Face } from './face';
import type { FormOf } from './measures';
import type { FormRules } from './rules';

/** The four prints of a pair: two socks, two sides each. */
const SIDES = ['left-outside', 'left-inside', 'right-outside', 'right-inside'] as const;

/** A pair of socks on inserts; each side is as wide as the insert and a roll to both sides. */
export const SOCKS: FormRules<FormOf<'socks'>> = {
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
};
