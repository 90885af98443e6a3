import type { PacketSays } from '@/core/press';
import type { UnitStyle } from './units';
import { sayIn } from './say';

/** What a packet or a plan says, in a few words. */
export function saysWords(fact: PacketSays, units: UnitStyle): string {
  const { duration, size, temperature } = sayIn(units);
  switch (fact.kind) {
    case 'temperature':
      return temperature(fact.temperatureC);
    case 'time':
      return `${duration(fact.dwellS)}${fact.about === 'press' ? '' : `, ${fact.about}`}`;
    case 'size-time':
      return `up to ${size(fact)}: ${duration(fact.dwellS)}`;
    case 'side':
    case 'wash':
      return fact.words;
    case 'pressure':
      return `${fact.pressure} pressure`;
    case 'mirror':
      return fact.mirrored ? 'mirrored' : 'not mirrored';
    case 'peel':
      return `peel ${fact.peel}`;
  }
}

/** A contradiction between packet and plan, in a sentence. */
export const conflictWords = (packet: PacketSays, plan: PacketSays, units: UnitStyle): string =>
  `The packet says ${saysWords(packet, units)}; the plan says ${saysWords(plan, units)}.`;
