import {
  changedKeys,
  compare,
  isOtherThickness,
  usualChanges,
  type Compared,
  type SetupChange,
} from '@/core/heat';
import { setupFor } from '@tests/support/heated';
import { compareWords, bearsWords, thicknessWords, USUAL_CHANGE_WORDS } from './heat';
import { TRADE_UNITS } from './units';

const METRIC = { length: 'mm', temperature: '°C' } as const;
const tee = setupFor({ on: 'tee', with: 'plate-press' });
const said = (
  change: SetupChange,
  setup = tee,
  maxC: number | null = null,
  units = TRADE_UNITS,
) => {
  const found = compare(setup, change, 'sublimation');
  return found ? compareWords(found, setup, maxC, units) : [];
};

describe('what a change of a pressing comes to, in words', () => {
  test('two covers: about so many seconds more, and a test piece', () => {
    const [less, more] = said({ covers: 2 });
    expect(less).toMatch(/^The dye gets \d+ % to \d+ % less heat\.$/);
    expect(more).toMatch(
      /^About \d+ to \d+ s more on your 60 s make up for it, all else the same\. Try a test piece\.$/,
    );
  });

  test('a plate that reads wrong is set otherwise, in the person’s degrees, and not above what is allowed', () => {
    const low = { plateC: tee.plateC - 12 };
    expect(said(low)[1]).toBe(
      'Set it 22 °F higher, not longer: an error of heat is mended with heat.',
    );
    expect(said(low, tee, null, METRIC)[1]).toMatch(/^Set it 12 °C higher/);
    expect(said(low, tee, 205)[1]).toContain('the blank’s maker allows: measure the plate first');
    expect(said({ plateC: tee.plateC + 12 })[1]).toMatch(/^Set it 22 °F lower/);
  });

  test('nothing is shortened without a test piece; long times are told in minutes', () => {
    const thin = said(
      { thicknessMm: 3 },
      { ...setupFor({ on: 'mug-12oz', with: 'mug-attachment' }), thicknessMm: 4 },
    );
    expect(thin[1]).toMatch(
      /less than your 3 min would do as much\. Never shorten without a test piece\.$/,
    );
    const thick = said(
      { thicknessMm: 6 },
      { ...setupFor({ on: 'mug-12oz', with: 'oven' }), thicknessMm: 4 },
    );
    expect(thick[1]).toMatch(/^About \d+ min( \d+ s)? to \d+ min( \d+ s)? more on your 15 min/);
  });
});

describe('what cannot be said', () => {
  test('beyond what was tried it says so; where it cannot know, it says that', () => {
    expect(said({ covers: 8 })[1]).toContain('longer than was ever tried');
    expect(said({ heatedBelow: true })[1]).toContain('only with test pieces');
    expect(said({})[1]).toBe('No difference that is worth a second.');
    const pens = setupFor({ on: 'round-coaster', by: 'dye-pens', with: 'hand-press' });
    expect(said({ covers: 2 }, pens)).toEqual([
      'At this heat hardly any dye moves: by conduction alone nothing can be said of it.',
    ]);
    const press = setupFor({ on: 'mug-12oz', with: 'mug-press' });
    expect(said({ start: 'cold' }, press).at(-1)).toMatch(/^Nobody tells how hot such a press is/);
    const wide: Compared = {
      ...(compare(tee, {}, 'sublimation') as Compared),
      makesUp: { by: 'time', moreS: { low: -4, likely: 1, high: 6 } },
    };
    expect(compareWords(wide, tee, null, TRADE_UNITS)[1]).toMatch(
      /^Somewhere from 4 s less to 6 s more/,
    );
  });

  test('an adhesive is told by its heat', () => {
    const vinyl = setupFor({ on: 'tee', by: 'vinyl', with: 'plate-press' });
    const found = compare(vinyl, { covers: 6 }, 'vinyl');
    const lines = found ? compareWords(found, vinyl, null, METRIC) : [];
    expect(lines[0]).toMatch(
      /^The adhesive becomes \d+ °C to \d+ °C; as planned, \d+ °C to \d+ °C\.$/,
    );
    expect(lines[1]).toContain('It may not take hold.');
  });
});

describe('what is told beside it', () => {
  test('tape and blank are judged by how hot their own places become', () => {
    const of = (setup: typeof tee, maxC: number | null) => {
      const found = compare(setup, {}, 'sublimation');
      return found ? bearsWords(found, maxC, METRIC) : [];
    };
    const [tape, blank] = of(tee, 205);
    expect(tape).toMatch(
      /^Tape on the print becomes 19\d °C to 199 °C at its hottest: within the 204 °C/,
    );
    expect(blank).toMatch(/surface becomes .* within the 205 °C its maker allows\.$/);
    expect(of({ ...tee, plateC: 225 }, 190)).toEqual([
      expect.stringContaining('more than the 204 °C') as string,
      expect.stringContaining('more than the 190 °C') as string,
    ]);
    // a cold mug keeps its own face below what its wrap is set to
    const [, slow] = of(setupFor({ on: 'mug-12oz', with: 'mug-attachment' }), 200);
    expect(slow).toContain('within the 200 °C');
    expect(of(tee, null)).toHaveLength(1);
  });

  test('a blank of another thickness than its recipe is told of is said', () => {
    const thick = { ...setupFor({ on: 'round-coaster', with: 'plate-press' }), thicknessMm: 6 };
    expect(isOtherThickness(thick)).toBe(true);
    expect(isOtherThickness({ ...thick, thicknessMm: 3.2 })).toBe(false);
    expect(thicknessWords(thick, METRIC)).toBe(
      'Yours is 6 mm thick; recipes like this are told of about 3 mm.',
    );
  });

  test('what is often otherwise with it: an oven has a door, a plate can be cold', () => {
    const codes = (of: typeof tee) => usualChanges(of).map(({ code }) => code);
    expect(codes(tee)).toEqual(['cold-machine', 'cover-more', 'cold-room', 'plate-low']);
    expect(codes(setupFor({ on: 'mug-12oz', with: 'oven' }))[0]).toBe('door-open');
    expect(USUAL_CHANGE_WORDS['cold-machine'](true)).toMatch(/^The first of several/);
  });

  test('what is set as it was is no change', () => {
    expect(changedKeys(tee, { covers: 1 })).toEqual([]);
    expect(changedKeys(tee, { covers: 2, roomC: 5 })).toEqual(['covers', 'roomC']);
  });
});
