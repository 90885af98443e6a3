import type { CareCode } from './care';
import type { Substrate } from '../model';

/** What every thing of a material has in common. */
export interface MaterialTraits {
  /** `hard` and `metal` keep their form under the press; `cloth` gives, and is judged by its polyester. */
  readonly kind: 'hard' | 'metal' | 'cloth';
  /** Share of polyester such a cloth is taken to have until its label is read; null of hard things. */
  readonly polyesterShare: number | null;
  /** How it is looked after; null where that goes by what is on it. */
  readonly care: readonly CareCode[] | null;
}

const HARD = { polyesterShare: null, care: ['hard-wipe-clean', 'hard-out-of-sun'] } as const;
const CLOTH = { kind: 'cloth', care: null } as const;

/** One record for each material a blank may be of. */
export const MATERIAL_TRAITS: Readonly<Record<Substrate['material'], MaterialTraits>> = {
  ceramic: { kind: 'hard', ...HARD },
  steel: { kind: 'metal', ...HARD },
  glass: { kind: 'hard', ...HARD },
  polymer: { kind: 'hard', ...HARD },
  hardboard: { kind: 'hard', ...HARD },
  polyester: { ...CLOTH, polyesterShare: 1 },
  cotton: { ...CLOTH, polyesterShare: 0 },
  blend: { ...CLOTH, polyesterShare: 0.5 },
};

/** Whether it gives under the press: pressed one side at a time, judged by its polyester. */
export const isCloth = ({ material }: Pick<Substrate, 'material'>): boolean =>
  MATERIAL_TRAITS[material].kind === 'cloth';
