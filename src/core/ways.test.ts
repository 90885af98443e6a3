import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { compareWays } from './ways';

test('a dark cotton tee: film, paper that covers, or vinyl; dye alone is told why not', () => {
  const tee = jobOn('tee-navy', artwork());
  const ways = compareWays(
    { ...tee, blank: { ...tee.blank, substrate: { ...tee.blank.substrate, polyesterShare: 0 } } },
    shelf,
  );
  const open = ways.filter(({ stops }) => stops.length === 0).map(({ transfer }) => transfer);
  expect([...open].sort()).toEqual(['dark-paper', 'film-white', 'vinyl']);
  const dye = ways.find(({ transfer }) => transfer === 'sublimation');
  expect(dye?.stops.map(({ code }) => code)).toContain('polyester');
  for (const way of ways) {
    expect(way.sheets).toBeGreaterThan(0);
  }
});

test('a mug takes dye only', () => {
  expect(compareWays(jobOn('mug-12oz'), shelf).map(({ transfer }) => transfer)).toEqual([
    'sublimation',
    'dye-sheet',
    'dye-pens',
  ]);
});
