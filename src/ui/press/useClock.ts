'use client';

import type { EveningRun } from '@/core/model';
import { useNow } from './useNow';

/** The moment it is in an evening: the wall's, or that of simulated machines. */
export function eveningNow({ simulated }: Pick<EveningRun, 'simulated'>, wall: Date): Date {
  if (!simulated) return wall;
  const gone = (wall.getTime() - Date.parse(simulated.wallAt)) * simulated.speed;
  return new Date(Date.parse(simulated.at) + gone);
}

/** The moment it is in an evening, again and again. */
export function useClock(run: EveningRun): Date {
  return eveningNow(run, useNow());
}

/** An evening whose simulated clock goes at another speed from now on. */
export function atSpeed(run: EveningRun, speed: number, wall: Date): EveningRun {
  const at = eveningNow(run, wall).toISOString();
  return { ...run, simulated: { speed, wallAt: wall.toISOString(), at } };
}
