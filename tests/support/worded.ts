import type { Operation, Program } from '@/core/model';
import { TRADE_UNITS, type UnitStyle } from '@/core/units';
import { operationWords, type TaskWords } from '@/words';

/** A program as the card shows it: every operation with its words. */
export const worded = (
  program: Program,
  units: UnitStyle = TRADE_UNITS,
): readonly (Operation & TaskWords)[] =>
  program.operations.map((operation) => ({
    ...operation,
    ...operationWords(operation, program, units),
  }));
