import {
  MAX_TIMES,
  productFiguresSchema,
  productSchema,
  type Product,
  type ProductFigures,
  type TransferKind,
} from '../model';
import type { PacketFact } from './packet';

type Of<K extends PacketFact['kind']> = Extract<PacketFact, { kind: K }>;

/** The figures that confirmed facts of a packet give for a machine, over what was known of it. */
function figuresIn(facts: readonly PacketFact[], known: ProductFigures): ProductFigures {
  const every = <K extends PacketFact['kind']>(kind: K): Of<K>[] =>
    facts.filter((fact): fact is Of<K> => fact.kind === kind);
  const timeFor = (about: Of<'time'>['about']) =>
    every('time').find((fact) => fact.about === about)?.dwellS ?? null;
  const times = every('size-time')
    .map(({ widthMm, heightMm, dwellS }) => ({ widthMm, heightMm, dwellS }))
    .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm)
    .slice(0, MAX_TIMES);
  return {
    ...known,
    temperatureC: every('temperature')[0]?.temperatureC ?? known.temperatureC,
    pressure: every('pressure')[0]?.pressure ?? known.pressure,
    dwellS: timeFor('press') ?? known.dwellS,
    prePressS: timeFor('pre-press') ?? known.prePressS,
    filmS: timeFor('film') ?? known.filmS,
    times: times.length > 0 ? times : known.times,
  };
}

/**
 * A product with everything a packet was confirmed to say: peel, mirroring, side, washing, and the figures for one
 * machine. What it does not say stays as it was known.
 */
export function withPacket(
  before: Product | null,
  transfer: TransferKind,
  machineId: string,
  facts: readonly PacketFact[],
): Product {
  const product = before ?? productSchema.parse({ transfer });
  const known =
    product.figures.find((each) => each.machineId === machineId) ??
    productFiguresSchema.parse({ machineId });
  const words = (kind: 'side' | 'wash') =>
    facts.flatMap((fact) => (fact.kind === kind ? [fact.words] : [])).join('. ');
  const peel = facts.find((fact): fact is Of<'peel'> => fact.kind === 'peel');
  const mirror = facts.find((fact): fact is Of<'mirror'> => fact.kind === 'mirror');
  return {
    ...product,
    peel: peel?.peel ?? product.peel,
    mirrored: mirror?.mirrored ?? product.mirrored,
    side: words('side').slice(0, 200) || product.side,
    wash: words('wash').slice(0, 300) || product.wash,
    figures: [...product.figures.filter((each) => each !== known), figuresIn(facts, known)],
  };
}
