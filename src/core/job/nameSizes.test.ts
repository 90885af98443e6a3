import { jobOn } from '@tests/support/jobs';
import { counter, picture } from '@tests/support/rows';
import { namesColumnWords } from '@/words/documents';
import { inches } from '../units';
import {
  heirsAmong,
  namesFrom,
  partsOf,
  sizeCalled,
  unknownSizes,
  withItemPicture,
  withNames,
  withPlainRows,
} from '.';

const tee = jobOn('tee', picture(1));
const listOf = (table: readonly (readonly string[])[]) => {
  const read = namesFrom(
    table,
    table.map((cells) => cells.join()),
  );
  if (!read.ok) throw new Error(read.reason.code);
  return read.value;
};

test.each([
  ['L', 'L', 22],
  [' xl ', 'XL', 24],
  ['X-Large', 'XL', 24],
  ['xxl', '2XL', 26],
  ['Small', 'S', 18],
])('%s is %s, %d in across', (cell, name, acrossIn) => {
  expect(sizeCalled(cell, 'M')).toEqual({ name, widthMm: inches(acrossIn) });
});

test('the blank’s own size is none of the row’s; what is nobody’s size is not guessed', () => {
  expect(sizeCalled('medium', 'M')).toBeNull();
  expect(sizeCalled('M', 'S')).toEqual({ name: 'M', widthMm: inches(20) });
  for (const cell of ['Youth M', '7', 'constructor', 'M/L'])
    expect(sizeCalled(cell, 'M')).toBeUndefined();
});

test('a table of guests gives each tee its size; what is not known is told and stays as it is', () => {
  const list = listOf([
    ['Name', 'T-shirt size', 'Qty'],
    ['Mira', 'XXL', '2'],
    ['Theo', 'Youth M', '1'],
    ['Ana', '', '3'],
    ['Bo', 'm', ''],
  ]);
  const before = withNames(tee, ['Ana', 'Bo'], counter(), [
    { size: { name: 'L', widthMm: inches(22) } },
    { size: { name: 'L', widthMm: inches(22) } },
  ]);
  const { items } = withNames(before, list.names, counter(), partsOf(before, list));
  expect(items.map(({ name, size, copies }) => [name, size?.name, copies])).toEqual([
    ['Mira', '2XL', 2],
    ['Theo', undefined, 1],
    ['Ana', 'L', 3],
    ['Bo', undefined, 1],
  ]);
  const unknown = unknownSizes(before, list);
  expect(unknown).toEqual([{ name: 'Theo', size: 'Youth M' }]);
  if (!list.column) throw new Error('three columns');
  expect(namesColumnWords(list.column, 4, list.each, list.sizes, unknown)).toMatch(
    /copies from “Qty”, 7 in all; sizes from “T-shirt size”\. No width is known for “Youth M” \(Theo\): choose/,
  );
  // a mug has no size
  const mug = jobOn('mug-12oz', picture(1));
  expect([partsOf(mug, list)[0], unknownSizes(mug, list)]).toEqual([{ copies: 2 }, []]);
});

test('who starts anew in another’s row keeps the size and the copies that the list says', () => {
  const two = withNames(tee, ['Ada', 'Bo'], counter(), [
    {},
    { size: { name: 'S', widthMm: inches(18) } },
  ]);
  const own = withItemPicture(two, 'row-1', 'p1', picture(5));
  const list = listOf([
    ['Name', 'Size', 'Copies'],
    ['Ada', 'L', '1'],
    ['Cy', 'XL', '4'],
  ]);
  const parts = partsOf(own, list);
  const heirs = heirsAmong(own, list.names, parts);
  expect(heirs.map(({ name, row }) => [name, row.size, row.pictures.length])).toEqual([
    ['Cy', null, 1],
  ]);
  const anew = withPlainRows(withNames(own, list.names, counter(), parts), heirs);
  const cy = anew.items[1];
  expect([cy?.name, cy?.size?.name, cy?.copies, cy?.pictures]).toEqual(['Cy', 'XL', 4, []]);
});
