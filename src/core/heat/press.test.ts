import { readFileSync, writeFileSync } from 'node:fs';
import { DYED, setupFor, WHAT_IFS } from '@tests/support/heated';
import { explicitly } from '@tests/support/explicitHeat';
import { compare, equalDwell } from './compare';
import { PRIOR } from './assumed';
import { worthAt } from './dose';
import { heated, STEPS, type Heated } from './press';
import { coversFor, type Setup } from './setup';
import { GRID } from './wall';

const goes = (setup: Setup): Heated => {
  const found = heated(setup);
  if (!found) throw new Error('nothing is printed');
  return found;
};
const doses = DYED.map(([name, row]) => {
  const setup = setupFor(row);
  return { name, setup, ...goes(setup) };
});
const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
const isOvenMug = ({ name }: { name: string }) => name === 'mug in the oven';
const middle = median(doses.filter((each) => !isOvenMug(each)).map(({ doseS }) => doseS));

describe('recipes of the trade by one model, nothing fitted to them', () => {
  test('ten of the twelve besides the oven mug lie within a factor of two of their median', () => {
    const others = doses.filter((each) => !isOvenMug(each));
    expect(others).toHaveLength(12);
    const near = others.filter(({ doseS }) => doseS / middle > 0.5 && doseS / middle < 2);
    expect(near.length).toBeGreaterThanOrEqual(10);
  });

  test.each(doses)(
    '$name: cut finer, in space and in time, it stays the same to 0.5 %',
    ({ setup, doseS }) => {
      const steps = {
        firstS: STEPS.firstS / 2,
        growth: Math.sqrt(STEPS.growth),
        mostS: STEPS.mostS / 2,
      };
      const grid = {
        ...GRID,
        leastM: GRID.leastM / 2,
        mostM: GRID.mostM / 2,
        least: 2 * GRID.least,
      };
      const finer = heated(setup, PRIOR, { steps, grid })?.doseS ?? 0;
      expect(Math.abs(finer / doseS - 1)).toBeLessThan(0.005);
    },
  );

  test('five degrees more or less, ten seconds more: as in our own trial', () => {
    for (const { setup, doseS } of doses) {
      const at = (by: number) => goes({ ...setup, plateC: setup.plateC + by }).doseS / doseS;
      expect(at(5)).toBeGreaterThan(1.2);
      expect(at(5)).toBeLessThan(1.42);
      expect(at(-5)).toBeLessThan(0.82);
      expect(at(-5)).toBeGreaterThan(0.7);
    }
    const longer = (name: string) => {
      const found = doses.find((each) => each.name === name);
      if (!found) throw new Error(name);
      return goes({ ...found.setup, dwellS: found.setup.dwellS + 10 }).doseS / found.doseS - 1;
    };
    expect(longer('polyester tee')).toBeCloseTo(0.26, 1);
    expect(longer('ceramic disc')).toBeLessThan(0.1);
  });
});

describe('what a recipe comes to', () => {
  test('adhesives come to where they soften, between 130 and 160 °C (from memory)', () => {
    for (const by of ['vinyl', 'dark-paper', 'light-paper'] as const) {
      const { peakFaceC } = goes(setupFor({ on: 'tee', by, with: 'plate-press' }));
      expect(peakFaceC).toBeGreaterThan(130);
      expect(peakFaceC).toBeLessThan(160);
    }
  });

  test('vinyl over finished dye, and pens at 300 °F, hardly move dye at all', () => {
    const tee = doses[0]?.doseS ?? NaN;
    expect(
      goes(setupFor({ on: 'tee', by: 'vinyl', with: 'plate-press' })).doseS / tee,
    ).toBeLessThan(0.01);
    const pens = setupFor({ on: 'round-coaster', by: 'dye-pens', with: 'hand-press' });
    expect(goes(pens).doseS).toBeLessThan(2);
  });

  test('a second at 200 °C is worth a second; ten degrees change it by about two thirds', () => {
    expect(worthAt(200)).toBeCloseTo(1, 12);
    // 110 kJ/mol by hand: exp(13 231 × (1/473.15 − 1/483.15)) = 1.784
    expect(worthAt(210)).toBeCloseTo(1.784, 3);
  });
});

test('another solver, explicit and written apart, comes to the same to 0.5 %', () => {
  for (const name of ['polyester tee', 'ceramic disc']) {
    const found = doses.find((each) => each.name === name);
    if (!found) throw new Error(name);
    expect(Math.abs(explicitly(found.setup) / found.doseS - 1)).toBeLessThan(0.005);
  }
});

describe('what if', () => {
  test.each(WHAT_IFS)('$name', ({ of, change, trial: [low, high], met }) => {
    const setup = of();
    const { dose } = compare(setup, change(setup), 'sublimation') ?? {};
    if (!dose) throw new Error('no dye');
    expect(dose.low).toBeLessThanOrEqual(dose.likely);
    expect(dose.high).toBeGreaterThanOrEqual(dose.likely);
    expect(dose.likely >= low - 0.005 && dose.likely <= high + 0.005).toBe(met);
  });

  test('an error of heat is mended with heat, never with time', () => {
    const setup = setupFor({ on: 'tee', with: 'plate-press' });
    const found = compare(setup, { plateC: setup.plateC - 12 }, 'sublimation');
    expect(found?.makesUp).toEqual({ by: 'heat', moreC: 12 });
  });

  test('the time that makes up brings the dye as much as before', () => {
    const setup = setupFor({ on: 'tee', with: 'plate-press' });
    const { doseS } = goes(setup);
    const dwellS = equalDwell({ ...setup, covers: 2 }, doseS, PRIOR);
    expect(goes({ ...setup, covers: 2, dwellS }).doseS / doseS).toBeCloseTo(1, 2);
  });

  test('nothing is proposed beyond what was tried', () => {
    const setup = setupFor({ on: 'tee', with: 'plate-press' });
    expect(compare(setup, { covers: 8 }, 'sublimation')?.makesUp).toEqual({
      by: 'nothing',
      why: 'too-long',
    });
    expect(compare(setup, { heatedBelow: true }, 'sublimation')?.makesUp).toEqual({
      by: 'nothing',
      why: 'too-short',
    });
    expect(compare(setup, {}, 'sublimation')?.makesUp).toEqual({ by: 'none' });
  });

  test('a card in place of paper keeps more off; opened in the middle the dye gets less', () => {
    const setup = setupFor({ on: 'tee', with: 'plate-press' });
    const dose = (change: Partial<Setup>) =>
      compare(setup, change, 'sublimation')?.dose?.likely ?? NaN;
    expect(coversFor(setup)).toContain('card');
    expect(dose({ cover: 'card' })).toBeLessThan(dose({ covers: 2 }));
    expect(dose({ openedS: 15 })).toBeLessThan(1);
    expect(dose({ covers: 0 })).toBeGreaterThan(1);
  });

  test('an adhesive is told by how hot it becomes', () => {
    const setup = setupFor({ on: 'tee', by: 'vinyl', with: 'plate-press' });
    const found = compare(setup, { covers: 4 }, 'vinyl');
    expect(found?.dose).toBeNull();
    expect(found?.adhesiveC?.after.likely).toBeLessThan(found?.adhesiveC?.before.likely ?? 0);
  });
});

test('docs/heat.md tells every recipe and every what-if as they come out', () => {
  const recipes = doses.map(
    ({ name, setup, doseS, afterS, peakFaceC }) =>
      `| ${name} | ${setup.plateC.toFixed(0)} °C, ${setup.dwellS} s | ${doseS.toFixed(1)} | ${(doseS / middle).toFixed(2)} | ${((100 * afterS) / doseS).toFixed(0)} % | ${peakFaceC.toFixed(0)} °C |`,
  );
  const changes = WHAT_IFS.map(({ name, of, change, trial: [low, high], met }) => {
    const setup = of();
    const found = compare(setup, change(setup), 'sublimation');
    const { dose, makesUp } = found ?? {};
    const more =
      makesUp?.by === 'time'
        ? `${makesUp.moreS.likely} [${makesUp.moreS.low} to ${makesUp.moreS.high}] s`
        : makesUp?.by === 'heat'
          ? `${makesUp.moreC} °C`
          : '–';
    const told = `${dose?.likely.toFixed(2)} [${dose?.low.toFixed(2)}–${dose?.high.toFixed(2)}]`;
    return `| ${name} | ${told} | ${more} | ${low}–${high}${met ? '' : ', **not met**'} |`;
  });
  const file = 'docs/heat.md';
  const table = (head: string) => new RegExp(`(\\| ${head} .*\\n\\| *-.*\\n)(\\|.*\\n)*`);
  if (process.env.UPDATE_DOCS) {
    const put = (text: string, head: string, rows: readonly string[]) =>
      text.replace(table(head), (_, kept: string) => `${kept}${rows.join('\n')}\n`);
    const text = readFileSync(file, 'utf8');
    writeFileSync(file, put(put(text, 'recipe', recipes), 'change', changes));
  }
  // how wide its columns are is nobody's business
  const plain = (text: string) => text.replaceAll(/ +/g, ' ');
  const told = plain(readFileSync(file, 'utf8'));
  for (const [head, rows] of [
    ['recipe', recipes],
    ['change', changes],
  ] as const) {
    const [whole = ''] = table(head).exec(told) ?? [];
    expect(whole.trim().split('\n').slice(2)).toEqual(rows.map(plain));
  }
});
