import { recordsOf } from '../keys';
import type { CareCode } from './care';

/** Where a thermal figure comes from: as printed in handbooks and recalled, or from memory altogether. */
export type ThermalOrigin = 'handbook' | 'from memory';

/** How a substance conducts and keeps heat. */
export interface Thermal {
  /** Conductivity, W/mK. */
  readonly k: number;
  /** Density, kg/m³. */
  readonly rho: number;
  /** Heat capacity, J/kgK. */
  readonly c: number;
  /** Water in it as it lies in a room, kg/m³: it boils off once. */
  readonly waterKgM3: number;
  readonly origin: ThermalOrigin;
}

/** What every thing of a material has in common. */
export interface MaterialTraits {
  /** `hard` and `metal` keep their form under the press; `cloth` gives, and is judged by its polyester. */
  readonly kind: 'hard' | 'metal' | 'cloth';
  /** Share of polyester such a cloth is taken to have until its label is read; null of hard things. */
  readonly polyesterShare: number | null;
  /** How it is looked after; null where that goes by what is on it. */
  readonly care: readonly CareCode[] | null;
  readonly thermal: Thermal;
}

const HARD = { polyesterShare: null, care: ['hard-wipe-clean', 'hard-out-of-sun'] } as const;
const CLOTH = { kind: 'cloth', care: null } as const;
const told = (k: number, rho: number, c: number, waterKgM3 = 0): Thermal => ({
  ...{ k, rho, c, waterKgM3 },
  origin: 'handbook',
});
const recalled = (...figures: Parameters<typeof told>): Thermal => ({
  ...told(...figures),
  origin: 'from memory',
});

/** One record for each material a blank may be of. */
export const MATERIAL_TRAITS = recordsOf<MaterialTraits>()({
  ceramic: { kind: 'hard', ...HARD, thermal: recalled(1.3, 2300, 900) },
  steel: { kind: 'metal', ...HARD, thermal: told(16, 7900, 510) },
  glass: { kind: 'hard', ...HARD, thermal: told(1.1, 2500, 870) },
  polymer: { kind: 'hard', ...HARD, thermal: told(0.19, 1180, 1600) },
  hardboard: { kind: 'hard', ...HARD, thermal: told(0.15, 1000, 1500) },
  polyester: { ...CLOTH, polyesterShare: 1, thermal: recalled(0.06, 350, 1400, 1.4) },
  cotton: { ...CLOTH, polyesterShare: 0, thermal: recalled(0.065, 380, 1400, 30) },
  blend: { ...CLOTH, polyesterShare: 0.5, thermal: recalled(0.0625, 365, 1400, 15) },
});

/** Whether it gives under the press: pressed one side at a time, judged by its polyester. */
export const isCloth = ({
  material,
}: {
  readonly material: keyof typeof MATERIAL_TRAITS;
}): boolean => MATERIAL_TRAITS[material].kind === 'cloth';
