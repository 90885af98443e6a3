import { ellipseRing, outset, rectRing, type Box, type Ring } from '../geometry';
import { inches } from '../units';
import { unitDoubt } from './doubt';
import {
  boxZone,
  faceBox,
  middleOf,
  PLAIN_EDGES,
  present,
  type Datum,
  type Face,
  type Zone,
} from './face';
import type { FormOf } from './measures';
import type { FormRules } from './rules';

type Garment = FormOf<'garment'>;

/** Usual places on a garment: from memory, all of them to be moved by the user. */
const USUAL = {
  /** A full front is about this share of the garment's width laid flat. */
  fullFrontShare: 0.52,
  dropMm: inches(3),
  smallDropMm: inches(1.5),
  chestWidthMm: inches(3.5),
  /** From the centre line to the middle of a left-chest motif, as a share of the width. */
  chestShare: 0.2,
  sleeveShare: 0.4,
};
/** Garments narrower than this are children's: everything hangs higher (from memory). */
const SMALL_BELOW_MM = inches(15);
/** A back neckline is this deep where the front's is deeper (from memory). */
const BACK_DROP_MM = inches(1);

const bands = (w: number, h: number, keep: number): (Zone | null)[] => [
  boxZone('seam-left', 'keep-out', { x: 0, y: 0, width: keep, height: h }),
  boxZone('seam-right', 'keep-out', { x: w - keep, y: 0, width: keep, height: h }),
  boxZone('hem', 'keep-out', { x: 0, y: h - keep, width: w, height: keep }),
];

function collar(form: Garment, dropMm: number): Zone | null {
  if (form.collarWidthMm <= 0 || dropMm <= 0) return null;
  const opening = ellipseRing({
    x: (form.widthMm - form.collarWidthMm) / 2,
    y: -dropMm,
    width: form.collarWidthMm,
    height: 2 * dropMm,
  });
  const below = opening.filter(({ y }) => y >= -1e-9);
  return { id: 'collar', kind: 'cut-away', region: [below] };
}

function pocket({ pocket: p, widthMm }: Garment): Zone | null {
  if (!p) return null;
  const box: Box = {
    x: (widthMm - p.widthMm) / 2,
    y: p.topMm,
    width: p.widthMm,
    height: p.heightMm,
  };
  return boxZone('pocket', 'keep-out', box);
}

/** Shoulders fall by this share of the width from the neck to the sleeve (from memory). */
const SHOULDER_FALL = 0.06;

/** The body laid flat: sloping shoulders where there is a neck opening. */
function bodyRing({ widthMm: w, lengthMm: h, collarWidthMm: neck }: Garment): Ring {
  if (neck <= 0) return rectRing({ x: 0, y: 0, width: w, height: h });
  const fall = Math.min(w * SHOULDER_FALL, h / 4);
  const [left, right] = [(w - neck) / 2, (w + neck) / 2];
  return [
    { x: 0, y: fall },
    { x: Math.max(0, left), y: 0 },
    { x: Math.min(w, right), y: 0 },
    { x: w, y: fall },
    { x: w, y: h },
    { x: 0, y: h },
  ];
}

function body(form: Garment, id: 'front' | 'back', collarDropMm: number): Face {
  const { widthMm, lengthMm: heightMm, seamKeepOutMm: keep } = form;
  const x = widthMm / 2;
  const dropMm = widthMm < SMALL_BELOW_MM ? USUAL.smallDropMm : USUAL.dropMm;
  const small = Math.min(USUAL.chestWidthMm, widthMm * 0.2);
  const chest = (called: 'left-chest' | 'right-chest', side: 1 | -1): Datum => ({
    id: called,
    called,
    x: x + side * widthMm * USUAL.chestShare,
    y: collarDropMm,
    usual: { widthMm: small, dropMm },
  });
  const neckline: Datum = {
    id: 'neckline',
    called: form.collarWidthMm > 0 ? 'neckline' : 'top-edge',
    x,
    y: collarDropMm,
    usual: { widthMm: widthMm * USUAL.fullFrontShare, dropMm },
  };
  // the wearer's left is on the right of the picture
  const chests =
    id === 'front' && form.garment !== 'cap'
      ? [chest('left-chest', 1), chest('right-chest', -1)]
      : [];
  return {
    id,
    called: id,
    widthMm,
    heightMm,
    region: [bodyRing(form)],
    safe: {
      x: keep,
      y: collarDropMm,
      width: Math.max(0, widthMm - 2 * keep),
      height: Math.max(0, heightMm - collarDropMm - keep),
    },
    zones: present([
      ...bands(widthMm, heightMm, keep),
      collar(form, collarDropMm),
      id === 'front' ? pocket(form) : null,
    ]),
    datums: [neckline, ...chests],
    home: 'neckline',
    edges: { ...PLAIN_EDGES, top: 'shoulder', bottom: 'hem' },
    development: null,
    paper: 'art',
  };
}

function sleeve(form: Garment, side: 'left' | 'right'): Face | null {
  if (!form.sleeve) return null;
  const { widthMm, lengthMm: heightMm } = form.sleeve;
  const box = faceBox({ widthMm, heightMm });
  return {
    id: `sleeve-${side}`,
    called: `sleeve-${side}`,
    widthMm,
    heightMm,
    region: [rectRing(box)],
    safe: outset(box, -Math.min(form.seamKeepOutMm, widthMm / 3, heightMm / 3)),
    zones: [],
    datums: [
      {
        id: 'sleeve-middle',
        called: 'sleeve-middle',
        ...middleOf({ widthMm, heightMm }),
        usual: { widthMm: widthMm * USUAL.sleeveShare, dropMm: null },
      },
    ],
    home: 'sleeve-middle',
    edges: { ...PLAIN_EDGES, top: 'shoulder', bottom: 'cuff' },
    development: null,
    paper: 'art',
  };
}

/** The upper side of a garment that is swirled or folded up: what of it shows decides where the print goes. */
function bundled(size: NonNullable<Garment['bundle']>): Face {
  const box = faceBox(size);
  return {
    ...{ id: 'front', called: 'front', ...size },
    region: [rectRing(box)],
    safe: box,
    zones: [],
    datums: [{ id: 'centre', called: 'centre', ...middleOf(size) }],
    home: 'centre',
    edges: PLAIN_EDGES,
    development: null,
    paper: 'art',
  };
}

const ONE_SIDED: readonly Garment['garment'][] = ['apron', 'cap'];

/** Something worn: its front, back and sleeves laid flat, measured from the neckline. */
export const GARMENT: FormRules<Garment> = {
  faces: (form) => {
    if (form.bundle) return [bundled(form.bundle)];
    return present([
      body(form, 'front', form.collarDropMm),
      ONE_SIDED.includes(form.garment)
        ? null
        : body(form, 'back', Math.min(form.collarDropMm, BACK_DROP_MM)),
      sleeve(form, 'left'),
      sleeve(form, 'right'),
    ]);
  },
  doubt: (form) =>
    unitDoubt(form.widthMm, 'garment-width', (by) => ({
      ...form,
      widthMm: form.widthMm * by,
      lengthMm: form.lengthMm * by,
    })),
};
