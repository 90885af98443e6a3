import { textWidthMm } from '../drawings/wrap';
import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { worded } from '@tests/support/worded';
import type { Job } from '@/core/model';
import { planJob } from '@/core/plan';
import { TRADE_UNITS } from '../units';
import { cardSteps, CARE_WORDS, CAUTION_WORDS, pressCard, tapingWords } from '..';

function cardOf(job: Job) {
  const { press, tools } = planJob(job, shelf);
  const drawing = pressCard({
    pageHeightMm: 265.4,
    ...{ job, press, units: TRADE_UNITS },
    ...{ machine: tools.machine.name, recipe: tools.recipe },
  });
  return { press, tools, drawing, words: drawing.texts.map(({ text }) => text).join(' ') };
}

const covered = (id: string): Job => {
  const job = jobOn(id, artwork());
  const placements = job.placements.map((each) => ({
    ...each,
    sizing: { mode: 'cover' as const },
  }));
  return { ...job, placements };
};

test('the card says every step, caution, tape and care line, whole words only', () => {
  const { press, tools, words } = cardOf(covered('mug-12oz'));
  for (const { title } of worded(press.program)) expect(words).toContain(title);
  for (const line of [
    ...tools.recipe.cautions.map((each) => CAUTION_WORDS[each]),
    ...press.taping.map((each) => tapingWords(each, 'in')),
    ...press.care.map((each) => CARE_WORDS[each]),
  ])
    expect(words).toContain(line);
  expect(words).toContain('Automatic mug press: fixed heat · 7 min');
});

test('footprints are drawn and numbered where the plate is put down more than once', () => {
  const { press, drawing, words } = cardOf(covered('wall-panel'));
  const sections = press.sides[0]?.sections.length ?? 0;
  expect(sections).toBeGreaterThan(1);
  expect(drawing.lines.filter(({ closed }) => closed)).toHaveLength(sections);
  expect(words).toContain(`${sections} placements of the plate.`);
  const lowest = Math.max(...drawing.lines.flatMap(({ points }) => points.map(({ y }) => y)));
  expect(lowest).toBeLessThanOrEqual(drawing.heightMm + 1e-6);
});

test('no line is longer than the card is wide, and none is lost below it', () => {
  for (const id of ['mug-12oz', 'wall-panel', 'medallion', 'tee']) {
    const { drawing } = cardOf(covered(id));
    for (const { text, y } of drawing.texts) {
      expect(textWidthMm(text, 3.1)).toBeLessThanOrEqual(drawing.widthMm);
      expect(y).toBeLessThanOrEqual(drawing.heightMm + 1e-6);
    }
  }
});

test('sections pressed alike stand in one line, pieces of their own time each in its own', () => {
  const { press } = cardOf(covered('wall-panel'));
  const sections = press.sides[0]?.sections.length ?? 0;
  const steps = cardSteps(press.program, TRADE_UNITS);
  const mains = steps.filter(({ operation }) => operation.does === 'press-panel');
  expect(mains.map(({ title }) => title)).toEqual([
    `Press sections 1 to ${sections} of ${sections}`,
  ]);
  expect(steps.length).toBe(press.program.operations.length - sections + 1);
});
