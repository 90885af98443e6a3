import type { SetupChange } from './compare';
import { elementOf, type Setup } from './setup';

/** What is often otherwise than a recipe thinks. */
export type UsualChange = 'cold-machine' | 'cover-more' | 'cold-room' | 'plate-low' | 'door-open';

/** A garage in winter, °C; a plate that reads that much too high, K; a look into an oven, s (own choice). */
const COLD_C = 5;
const LOW_K = 10;
const LOOK_S = 30;

/** What is often otherwise with a pressing like this, and how it is told to the model. */
export function usualChanges(
  setup: Setup,
): readonly { readonly code: UsualChange; readonly change: SetupChange }[] {
  const cover = { code: 'cover-more' as const, change: { covers: setup.covers + 1 } };
  const machine = elementOf(setup)
    ? { code: 'cold-machine' as const, change: { start: 'cold' as const } }
    : { code: 'door-open' as const, change: { openedS: LOOK_S } };
  return [
    machine,
    ...(setup.cover ? [cover] : []),
    { code: 'cold-room', change: { roomC: COLD_C, blankC: COLD_C } },
    { code: 'plate-low', change: { plateC: setup.plateC - LOW_K } },
  ];
}
