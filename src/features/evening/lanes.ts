import type { Assembled, EveningPlan, PlacedChange } from '@/core/evening';
import { ROOM_C } from '@/core/traits';

/** Something in a lane: a block of a piece, or a machine heating or cooling to what it is set to. */
export interface LaneSpan {
  readonly key: string;
  readonly fromS: number;
  readonly toS: number;
  readonly kind: 'hands' | 'machine' | 'setting';
  /** The block it belongs to; null where a machine is set. */
  readonly at: { readonly piece: number; readonly block: number } | null;
  /** How a machine is set; null where a block is worked on. */
  readonly change: PlacedChange | null;
}

/** Everything that one person or machine does. */
export interface Lane {
  readonly key: string;
  readonly who: { readonly person: number } | { readonly machine: string };
  /** How hot a machine is over the evening, °C; empty for people, and where it has one heat only. */
  readonly heats: readonly { readonly atS: number; readonly c: number }[];
  readonly spans: readonly LaneSpan[];
}

/** People first, then machines: the lanes of a plan. A machine with several places has a lane for each that is used. */
export function lanesOf({ evening, machines }: Assembled, { schedule }: EveningPlan): Lane[] {
  const { placed, changes, endS } = schedule;
  const people = evening.people.map((_, person): Lane => {
    const own = placed.flatMap(({ piece, block, hands }) =>
      hands
        .filter((span) => span.person === person)
        .map(({ fromS, toS }) => ({ fromS, toS, at: { piece, block }, change: null })),
    );
    const setting = changes
      .filter((change) => change.person === person)
      .map((change) => ({ fromS: change.fromS, toS: change.toS, at: null, change }));
    const spans = [...own, ...setting].map((span, i): LaneSpan => ({
      ...span,
      key: `p${person}.${i}`,
      kind: 'hands',
    }));
    return { key: `person-${person}`, who: { person }, heats: [], spans };
  });
  const ofMachines = machines.flatMap(({ machine, heats }, m): Lane[] => {
    const uses = placed
      .flatMap(({ piece, block, startS }) => {
        const use = evening.pieces[piece]?.blocks[block]?.use;
        if (use?.machine !== m) return [];
        return [{ fromS: startS + use.fromS, toS: startS + use.toS, at: { piece, block } }];
      })
      .sort((a, b) => a.fromS - b.fromS);
    const places: (typeof uses)[] = [];
    for (const use of uses) {
      const free = places.find((lane) => (lane[lane.length - 1]?.toS ?? 0) <= use.fromS);
      if (free) free.push(use);
      else places.push([use]);
    }
    const own = changes.filter((change) => change.machine === m);
    const degrees = heats.map((heat) => heat ?? 0);
    let c = ROOM_C;
    const line = own.flatMap(({ toS, readyS, setting }) => {
      const from = { atS: toS, c };
      c = degrees[setting] ?? c;
      return [from, { atS: readyS, c }];
    });
    const curve = heats.includes(null) ? [] : [{ atS: 0, c: ROOM_C }, ...line, { atS: endS, c }];
    return places.map((lane, nth) => ({
      key: `${machine.id}-${nth}`,
      who: { machine: nth === 0 ? machine.name : '' },
      heats: nth === 0 ? curve : [],
      spans: [
        ...lane.map((use, i): LaneSpan => ({
          ...{ ...use, key: `m${m}.${nth}.${i}`, kind: 'machine', change: null },
        })),
        ...(nth === 0 ? own : []).map((change, i): LaneSpan => ({
          ...{ key: `s${m}.${i}`, fromS: change.fromS, toS: change.readyS, kind: 'setting' },
          ...{ at: null, change },
        })),
      ],
    }));
  });
  return [...people, ...ofMachines];
}
