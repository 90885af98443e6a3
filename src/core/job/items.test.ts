import { jobOn, shelf } from '@tests/support/jobs';
import { counter, line, picture } from '@tests/support/rows';
import {
  FIRST_ITEM,
  itemLabels,
  plainItem,
  thingsIn,
  unlettered,
  type Artwork,
  type Job,
} from '../model';
import { planJob } from '../plan';
import { inches } from '../units';
import {
  itemOf,
  namesOf,
  withArt,
  withItem,
  withItemPicture,
  withLettering,
  withNames,
  withoutItem,
  withoutPlacement,
  withPictureRows,
  withRow,
} from '.';
import { pieceWords } from '@/words';

const piecesOf = (job: Job) => planJob(job, shelf).pieces;

describe('pictures dropped as rows', () => {
  const mug = jobOn('mug-12oz', picture(1));
  const four = withPictureRows(
    mug,
    'p1',
    [1, 2, 3, 4].map((n) => picture(n)),
    counter(),
  );

  test('four mugs, four pictures: a row each, called after their files', () => {
    expect(four.items.map(({ name }) => name)).toEqual(['fern 1', 'fern 2', 'fern 3', 'fern 4']);
    expect(thingsIn(four)).toBe(4);
    expect(
      piecesOf(four).map((piece) => [pieceWords(piece), piece.arts[0]?.artSha256.at(-1)]),
    ).toEqual([1, 2, 3, 4].map((n) => [`Wrap · fern ${n}`, String(n)]));
  });

  test('twelve coasters of three designs: twelve prints that share sheets', () => {
    const designs = [1, 2, 3].map((n) => picture(n));
    const rows = withPictureRows(jobOn('round-coaster', picture(1)), 'p1', designs, counter());
    const twelve = { ...rows, items: rows.items.map((item) => ({ ...item, copies: 4 })) };
    const { sheets, press, pieces } = planJob(twelve, shelf);
    expect(pieces.map(({ copies }) => copies)).toEqual([4, 4, 4]);
    expect(sheets.flatMap(({ items }) => items)).toHaveLength(12);
    expect(sheets.length).toBeLessThan(12);
    expect(press.rounds?.items).toBe(12);
  });

  test('a row taken off takes its picture along; the last one stays', () => {
    const three = withoutItem(four, 'row-2');
    expect(three.arts.map(({ name }) => name)).not.toContain('fern 2.png');
    expect(withoutItem(mug, FIRST_ITEM)).toBe(mug);
  });

  test('a place taken off takes the rows’ pictures for it along', () => {
    const bare = withoutPlacement(four, 'p1');
    expect(bare.arts).toEqual([]);
    expect(bare.items.flatMap(({ pictures }) => pictures)).toEqual([]);
  });

  test('a row has the design’s own picture again', () => {
    const back = withItemPicture(four, 'row-3', 'p1', null);
    expect(itemOf(back, 'row-3').pictures).toEqual([]);
    // it prints the same as the first now, and shares its piece
    expect(piecesOf(back).map(({ variant }) => variant)).toEqual(
      ['fern 1', 'fern 2', 'fern 3', 'fern 4']
        .filter((name) => name !== 'fern 3')
        .map((name) => (name === 'fern 1' ? 'fern 1, fern 3' : name)),
    );
  });
});

describe('an own picture in a place whose size was typed', () => {
  const tee = (art: Artwork): Job => {
    const job = jobOn('tee', picture(1));
    return withItemPicture(
      {
        ...job,
        placements: job.placements.map((each) => ({
          ...each,
          sizing: { mode: 'exact', widthMm: 100, heightMm: 100, locked: true },
        })),
        items: [plainItem(FIRST_ITEM), plainItem('two')],
      },
      'two',
      'p1',
      art,
    );
  };
  const boxOf = (job: Job) => piecesOf(job)[1]?.arts[0]?.box;

  test('lies whole within it, in its own proportions', () => {
    const wide = boxOf(tee(picture(2, { storedWidthPx: 2000, storedHeightPx: 1000 })));
    expect([wide?.width, wide?.height]).toEqual([100, 50]);
    const high = boxOf(tee(picture(2, { storedWidthPx: 500, storedHeightPx: 1000 })));
    expect([high?.width, high?.height]).toEqual([50, 100]);
  });

  test('what is found of it is told apart from what is found of the design’s picture', () => {
    const coarse = picture(2, { storedWidthPx: 90, storedHeightPx: 90 });
    const ids = planJob(tee(coarse), shelf).checks.map(({ id }) => id);
    expect(ids).toContain('resolution-p1-00000000');
    expect(ids).not.toContain('resolution-p1');
  });
});

describe('lettering by name', () => {
  const named = withNames(
    withArt(jobOn('tote', picture(1)), line(7, 'Hi {name}'), 'p2'),
    ['Ada', 'Bartholomew'],
    counter(),
  );
  const lettered = withLettering(named, 'p2', [line(8, 'Hi Ada'), line(9, 'Hi Bartholomew')]);

  test('every name in its true height, as long as it is', () => {
    const boxes = piecesOf(lettered).map(({ arts }) => arts[1]?.box);
    expect(boxes.map((box) => box?.width)).toEqual([60, 140]);
    expect(boxes.map((box) => box?.height)).toEqual([8, 8]);
  });

  test('told anew, rows keep what else they have; surplus ones go', () => {
    const wanted = ['Ida', 'Bo', 'Cy'];
    const coloured = withItem(lettered, 'row-1', { copies: 3 });
    const three = withNames(coloured, wanted, () => 'row-9');
    expect(three.items.map(({ id, name, copies }) => [id, name, copies])).toEqual([
      ['first', 'Ida', 1],
      ['row-1', 'Bo', 3],
      ['row-9', 'Cy', 1],
    ]);
    expect(namesOf(withNames(three, ['Ida'], () => ''))).toEqual(['Ida']);
    // a size that has no name is no surplus
    const sized = withRow(three, 'xl', { size: { name: 'XL', widthMm: 600 } });
    expect(namesOf(withNames(sized, ['Ida'], () => ''))).toEqual(['Ida', '']);
    expect(namesOf(jobOn('tote', picture(1)))).toEqual([]);
  });

  test('who is renamed, or added, is not lettered yet', () => {
    const [, place] = lettered.placements;
    if (!place) throw new Error('no place');
    expect(unlettered(lettered, place)).toEqual([]);
    const more = withRow(withItem(lettered, 'row-1', { name: 'Ava' }), 'row-3', { name: 'Cy' });
    expect(unlettered(more, place).map(({ name }) => name)).toEqual(['Ava', 'Cy']);
    // whoever presses now would give Ava another's name: that stops
    const stop = planJob(more, shelf).checks.find(({ code }) => code === 'not-lettered');
    expect(stop).toMatchObject({
      level: 'stop',
      facts: { rows: 2, first: 'Ava', shows: 'Hi Bartholomew' },
    });
    expect(planJob(lettered, shelf).checks.map(({ code }) => code)).not.toContain('not-lettered');
  });

  test('one line for all takes the place of many', () => {
    const text = { ...line(8, '').text, words: 'Hollow Ridge' } as Artwork['text'];
    const one = withLettering(lettered, 'p2', [line(5, 'Hollow Ridge', { text })]);
    expect(one.items.flatMap(({ pictures }) => pictures)).toEqual([]);
    expect(one.arts).toHaveLength(2);
    expect(piecesOf(one).map((piece) => [pieceWords(piece), piece.copies])).toEqual([['Front', 2]]);
  });
});

describe('sizes and colours', () => {
  const tee = jobOn('tee', picture(1));
  const sized = (name: string, acrossIn: number) => ({
    size: { name, widthMm: inches(acrossIn) },
    copies: 2,
  });

  test('art grows with the garment, and every size is called by its name', () => {
    const job = withRow(tee, 'xl', sized('XL', 24));
    const pieces = piecesOf(job);
    expect(pieces.map(({ variant, copies }) => [variant, copies])).toEqual([
      ['M', 1],
      ['XL', 2],
    ]);
    const width = (at: number) => pieces[at]?.arts[0]?.box.width ?? 0;
    expect(width(1) / width(0)).toBeCloseTo(24 / 20, 6);
  });

  test('of another colour only, they share one print', () => {
    const colour = { colour: '#f4d9e4', colourName: 'pale pink' };
    const job = withRow(tee, 'pink', { colour, copies: 3 });
    expect(piecesOf(job).map(({ variant, copies }) => [variant, copies])).toEqual([['', 4]]);
    expect(itemLabels(job)).toEqual([`${tee.blank.substrate.colourName}`, 'pale pink']);
  });

  test('a dark one among pale ones stops the dye, with its colour', () => {
    const colour = { colour: '#1f2a44', colourName: 'navy' };
    const { checks } = planJob(withRow(tee, 'navy', { colour }), shelf);
    const stop = checks.find(({ code }) => code === 'blank-colour');
    expect(stop).toMatchObject({ level: 'stop', facts: { colourName: 'navy' } });
  });

  test('the press is set for the largest of them', () => {
    const ironed = { ...jobOn('tote', picture(1)), items: [plainItem(FIRST_ITEM)] };
    const small = picture(2, { storedWidthPx: 300, storedHeightPx: 1500 });
    const typed: Job = {
      ...ironed,
      placements: ironed.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: 150, heightMm: 150, locked: true },
      })),
    };
    const area = (job: Job) =>
      planJob(job, shelf)
        .press.sides[0]?.region.flat()
        .map(({ x, y }) => [x, y]);
    const first = withItemPicture(withRow(typed, 'b'), FIRST_ITEM, 'p1', small);
    const second = withItemPicture(withRow(typed, 'b'), 'b', 'p1', small);
    expect(area(first)).toEqual(area(second));
    expect(area(first)).toEqual(area(typed));
  });
});

test('rows are called so that no two are alike', () => {
  const job: Job = {
    ...jobOn('tee', picture(1)),
    items: [
      { ...plainItem('a'), name: 'Ada' },
      { ...plainItem('b'), name: 'Ada' },
      { ...plainItem('c'), size: { name: 'XL', widthMm: 600 } },
      plainItem('d'),
    ],
  };
  expect(itemLabels(job)).toEqual(['Ada, M', 'Ada, M (2)', 'XL', 'M']);
  expect(itemLabels({ ...job, items: [plainItem('a'), plainItem('b')] })).toEqual(['1', '2']);
});
