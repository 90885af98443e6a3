import { DEMO_RECORDS } from '@/demo/records';
import { blankOf, shelf } from '@tests/support/jobs';
import { crafterOf, RECIPE, SETTABLE } from '@tests/support/crafters';
import { answerWords } from '@/words';
import type { PressRecord } from '../../model';
import type { RecipeInput } from '../../press';
import {
  answerOf,
  bestOf,
  chancesOf,
  fitOrdinal,
  heatVerdict,
  ladderFor,
  plannedLadder,
  priorFor,
  quantile,
  seenWindow,
  settableRound,
  thoughtOf,
  toldAs,
  triedOn,
  windowAsk,
  windowOf,
  type Now,
  type Tried,
} from '.';

const now: Now = {
  machineId: 'mug-attachment',
  paperId: 'letter',
  printerId: 'sublimation-inkjet',
  pressure: 'medium',
  at: '2026-09-10T12:00:00.000Z',
};
const record = (part: Partial<PressRecord>): PressRecord => ({
  ...(DEMO_RECORDS[2] as PressRecord),
  ...part,
});
const tried = (temperatureC: number, dwellS: number, verdict: Tried['verdict']): Tried => ({
  ...{
    recordId: `${temperatureC} ${dwellS}`,
    temperatureC,
    dwellS,
    verdict,
    weight: 1,
    test: false,
    thisPaper: true,
  },
});

describe('what a pressing says of the heat', () => {
  test('pale, well, too much; nothing where something else was behind it, or both were seen', () => {
    expect(heatVerdict(record({}))).toBe('good');
    const spoiled = { outcome: 'spoiled' } as const;
    expect(heatVerdict(record({ ...spoiled, faults: ['faded'] }))).toBe('pale');
    expect(heatVerdict(record({ ...spoiled, faults: ['scorched', 'ghost'] }))).toBe('over');
    expect(heatVerdict(record({ ...spoiled, faults: ['faded'], cause: 'moisture' }))).toBeNull();
    expect(heatVerdict(record({ ...spoiled, faults: ['faded', 'scorched'] }))).toBeNull();
    expect(heatVerdict(record({ ...spoiled, faults: [] }))).toBeNull();
    // a mirrored one was neither pale nor brown
    expect(heatVerdict(record({ ...spoiled, faults: ['backwards'] }))).toBe('good');
  });

  test('what is told of a test piece says the same again', () => {
    for (const verdict of ['pale', 'good', 'over'] as const)
      for (const isDye of [true, false])
        expect(heatVerdict(record({ ...toldAs(verdict, isDye) }))).toBe(verdict);
  });

  test('another paper, another pressure and years make it count less; another machine not at all', () => {
    const weight = (part: Partial<PressRecord>) => triedOn([record(part)], now)[0]?.weight ?? 0;
    expect(weight({ at: now.at })).toBe(1);
    expect(weight({ at: now.at, paperId: 'a4' })).toBe(0.5);
    expect(weight({ at: now.at, pressure: 'light' })).toBe(0.6);
    expect(weight({ at: '2024-09-10T00:00:00.000Z' })).toBeCloseTo(0.64, 2);
    expect(triedOn([record({ machineId: 'oven' }), record({ simulated: true })], now)).toEqual([]);
  });
});

describe('the window', () => {
  const empty = windowOf(RECIPE, [], []);

  test('before anything was pressed the recipe is the best, and hardly anything is sure', () => {
    const best = bestOf(empty, SETTABLE);
    expect(best).toMatchObject(RECIPE);
    expect(best.chances.most - best.chances.least).toBeGreaterThan(0.5);
    expect(best.chances.pale + best.chances.good + best.chances.over).toBeCloseTo(1, 9);
  });

  test('pale ones move the best to more heat, brown ones to less; ten good ones make it surer', () => {
    const after = (...all: Tried[]) => windowOf(RECIPE, [], all);
    const pale = bestOf(after(tried(204.4, 180, 'pale'), tried(204.4, 200, 'pale')), SETTABLE);
    expect(pale.dwellS).toBeGreaterThan(200);
    const brown = bestOf(after(tried(204.4, 180, 'over')), SETTABLE);
    expect(brown.dwellS).toBeLessThan(180);
    const good = after(...Array.from({ length: 10 }, () => tried(204.4, 180, 'good')));
    const [sure, before] = [good, empty].map((each) => chancesOf(each, RECIPE));
    expect(sure?.least).toBeGreaterThan((before?.least ?? 1) + 0.4);
  });

  test('schools that lie apart widen what is thought', () => {
    const spread = (schools: readonly { temperatureC: number; dwellS: number }[]) => {
      const { draws } = windowOf(RECIPE, schools, []);
      const middles = draws.parameters.map((each) => thoughtOf(each).middle);
      return quantile(middles, draws.shares, 0.9) - quantile(middles, draws.shares, 0.1);
    };
    expect(spread([{ temperatureC: 185, dwellS: 120 }])).toBeGreaterThan(1.2 * spread([]));
  });

  test('a fit far from its prior is the prior where nothing was seen', () => {
    const prior = priorFor(RECIPE, []);
    const fit = fitOrdinal({ categories: 3, prior, lapses: 0 }, [], [0, 0, 1, 0]);
    fit.parameters.forEach((each, i) => expect(each).toBeCloseTo(prior.mean[i] ?? NaN, 6));
    fit.covariance.forEach((row, i) =>
      row.forEach((each, j) => expect(each).toBeCloseTo(prior.covariance[i]?.[j] ?? NaN, 3)),
    );
  });
});

describe('what is thought of, and what is shown', () => {
  test('nothing hotter than blank and machine bear is thought of; one heat stays one', () => {
    const { temperaturesC } = settableRound(RECIPE, 210);
    expect(Math.max(...temperaturesC.map(Number))).toBeLessThanOrEqual(210);
    expect(settableRound({ temperatureC: null, dwellS: 420 }, null).temperaturesC).toEqual([null]);
  });

  test('the demo’s mugs on the attachment: 400 °F for three minutes, from seven pressings', () => {
    const machine = shelf.machines.find(({ id }) => id === 'mug-attachment');
    if (!machine) throw new Error('The shelf has an attachment.');
    const input: RecipeInput = {
      machine,
      blank: blankOf('mug-12oz'),
      transfer: 'sublimation',
      school: 'A',
      areaMm2: 0,
      figures: [],
      product: null,
    };
    const seen = seenWindow(windowAsk(input, DEMO_RECORDS, now), RECIPE);
    expect(seen.tried).toHaveLength(7);
    expect(seen.best.dwellS).toBe(180);
    expect(seen.best.temperatureC).toBeCloseTo(204.4, 1);
    expect(seen.cells).toHaveLength(seen.temperaturesC.length * seen.dwellsS.length);
  });
});

describe('what to try next', () => {
  const empty = windowOf(RECIPE, [], []);

  test('a ladder spans what is not known, in order, no piece twice, and is expected to help', () => {
    const { rungs, goodNow, goodAfter, bits } = ladderFor(empty, SETTABLE, { ask: 'window' }, 4);
    expect(rungs).toHaveLength(4);
    expect(rungs.map(({ dwellS }) => dwellS)).toEqual(
      [...rungs.map(({ dwellS }) => dwellS)].sort((a, b) => a - b),
    );
    expect(rungs.at(0)?.dwellS).toBeLessThan(150);
    expect(rungs.at(-1)?.dwellS).toBeGreaterThan(220);
    expect(goodAfter).toBeGreaterThan(goodNow + 0.1);
    expect(bits).toBeGreaterThan(1);
  });

  test('the same is designed every time', () => {
    const plan = () => ladderFor(windowOf(RECIPE, [], []), SETTABLE, { ask: 'window' }, 3);
    expect(plan()).toEqual(plan());
    expect(crafterOf(3).truth).toEqual(crafterOf(3).truth);
  });
});

test('what test pieces and another paper have told is answered with its width, in words', () => {
  const known = [
    ...[140, 150].map((s) => tried(204.4, s, 'pale')),
    ...[160, 180, 200, 220].map((s) => tried(204.4, s, 'good')),
    ...[260, 280].map((s) => tried(204.4, s, 'over')),
  ].map((each) => ({ ...each, thisPaper: false }));
  const pale = [180, 200].map((s) => ({ ...tried(204.4, s, 'pale'), test: true }));
  const ask = { from: RECIPE, schools: [], mostC: null, tried: [...known, ...pale] };
  const answered = (question: 'window' | 'offset' | 'paper') => {
    const { answer } = plannedLadder(ask, { ask: question }, 1);
    return answer && answerWords(answer, { ask: question }, { length: 'mm', temperature: '°C' });
  };
  expect(answered('window')).toBeNull();
  expect(answered('paper')).toMatch(/between \d+ % more and \d+ % more time than others before/);
  expect(answered('offset')).toMatch(/between \d+ °C cooler and \d+ °C cooler than it is set/);
  expect(plannedLadder({ ...ask, tried: known }, { ask: 'offset' }, 1).answer).toBeNull();
  // a long log is no product of chances that vanishes
  const many = { ...ask, tried: [...known, ...Array.from({ length: 3000 }, () => pale).flat()] };
  expect(plannedLadder(many, { ask: 'paper' }, 1).answer?.likely).toBeGreaterThan(0.2);
});

describe('where something is known', () => {
  test('what is known well needs fewer pieces, or none', () => {
    const known = windowOf(
      RECIPE,
      [],
      [
        ...[150, 160].map((s) => tried(204.4, s, 'pale')),
        ...Array.from({ length: 8 }, () => tried(204.4, 190, 'good')),
        ...[250, 270].map((s) => tried(204.4, s, 'over')),
      ],
    );
    const { rungs } = ladderFor(known, SETTABLE, { ask: 'window' }, 4);
    expect(rungs.length).toBeLessThan(3);
  });

  test('a plate that reads low and a slower paper are found by test pieces at the edges', () => {
    const known = windowOf(
      RECIPE,
      [],
      [
        ...[140, 150].map((s) => tried(204.4, s, 'pale')),
        ...[160, 170, 180, 200, 220].map((s) => tried(204.4, s, 'good')),
        ...[260, 280].map((s) => tried(204.4, s, 'over')),
      ],
    );
    for (const [ask, sign] of [
      ['offset', -1],
      ['paper', 1],
    ] as const) {
      const { rungs } = ladderFor(known, SETTABLE, { ask }, 4);
      expect(rungs.length).toBeGreaterThan(1);
      const came = rungs.map((rung) => ({
        rung,
        verdict: 0,
      }));
      const { likely, least, most } = answerOf(known, { ask }, came);
      expect(sign * likely).toBeGreaterThan(0);
      expect(least).toBeLessThanOrEqual(likely);
      expect(most).toBeGreaterThanOrEqual(likely);
    }
  });
});
