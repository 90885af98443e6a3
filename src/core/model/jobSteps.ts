import { FIRST_ITEM, MAX_COPIES } from './item';
import { isRaw, type Raw } from './migrate';
import { LEAST_SIZE_MM } from '../primitives';

/** Lifts sizes that are smaller than anything can be to the least there is. */
export const lifted = (document: Raw, keys: readonly string[], least: number): Raw => ({
  ...document,
  ...Object.fromEntries(
    keys.flatMap((key) => {
      const value = document[key];
      return typeof value === 'number' && value > 0 && value < least ? [[key, least]] : [];
    }),
  ),
});

const FORM_SIZES = ['girthMm', 'rimGirthMm', 'baseGirthMm', 'wallHeightMm', 'heightMm'].concat(
  ...['widthMm', 'lengthMm', 'diameterMm'],
);

/** Version 4 of a blank: least sizes. */
export function blankTo4(document: Raw): Raw {
  const { form } = document;
  return isRaw(form) ? { ...document, form: lifted(form, FORM_SIZES, LEAST_SIZE_MM) } : document;
}

/** Version 4 of a job: its blank's, and least sizes of pictures and times. */
export function jobTo4(document: Raw): Raw {
  const { blank, placements, heat } = document;
  const sizing = (placement: unknown): unknown =>
    isRaw(placement) && isRaw(placement.sizing)
      ? { ...placement, sizing: lifted(placement.sizing, ['widthMm', 'heightMm'], LEAST_SIZE_MM) }
      : placement;
  // what was called A and B for peeling light paper has changed places: B is the cautious one everywhere
  const other = isRaw(heat) ? { A: 'B', B: 'A' }[String(heat.coolSchool)] : undefined;
  const school = document.transfer === 'light-paper' && other ? { coolSchool: other } : {};
  return {
    ...document,
    ...(isRaw(blank) ? { blank: blankTo4(blank) } : {}),
    ...(Array.isArray(placements) ? { placements: placements.map(sizing) } : {}),
    ...(isRaw(heat) && isRaw(heat.own)
      ? { heat: { ...heat, ...school, own: lifted(heat.own, ['dwellS'], 1) } }
      : {}),
  };
}

/** Version 5 of a job: every further transfer is a pass with pictures and heat of its own. */
export function jobTo5(document: Raw): Raw {
  const { heat, bleedMm, sheet, transfer } = document;
  if (!isRaw(heat) || !isRaw(sheet)) return document;
  const { also, ...own } = heat;
  const kinds = [...new Set(Array.isArray(also) ? (also as unknown[]) : [])];
  const further = kinds
    .filter((kind) => kind !== transfer)
    .map((kind) => ({
      ...{ id: kind, transfer: kind, placements: [], bleedMm },
      sheet: { ...sheet, seams: [], keepWhole: [] },
      heat: { ...own, own: { temperatureC: null, dwellS: null, pressure: null } },
    }));
  return { ...document, heat: own, further };
}

/** Version 6 of a job: names, sizes and copies are rows of what is made, each with its own pictures. */
export function jobTo6(document: Raw): Raw {
  const { names, sizes, sheet, placements, further, ...rest } = document;
  const listOf = (value: unknown): Raw[] => (Array.isArray(value) ? value.filter(isRaw) : []);
  const copiesOf = (row: unknown) =>
    isRaw(row) && typeof row.copies === 'number' ? row.copies : 1;
  const made = (copies: number) => Math.min(MAX_COPIES, copies * copiesOf(sheet));
  const passes = [document, ...listOf(further)];
  const lettered = passes
    .flatMap((pass) => listOf(pass.placements))
    .flatMap(({ id, perName }) =>
      Array.isArray(perName) && perName.length > 0 ? [{ id, perName: perName as unknown[] }] : [],
    );
  const named = Array.isArray(names) && lettered.length > 0 ? (names as unknown[]) : [];
  const base =
    named.length === 0
      ? [{ id: FIRST_ITEM, copies: made(1) }]
      : named.map((name, i) => ({
          ...{ id: String(i + 1), name, copies: made(1) },
          pictures: lettered.flatMap(({ id, perName }) =>
            perName[i] === undefined ? [] : [{ placementId: id, artSha256: perName[i] }],
          ),
        }));
  const sized = listOf(sizes).flatMap((row, i) =>
    row.copies === 0
      ? []
      : [
          {
            ...{ id: `size-${i + 1}`, copies: made(copiesOf(row)) },
            size: { name: row.size, widthMm: row.widthMm },
          },
        ],
  );
  const without = (value: Raw, key: string): Raw =>
    Object.fromEntries(Object.entries(value).filter(([each]) => each !== key));
  const plain = (pass: Raw): Raw => ({
    ...pass,
    placements: listOf(pass.placements).map((placement) => without(placement, 'perName')),
    sheet: isRaw(pass.sheet) ? without(pass.sheet, 'copies') : pass.sheet,
  });
  return {
    ...plain({ ...rest, placements, sheet }),
    ...(further === undefined ? {} : { further: listOf(further).map(plain) }),
    items: [...base, ...sized],
  };
}
