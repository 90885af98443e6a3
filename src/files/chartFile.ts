import Papa from 'papaparse';
import { CHART_COLOURS, lightOfReader, type Rgb } from '@/core/colour';
import { failure, success, type Result } from '@/core/result';

/** A longer text is no list of patches, letters. */
const MOST_LETTERS = 50_000;

/** A list of the chart's patches to fill in with a colour reader: number, colour in the file, L*, a*, b*; 0 is bare. */
export const writePatchList = (): string =>
  Papa.unparse({
    fields: ['patch', 'in_file', 'L', 'a', 'b'],
    data: [
      ['0', 'bare blank', '', '', ''],
      ...CHART_COLOURS.map((hex, i) => [String(i + 1), hex, '', '', '']),
    ],
  });

const figureIn = (cell: string | undefined): number =>
  cell === undefined || cell.trim() === '' ? NaN : Number(cell.trim().replace(',', '.'));

/**
 * Reads what a colour reader says of the chart: `patch; L; a; b` a line (CIE L*a*b* under D50), 0 for the bare blank.
 * @returns every patch beside the bare blank, in linear light; or which line cannot be read, or which patch is missing.
 */
export function readPatchList(text: string): Result<Rgb[]> {
  if (text.length > MOST_LETTERS) return failure('This is too long for a list of patches.');
  const delimiter = text.includes(';') ? ';' : text.includes('\t') ? '\t' : ',';
  const [head = [], ...rows] = Papa.parse<string[]>(text.trim(), {
    delimiter,
    skipEmptyLines: 'greedy',
  }).data;
  const columns = head.map((name) => name.trim().toLowerCase());
  const at = (['patch', 'l', 'a', 'b'] as const).map((name) => columns.indexOf(name));
  if (at.includes(-1)) return failure('The first line must name the columns patch, L, a and b.');
  const light = new Map<number, Rgb>();
  for (const [i, row] of rows.entries()) {
    const [patch = NaN, l = NaN, a = NaN, b = NaN] = at.map((column) => figureIn(row[column]));
    const known = Number.isInteger(patch) && patch >= 0 && patch <= CHART_COLOURS.length;
    if (!known) return failure(`Line ${i + 2}: no patch from 0 to ${CHART_COLOURS.length}.`);
    if (!(l >= 0 && l <= 110 && Math.abs(a) <= 150 && Math.abs(b) <= 150))
      return failure(`Line ${i + 2}: patch ${patch} has no L, a and b that can be.`);
    light.set(patch, lightOfReader({ l, a, b }));
  }
  const bare = light.get(0);
  if (!bare) return failure('Patch 0, the bare blank, is missing: the others are told beside it.');
  const patches: Rgb[] = [];
  for (const [i, hex] of CHART_COLOURS.entries()) {
    const own = light.get(i + 1);
    if (!own) return failure(`Patch ${i + 1} (${hex}) is missing.`);
    const beside = (c: 0 | 1 | 2) => Math.min(2, Math.max(0, own[c] / Math.max(0.01, bare[c])));
    patches.push([beside(0), beside(1), beside(2)]);
  }
  return success(patches);
}
