import { DEMO_RECORDS } from '@/demo/records';
import { lifeWords } from '@/words';
import { choicesIn, lifeOf, narrowed } from '.';

test('a log is narrowed by what differs in it, the commonest first', () => {
  const choices = choicesIn(DEMO_RECORDS);
  expect(choices.machineName).toEqual([
    'Press with mug attachment',
    'Convection oven',
    'Automatic mug press',
  ]);
  // one blank, one paper: nothing to choose
  expect([choices.blankName, choices.paperName, choices.printerName]).toEqual([[], [], []]);
  const oven = narrowed(DEMO_RECORDS, { machineName: 'Convection oven', outcome: 'good' });
  expect(oven).toHaveLength(3);
  expect(narrowed(DEMO_RECORDS, {})).toBe(DEMO_RECORDS);
});

test('the life of a piece: from the first look on, told by how long after', () => {
  const [washed] = DEMO_RECORDS.filter(({ later }) => later.length > 1);
  const life = washed ? lifeOf(washed) : [];
  expect(life.map(lifeWords)).toEqual(['after 3 days', 'after 6 weeks']);
  expect([0, 1, 13, 100, 800].map((days) => lifeWords({ days }))).toEqual([
    'the same day',
    'the day after',
    'after 13 days',
    'after 3 months',
    'after 2.2 years',
  ]);
});
