import { mugJob, shelf } from '@tests/support/jobs';
import type { HeatSettings } from '../model';
import { planJob } from '../plan';
import { celsiusToF } from '../units';

const planOn = (machineId: string, part: Partial<HeatSettings> = {}) => {
  const job = mugJob();
  const plan = planJob({ ...job, heat: { ...job.heat, machineId, ...part } }, shelf);
  return { ...plan, ...plan.press };
};
const stepOf = (plan: ReturnType<typeof planOn>, kind: string) =>
  plan.press.program.operations.find((each) => each.kind === kind);
const layersAt = (plan: ReturnType<typeof planOn>, kind: string) =>
  plan.press.program.layUps[stepOf(plan, kind)?.layUp ?? -1] ?? [];

describe('mug recipes (common practice, no source)', () => {
  test('convection oven with sleeve: 400 °F, 15 min, pre-heated 15 min', () => {
    const plan = planOn('oven');
    expect(plan.press.settings.dwellS).toBe(900);
    expect(celsiusToF(plan.press.settings.temperatureC ?? 0)).toBeCloseTo(400, 9);
    expect(stepOf(plan, 'warm-up')?.countedS).toBe(900);
    expect(layersAt(plan, 'press').map(({ is }) => is)).toContain('shrink-sleeve');
    expect(plan.press.program.operations.some(({ does }) => does === 'shrink-sleeve')).toBe(true);
  });

  test('automatic mug press: fixed heat, 6–7 min, the clamp presses', () => {
    const plan = planOn('mug-press');
    expect(plan.press.settings).toMatchObject({ temperatureC: null, dwellS: 420, pressure: null });
    expect(plan.tools.recipe.dwellRangeS).toEqual([360, 420]);
  });

  test('the stack goes from the heat in to the mug, the print’s ink face to it', () => {
    for (const id of ['mug-press', 'oven', 'mug-attachment', 'tumbler-press']) {
      const roles = layersAt(planOn(id), 'press').map(({ role }) => role);
      expect(roles).toEqual(['heat', 'protect', 'print', 'blank']);
    }
  });

  test('both cool-down schools: gloved after about 5 min, or fully cold after 12–15', () => {
    expect(stepOf(planOn('oven', { coolSchool: 'A' }), 'cool')?.countedS).toBe(300);
    expect(stepOf(planOn('oven', { coolSchool: 'B' }), 'cool')?.countedS).toBe(900);
  });
});

test('own figures outrank the recipe’s, except where the program is fixed', () => {
  const own = { temperatureC: 190, dwellS: 200, pressure: 'firm' as const };
  expect(planOn('mug-attachment', { own }).settings).toMatchObject({ ...own, own: true });
  expect(planOn('mug-press', { own }).settings).toMatchObject({ temperatureC: null, dwellS: 200 });
});

test('cautions stand at the step where the heat begins, once', () => {
  expect(stepOf(planOn('oven'), 'warm-up')?.cautions).toEqual([]);
  expect(stepOf(planOn('oven'), 'switch-on')?.cautions).toEqual(
    expect.arrayContaining(['air-the-room', 'gloves-and-mat', 'no-food-in-that-oven']),
  );
  expect(celsiusToF(planOn('oven').settings.temperatureC ?? 0)).toBeCloseTo(400, 9);
});
