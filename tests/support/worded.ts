import type { Check } from '@/core/check';
import type { Job, Operation, Program, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import { TRADE_UNITS, type UnitStyle } from '@/words/units';
import { checkWords, operationWords, type CheckWords, type TaskWords } from '@/words';
import { shelf } from './jobs';

/** A program as the card shows it: every operation with its words. */
export const worded = (
  program: Program,
  units: UnitStyle = TRADE_UNITS,
): readonly (Operation & TaskWords)[] =>
  program.operations.map((operation) => ({
    ...operation,
    ...operationWords(operation, program, units),
  }));

/** A job's findings, each with its words. */
export const toldOf = (
  job: Job,
  on: Shelf = shelf,
  units: UnitStyle = TRADE_UNITS,
): readonly (Check & CheckWords)[] =>
  planJob(job, on).checks.map((check) => ({ ...check, ...checkWords(check, units) }));
