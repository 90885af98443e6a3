import { mugJob, shelf } from '@tests/support/jobs';
import { planJob } from '@/core/plan';
import { TRADE_UNITS } from './units';
import { nextAction, stationStates } from '.';

describe('where a job stands', () => {
  const nothing = { run: null, lastOutcome: null };
  const next = (job = mugJob(), history: Parameters<typeof nextAction>[1] = nothing) =>
    nextAction(planJob(job, shelf), history);

  test('what to do next', () => {
    const plain = { ...mugJob(), bleedMm: 0 };
    expect(next({ ...plain, arts: [], placements: [] }).station).toBe('art');
    expect(next(plain).label).toBe('Print, then press');
    expect(next({ ...plain, sheet: { ...plain.sheet, printerId: 'laser' } })).toEqual({
      station: 'sheets',
      label: 'See what stops it',
    });
    const run = { done: 3, of: 10, things: 1, finished: false };
    expect(next(plain, { ...nothing, run }).label).toBe('Go on pressing');
    const over = { ...run, done: 10, finished: true };
    expect(next(plain, { ...nothing, run: over }).station).toBe('record');
    // each of several is told of where they were pressed
    expect(next(plain, { ...nothing, run: { ...over, things: 2 } }).station).toBe('press');
    expect(next(plain, { ...nothing, lastOutcome: 'spoiled' }).station).toBe('heat');
    expect(next(plain, { ...nothing, lastOutcome: 'good' }).label).toBe('Make another');
  });

  test('the tape shows each station’s key figure and its worst finding', () => {
    const job = { ...mugJob(), sheet: { ...mugJob().sheet, printerId: 'laser' } };
    const states = stationStates(job, planJob(job, shelf), nothing, TRADE_UNITS);
    expect(states.map(({ figure }) => figure)).toEqual([
      '8 3/4 × 3.79 in',
      '8.1 × 3.6 in',
      '1 sheet',
      'fixed heat · 7 min',
      '10 steps',
      '',
    ]);
    expect(states.find(({ station }) => station === 'sheets')?.worst).toBe('stop');
  });
});
