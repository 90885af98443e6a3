import type { Job, Placement, SizeRow } from '../model';

interface Sized {
  readonly sized: Job;
  readonly size: string;
  readonly copies: number;
}

/** How much larger the art is made for a size: as much as the garment is wider. */
export const sizeScale = (row: SizeRow, baseWidthMm: number): number => row.widthMm / baseWidthMm;

const scaled = (placement: Placement, by: number): Placement => ({
  ...placement,
  sizing:
    placement.sizing.mode === 'exact'
      ? {
          ...placement.sizing,
          widthMm: placement.sizing.widthMm * by,
          heightMm: placement.sizing.heightMm * by,
        }
      : placement.sizing,
  at: { ...placement.at, dxMm: placement.at.dxMm * by, dyMm: placement.at.dyMm * by },
  repeat: placement.repeat && {
    ...placement.repeat,
    stepXMm: Math.max(1, placement.repeat.stepXMm * by),
    stepYMm: Math.max(1, placement.repeat.stepYMm * by),
  },
});

/** The same design on every further size of a garment: everything on it grows with its width. */
export function garmentSizes(job: Job): Sized[] {
  const { form } = job.blank;
  if (form.kind !== 'garment') return [];
  return job.sizes
    .filter(({ copies }) => copies > 0)
    .map((row) => {
      const by = sizeScale(row, form.widthMm);
      const grown = {
        ...form,
        size: row.size,
        widthMm: row.widthMm,
        lengthMm: form.lengthMm * by,
        collarWidthMm: form.collarWidthMm * by,
        collarDropMm: form.collarDropMm * by,
      };
      return {
        sized: {
          ...job,
          blank: { ...job.blank, form: grown },
          placements: job.placements.map((placement) => scaled(placement, by)),
        },
        size: row.size,
        copies: row.copies,
      };
    });
}
