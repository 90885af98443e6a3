import { recordsOf } from '../keys';
import { fahrenheitToC } from '../units';
import type { Thermal } from './materials';

/** What a layer of a lay-up is to the heat: what conducts, how thick; null for what gives the heat, and for the blank itself. */
export interface LayerTraits {
  readonly thermal: (Thermal & { readonly thicknessMm: number }) | null;
}

/** Heat-rated tape and shrink sleeves are made for about this, °C: 400 °F (common practice; sleeves from memory). */
export const TAPE_HOLDS_TO_C = fahrenheitToC(400);

const PAPER = { k: 0.1, rho: 800, c: 1400, waterKgM3: 48, origin: 'from memory' } as const;
const NON_STICK = { k: 0.3, rho: 2100, c: 1050, waterKgM3: 0, origin: 'handbook' } as const;
const SILICONE = { k: 0.25, rho: 1200, c: 1300, waterKgM3: 0, origin: 'handbook' } as const;
const PLASTIC = { k: 0.2, rho: 1200, c: 1500, waterKgM3: 0, origin: 'from memory' } as const;
const SPONGE = { k: 0.1, rho: 450, c: 1300, waterKgM3: 0, origin: 'from memory' } as const;
const of = (thermal: Thermal, thicknessMm: number): LayerTraits => ({
  thermal: { ...thermal, thicknessMm },
});
const OTHER: LayerTraits = { thermal: null };

/** One record for each thing a lay-up is made of. Thicknesses from memory. */
export const LAYER_TRAITS = recordsOf<LayerTraits>()({
  plate: OTHER,
  'iron-sole': OTHER,
  'press-wrap': OTHER,
  'heating-wrap': OTHER,
  'oven-air': OTHER,
  'cover-paper': of(PAPER, 0.07),
  'paper-sleeve': of(PAPER, 0.1),
  'shrink-sleeve': of(PLASTIC, 0.06),
  card: of(PAPER, 0.3),
  'release-sheet': of(NON_STICK, 0.13),
  'cover-sheet': of(PAPER, 0.06),
  'soft-pad': of(SPONGE, 8),
  film: of(PLASTIC, 0.1),
  print: of(PAPER, 0.12),
  vinyl: of(PLASTIC, 0.18),
  cup: OTHER,
  cloth: OTHER,
  'sock-on-insert': OTHER,
  'hard-blank': OTHER,
});
// cotton wadding and hardwood: Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.3 (recalled)
const WADDING = { k: 0.06, rho: 80, c: 1300, waterKgM3: 0, origin: 'handbook' } as const;
const WOOD = { k: 0.16, rho: 720, c: 1255, waterKgM3: 0, origin: 'handbook' } as const;
/** What is below what is laid: a press's sponge of silicone, the padded mat of a hand press, a table. Thicknesses from memory. */
export const BELOW = {
  pad: { ...SPONGE, thicknessMm: 8 },
  mat: { ...WADDING, thicknessMm: 10 },
  table: { ...WOOD, thicknessMm: 20 },
};
/** What lies over a heating foil, between it and what is pressed. */
export const SKIN: Thermal = SILICONE;
