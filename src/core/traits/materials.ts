import type { Substrate } from '../model';

/** What every thing of a material has in common. */
export interface MaterialTraits {
  /** `hard` and `metal` keep their form under the press; `cloth` gives, and is judged by its polyester. */
  readonly kind: 'hard' | 'metal' | 'cloth';
  /** Share of polyester such a cloth is taken to have until its label is read; null of hard things. */
  readonly polyesterShare: number | null;
}

/** One record for each material a blank may be of. */
export const MATERIAL_TRAITS: Readonly<Record<Substrate['material'], MaterialTraits>> = {
  ceramic: { kind: 'hard', polyesterShare: null },
  steel: { kind: 'metal', polyesterShare: null },
  glass: { kind: 'hard', polyesterShare: null },
  polymer: { kind: 'hard', polyesterShare: null },
  hardboard: { kind: 'hard', polyesterShare: null },
  polyester: { kind: 'cloth', polyesterShare: 1 },
  cotton: { kind: 'cloth', polyesterShare: 0 },
  blend: { kind: 'cloth', polyesterShare: 0.5 },
};

/** Whether it gives under the press: pressed one side at a time, judged by its polyester. */
export const isCloth = ({ material }: Pick<Substrate, 'material'>): boolean =>
  MATERIAL_TRAITS[material].kind === 'cloth';
