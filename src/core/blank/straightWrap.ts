import type { StraightWrapForm } from '../model';
import { formatLength, inches, type LengthUnit } from '../units';
import type { Datum, Face, Zone } from './face';

/** Circumference in mm, whichever way the girth was measured. */
export const circumferenceMm = (form: StraightWrapForm): number =>
  form.girthMeasuredAs === 'diameter' ? form.girthMm * Math.PI : form.girthMm;

export const diameterMm = (form: StraightWrapForm): number => circumferenceMm(form) / Math.PI;

/** Cups people drink from are this wide across (from memory; only used to ask, never to refuse). */
const USUAL_DIAMETER_MM = { min: inches(2), max: inches(5) };

/**
 * The usual slip: a tape read as a diameter, or a diameter read as a circumference.
 * @returns a question to ask, with the other reading, or null when the figure makes a likely cup.
 */
export function girthDoubt(
  form: StraightWrapForm,
  unit: LengthUnit,
): { question: string; other: StraightWrapForm['girthMeasuredAs'] } | null {
  const across = diameterMm(form);
  if (across >= USUAL_DIAMETER_MM.min && across <= USUAL_DIAMETER_MM.max) return null;
  const other = form.girthMeasuredAs === 'diameter' ? 'circumference' : 'diameter';
  const size = across > USUAL_DIAMETER_MM.max ? 'bucket' : 'thimble';
  const acrossOther = diameterMm({ ...form, girthMeasuredAs: other });
  return {
    other,
    question:
      `A ${form.girthMeasuredAs} of ${formatLength(form.girthMm, unit)} makes a ${size}, ` +
      `${formatLength(across, unit)} across. Did you mean the ${other}? ` +
      `Then it is ${formatLength(acrossOther, unit)} across.`,
  };
}

function datumsOf(form: StraightWrapForm, widthMm: number): Datum[] {
  const y = form.wallHeightMm / 2;
  const quarter = circumferenceMm(form) / 4;
  const halfGap = form.handleGapMm / 2;
  return [
    { id: 'opposite-handle', label: 'Opposite the handle', x: widthMm / 2, y },
    { id: 'right-holder', label: 'Right-handed holder sees', x: 3 * quarter - halfGap, y },
    { id: 'left-holder', label: 'Left-handed holder sees', x: quarter - halfGap, y },
  ];
}

function zonesOf(form: StraightWrapForm, widthMm: number): Zone[] {
  const { wallHeightMm: height, rimKeepOutMm, baseKeepOutMm, handleGapMm } = form;
  const band = (id: string, label: string, y: number, depth: number): Zone => ({
    id,
    label,
    kind: 'keep-out',
    box: { x: 0, y, width: widthMm, height: depth },
  });
  const half = handleGapMm / 2;
  return [
    band('rim', 'Rim: keep clear', 0, rimKeepOutMm),
    band('base', 'Base: keep clear', height - baseKeepOutMm, baseKeepOutMm),
    {
      id: 'handle-left',
      label: 'Handle',
      kind: 'handle',
      box: { x: -half, y: 0, width: half, height },
    },
    {
      id: 'handle-right',
      label: 'Handle',
      kind: 'handle',
      box: { x: widthMm, y: 0, width: half, height },
    },
  ].filter((zone): zone is Zone => zone.box.width > 0 && zone.box.height > 0);
}

/**
 * The wall unrolled, seen from outside with the handle cut away: circumference less handle gap wide.
 * With the handle on the holder's right, the right half faces a right-handed holder.
 * Figures that leave nothing give a face of zero size; `core/check` says so to the user.
 */
export function straightWrapFaces(form: StraightWrapForm): Face[] {
  const widthMm = Math.max(0, circumferenceMm(form) - form.handleGapMm);
  return [
    {
      id: 'wrap',
      name: 'Wrap',
      widthMm,
      heightMm: form.wallHeightMm,
      safe: {
        x: 0,
        y: form.rimKeepOutMm,
        width: widthMm,
        height: Math.max(0, form.wallHeightMm - form.rimKeepOutMm - form.baseKeepOutMm),
      },
      zones: zonesOf(form, widthMm),
      datums: datumsOf(form, widthMm),
    },
  ];
}
