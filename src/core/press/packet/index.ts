import type { Pressure } from '../../model';
import { sizeTimesIn, temperaturesIn, timesIn } from './figures';
import { sayingsIn, sentencesIn } from './sayings';
import type { PacketFact, PacketSays } from './says';

export type { PacketFact, PacketSays } from './says';

/** Longest text read; packets are short, and files are untrusted. */
export const MAX_PACKET_CHARS = 20_000;

/**
 * Reads temperatures, times, pressure, mirroring and peel out of a maker's instructions in plain
 * English. It proposes; the person confirms each beside its words.
 * @returns facts in the order of the text.
 */
export function readPacket(text: string): readonly PacketFact[] {
  const bounded = text.slice(0, MAX_PACKET_CHARS);
  const table = sizeTimesIn(bounded);
  const inTable = ({ from }: PacketFact) =>
    table.some((each) => from >= each.from && from < each.to);
  return [
    ...temperaturesIn(bounded),
    ...table,
    ...timesIn(bounded).filter((fact) => !inTable(fact)),
    ...sayingsIn(bounded),
    ...sentencesIn(bounded),
  ].sort((a, b) => a.from - b.from);
}

/** What a plan does, as far as a packet speaks of it. */
export interface PlanSays {
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
  readonly mirrored: boolean;
  readonly peel: 'hot' | 'warm' | 'cold';
}

/** What the plan says where a fact contradicts it, as a fact of the same kind; null where it does not. */
export function planAgainst(fact: PacketFact, plan: PlanSays): PacketSays | null {
  switch (fact.kind) {
    case 'temperature': {
      const { temperatureC } = plan;
      return temperatureC === null || Math.abs(temperatureC - fact.temperatureC) < 1.5
        ? null
        : { kind: 'temperature', temperatureC };
    }
    case 'time':
      return fact.about !== 'press' || Math.abs(plan.dwellS - fact.dwellS) < 0.5
        ? null
        : { kind: 'time', dwellS: plan.dwellS, about: 'press' };
    case 'pressure': {
      const { pressure } = plan;
      return pressure === null || pressure === fact.pressure
        ? null
        : { kind: 'pressure', pressure };
    }
    case 'mirror':
      return plan.mirrored === fact.mirrored ? null : { kind: 'mirror', mirrored: plan.mirrored };
    case 'size-time':
    case 'side':
    case 'wash':
      return null;
    case 'peel':
      return plan.peel === fact.peel ? null : { kind: 'peel', peel: plan.peel };
  }
}
