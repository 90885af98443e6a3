import { jobOn } from '@tests/support/jobs';
import { counter, line, picture } from '@tests/support/rows';
import { heirsWords } from '@/words/documents';
import { plainItem } from '../model';
import {
  heirsAmong,
  withArt,
  withItem,
  withItemPicture,
  withLettering,
  withNames,
  withPlainRows,
} from '.';

test('whoever comes into a list before others takes nothing of theirs, and copies are told along', () => {
  const design = withArt(jobOn('tote', picture(1)), picture(2), 'p2');
  const two = withNames(design, ['Ada', 'Bartholomew'], counter());
  const own = withItemPicture(two, 'row-1', 'p2', picture(5));
  const more = withNames(own, ['Cleo', 'Bartholomew', 'Ada'], () => 'row-7', [
    { copies: 4 },
    {},
    { copies: 2 },
  ]);
  expect(more.items.map(({ id, name, copies }) => [id, name, copies])).toEqual([
    ['row-7', 'Cleo', 4],
    ['row-1', 'Bartholomew', 1],
    ['first', 'Ada', 2],
  ]);
  const pictureOf = (id: string) => more.items.find((item) => item.id === id)?.pictures;
  expect(pictureOf('row-7')).toEqual([]);
  expect(pictureOf('row-1')).toEqual([{ placementId: 'p2', artSha256: picture(5).sha256 }]);
  expect(heirsAmong(own, ['Cleo', 'Bartholomew', 'Ada'])).toEqual([]);

  // Dora would get what was chosen for Bartholomew, which is told; his row can be started anew for her
  const list = ['Ada', 'Dora'];
  const heirs = heirsAmong(own, list);
  expect(heirs.map(({ name, row }) => [name, row.id, row.name])).toEqual([
    ['Dora', 'row-1', 'Bartholomew'],
  ]);
  expect(heirsWords(heirs)).toContain('“Dora” takes the row of “Bartholomew” (picture)');
  const anew = withPlainRows(
    withNames(own, list, () => ''),
    heirs,
  );
  expect(anew.items[1]).toEqual({ ...plainItem('row-1'), name: 'Dora' });
  // the list was undone before: the row is his again, with all that was chosen for him
  expect(withPlainRows(own, heirs).items).toEqual(own.items);
  expect(anew.arts.map(({ sha256 }) => sha256)).not.toContain(picture(5).sha256);
});

test('a name lettered is nobody’s choice: whoever takes the row is lettered anew', () => {
  const design = withArt(jobOn('tote', picture(1)), line(7, 'Hi {name}'), 'p2');
  const two = withNames(design, ['Ada', 'Bo'], counter());
  const lettered = withLettering(two, 'p2', [line(8, 'Hi Ada'), line(9, 'Hi Bo')]);
  expect(heirsAmong(lettered, ['Ada', 'Cy'])).toEqual([]);
  const sized = withItem(lettered, 'row-1', { size: { name: 'XL', widthMm: 600 } });
  const heirs = heirsAmong(sized, ['Ada', 'Cy']);
  expect(heirs.map(({ name, row }) => [name, row.pictures])).toEqual([['Cy', []]]);
  const named = withNames(sized, ['Ada', 'Cy'], () => '');
  const [ada, cy] = withPlainRows(named, heirs).items;
  expect([ada, cy?.size, cy?.pictures]).toEqual([
    lettered.items[0],
    null,
    lettered.items[1]?.pictures,
  ]);
});
