import { isCup, midCircumferenceMm, wallOf } from '@/core/form';
import type { Blank } from '@/core/model';
import type { JobPlan } from '@/core/plan';

/** The turn that shows what matters first: a cup's art or its right-handed holder's side, else the front. */
export function startTurn(blank: Blank, plan: JobPlan): number {
  const [face] = plan.faces;
  if (!face || !isCup(blank.form)) return 0;
  const round = midCircumferenceMm(wallOf(blank.form));
  const [piece] = plan.pieces;
  const [art] = piece?.arts ?? [];
  const [slot] = piece?.slots ?? [];
  const holder = face.datums.find(({ id }) => id === 'right-holder')?.x ?? 0;
  const atMm =
    !art || !slot || art.box.width > face.widthMm * 0.7
      ? holder
      : art.box.x + art.box.width / 2 - slot.face.x;
  const fromSeamMm = (round - face.widthMm) / 2 + atMm;
  return -(2 * Math.PI * fromSeamMm) / round;
}
