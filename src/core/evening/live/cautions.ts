import type { CautionCode, EveningRun } from '../../model';
import type { Assembled } from '../assemble';
import type { Act } from './guide';

/** What to take care of at a machine while it is switched on, set, fitted or switched off: what its programs say there. */
export function machineCautions(
  { machines }: Assembled,
  { programs }: EveningRun,
  { machine, setting }: Extract<Act, { does: 'set' }>,
): readonly CautionCode[] {
  const of = machines[machine];
  const id = (of?.fitted[setting] ?? of?.machine)?.id;
  const all = programs.flatMap(({ operations, passes }) =>
    operations.flatMap(({ kind, does, pass, cautions }) => {
      const atMachine = kind === 'switch-on' || kind === 'warm-up' || does === 'fit-attachment';
      return atMachine && passes[pass]?.machineId === id ? cautions : [];
    }),
  );
  return [...new Set(all)];
}
