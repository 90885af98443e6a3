import type { BlankForm } from '../model';
import { wallOf } from './forms';
import { midCircumferenceMm } from './wall';

/** The same cup taken for another shape, as a start for measuring: girth and height are kept. */
export function convertForm(form: BlankForm, kind: BlankForm['kind']): BlankForm {
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
    ? { kind, ...shared, girthMm: midCircumferenceMm(wall), wallHeightMm: wall.slantMm }
    : {
        kind,
        ...shared,
        rimGirthMm: wall.rimCircumferenceMm,
        baseGirthMm: wall.baseCircumferenceMm,
        heightMeasuredAs: 'slant',
        heightMm: wall.slantMm,
      };
}
