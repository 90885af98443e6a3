import { mugJob, NOW, shelf } from '@tests/support/jobs';
import type { HeatSettings } from '../model';
import { planJob } from '../plan';
import { celsiusToF, TRADE_UNITS } from '../units';
import { nextStep, phaseOf, previousStep, settingsLine, startCountdown, startRun } from '.';

const planOn = (machineId: string, part: Partial<HeatSettings> = {}) => {
  const job = mugJob();
  const plan = planJob({ ...job, heat: { ...job.heat, machineId, ...part } }, shelf);
  return { ...plan, ...plan.press };
};
const stepOf = (plan: ReturnType<typeof planOn>, kind: string) =>
  plan.press.steps.find((step) => step.kind === kind);
const after = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);

describe('mug recipes (common practice, no source)', () => {
  test('convection oven with sleeve: 400 °F, 15 min, pre-heated 15 min', () => {
    const plan = planOn('oven');
    expect(settingsLine(plan.press.settings, TRADE_UNITS)).toBe('400 °F · 15 min');
    expect(stepOf(plan, 'heat-up')?.durationS).toBe(900);
    expect(stepOf(plan, 'press')?.layers.map(({ name }) => name)).toContain('Shrink sleeve');
    expect(plan.press.steps.some(({ title }) => title === 'Shrink the sleeve')).toBe(true);
  });

  test('automatic mug press: fixed heat, 6–7 min, the clamp presses', () => {
    const plan = planOn('mug-press');
    expect(plan.press.settings).toMatchObject({ temperatureC: null, dwellS: 420, pressure: null });
    expect(plan.tools.recipe.dwellRangeS).toEqual([360, 420]);
  });

  test('the stack goes from the heat in to the mug, the print’s ink face to it', () => {
    for (const id of ['mug-press', 'oven', 'mug-attachment', 'tumbler-press']) {
      const roles = stepOf(planOn(id), 'press')?.layers.map(({ role }) => role);
      expect(roles).toEqual(['heat', 'protect', 'print', 'blank']);
    }
  });

  test('both cool-down schools: gloved after about 5 min, or fully cold after 12–15', () => {
    expect(stepOf(planOn('oven', { coolSchool: 'A' }), 'cool')?.durationS).toBe(300);
    expect(stepOf(planOn('oven', { coolSchool: 'B' }), 'cool')?.durationS).toBe(900);
  });
});

test('own figures outrank the recipe’s, except where the program is fixed', () => {
  const own = { temperatureC: 190, dwellS: 200, pressure: 'firm' as const };
  expect(planOn('mug-attachment', { own }).settings).toEqual({ ...own, own: true });
  expect(planOn('mug-press', { own }).settings).toMatchObject({ temperatureC: null, dwellS: 200 });
});

test('cautions stand at the step where the heat begins', () => {
  expect(stepOf(planOn('oven'), 'heat-up')?.cautions.join(' ')).toMatch(/fumes.*gloves.*food/);
  expect(celsiusToF(planOn('oven').settings.temperatureC ?? 0)).toBeCloseTo(400, 9);
});

describe('a run is counted from moments, so that reloads and sleep change nothing', () => {
  const { steps } = planOn('oven');
  const heatUp = steps.findIndex(({ kind }) => kind === 'heat-up');
  const at = (stepIndex: number) => ({ ...startRun('job-1', NOW), stepIndex });

  test('from by hand to the end', () => {
    expect(phaseOf(startRun('job-1', NOW), steps, NOW)).toEqual({ kind: 'by-hand' });
    expect(phaseOf(at(heatUp), steps, NOW)).toEqual({ kind: 'ready', durationS: 900 });
    const counting = startCountdown(at(heatUp), NOW);
    expect(phaseOf(counting, steps, after(300))).toMatchObject({ kind: 'counting', leftS: 600 });
    expect(phaseOf(counting, steps, after(912))).toEqual({ kind: 'over', overS: 12 });
    expect(phaseOf(nextStep(counting), steps, after(912))).toEqual({ kind: 'by-hand' });
    expect(phaseOf(at(steps.length), steps, NOW)).toEqual({ kind: 'finished' });
  });

  test('a step back clears the clock; the first step stays', () => {
    expect(previousStep(startCountdown(at(2), NOW))).toMatchObject({
      stepIndex: 1,
      countdownFrom: null,
    });
    expect(previousStep(at(0)).stepIndex).toBe(0);
  });
});
