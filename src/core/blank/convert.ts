import type { BlankForm, CupForm, FormKind } from '../model';
import { isCup } from '../traits';
import { inches } from '../units';
import { straightWallOf } from './straightWrap';
import { taperedWallOf } from './taperedWrap';
import { midCircumferenceMm, type Wall } from './wall';

/** The wall of a cup in plain figures. */
export const wallOf = (form: CupForm): Wall =>
  form.kind === 'straight-wrap' ? straightWallOf(form) : taperedWallOf(form);

/** The same cup taken for another shape, as a start for measuring: girth and height are kept. */
export function convertCup(form: CupForm, kind: CupForm['kind']): CupForm {
  if (form.kind === kind) return form;
  const { handleGapMm, rimKeepOutMm, baseKeepOutMm } = form;
  const shared = {
    girthMeasuredAs: 'circumference',
    handleGapMm,
    rimKeepOutMm,
    baseKeepOutMm,
  } as const;
  const wall = wallOf(form);
  return kind === 'straight-wrap'
    ? {
        ...PLAIN_STRAIGHT,
        ...shared,
        girthMm: midCircumferenceMm(wall),
        wallHeightMm: wall.slantMm,
      }
    : {
        kind,
        ...shared,
        rimGirthMm: wall.rimCircumferenceMm,
        baseGirthMm: wall.baseCircumferenceMm,
        heightMeasuredAs: 'slant',
        heightMm: wall.slantMm,
      };
}

/** A straight wall without hump, bow or notch. */
export const PLAIN_STRAIGHT = {
  kind: 'straight-wrap',
  humpMm: 0,
  rimCurveMm: 0,
  baseCurveMm: 0,
  handleNotch: null,
} as const;

/** A form of each kind to start measuring from, in sizes often met (from memory). */
const STARTS: { readonly [K in FormKind]: Extract<BlankForm, { kind: K }> } = {
  'straight-wrap': {
    ...PLAIN_STRAIGHT,
    girthMeasuredAs: 'circumference',
    girthMm: inches(10.25),
    wallHeightMm: inches(3.79),
    handleGapMm: inches(1.5),
    rimKeepOutMm: inches(0.095),
    baseKeepOutMm: inches(0.095),
  },
  'tapered-wrap': {
    kind: 'tapered-wrap',
    girthMeasuredAs: 'circumference',
    rimGirthMm: inches(11.25),
    baseGirthMm: inches(7.75),
    heightMeasuredAs: 'slant',
    heightMm: inches(4.1),
    handleGapMm: 0,
    rimKeepOutMm: inches(0.15),
    baseKeepOutMm: inches(0.15),
  },
  panel: {
    kind: 'panel',
    nominal: null,
    widthMm: inches(11.5),
    heightMm: inches(17.5),
    cornerRadiusMm: 0,
    edgeKeepOutMm: inches(1 / 4),
    sides: 1,
  },
  disc: {
    kind: 'disc',
    nominal: null,
    diameterMm: inches(3),
    holeMm: 0,
    holeFromEdgeMm: inches(0.2),
    holeMeasuredTo: 'edge',
    edgeKeepOutMm: inches(1 / 8),
    sides: 1,
  },
  outline: {
    kind: 'outline',
    rings: [
      [
        [0, 30],
        [30, 0],
        [60, 30],
        [30, 80],
      ],
    ],
    edgeKeepOutMm: inches(1 / 8),
    sides: 1,
  },
  garment: {
    kind: 'garment',
    garment: 'tee',
    size: 'M',
    widthMm: inches(20),
    lengthMm: inches(29),
    collarWidthMm: inches(7),
    collarDropMm: inches(3.5),
    seamKeepOutMm: inches(1.5),
    pocket: null,
    sleeve: { widthMm: inches(7), lengthMm: inches(7.5) },
  },
  socks: {
    kind: 'socks',
    size: 'M',
    widthMm: inches(3.5),
    lengthMm: inches(9),
    rollMm: inches(1 / 4),
  },
};

/** The same blank taken for another form: a cup keeps its figures, anything else starts afresh. */
export function convertForm(form: BlankForm, kind: FormKind): BlankForm {
  if (form.kind === kind) return form;
  const toCup = kind === 'straight-wrap' || kind === 'tapered-wrap';
  return isCup(form) && toCup ? convertCup(form, kind) : STARTS[kind];
}

/** All of a cup's wall along its slant, mm: a straight one's hump and shoulder too, where no paper goes. */
export const fullWallMm = (form: CupForm): number =>
  form.kind === 'straight-wrap' ? form.wallHeightMm : wallOf(form).slantMm;
