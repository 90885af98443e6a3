import type { CupForm } from './cup';
import { FORMS, isCup, type BlankForm, type FormKind } from './forms';
import { PLAIN_STRAIGHT, straightWallOf } from './straightWrap';
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

/** The same blank taken for another form: a cup keeps its figures, anything else starts afresh. */
export function convertForm(form: BlankForm, kind: FormKind): BlankForm {
  if (form.kind === kind) return form;
  const toCup = kind === 'straight-wrap' || kind === 'tapered-wrap';
  return isCup(form) && toCup ? convertCup(form, kind) : FORMS[kind].start;
}

/** All of a cup's wall along its slant, mm: a straight one's hump and shoulder too, where no paper goes. */
export const fullWallMm = (form: CupForm): number =>
  form.kind === 'straight-wrap' ? form.wallHeightMm : wallOf(form).slantMm;
