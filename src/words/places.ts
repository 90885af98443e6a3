import type { ZoneId } from '@/core/blank';

/** What a part of a face is called, and what a drawing writes on it. */
export const ZONE_WORDS: Readonly<
  Record<ZoneId, { readonly name: string; readonly label: string }>
> = {
  rim: { name: 'rim', label: 'Rim: keep clear' },
  base: { name: 'base', label: 'Base: keep clear' },
  'handle-left': { name: 'handle', label: 'Handle' },
  'handle-right': { name: 'handle', label: 'Handle' },
  'handle-roots': { name: 'handle', label: 'Handle' },
  edge: { name: 'edge', label: 'Edge: keep clear' },
  hole: { name: 'hole', label: 'Hole' },
  collar: { name: 'collar', label: 'Collar' },
  pocket: { name: 'pocket', label: 'Pocket' },
  'seam-left': { name: 'side seam', label: 'Side seam' },
  'seam-right': { name: 'side seam', label: 'Side seam' },
  hem: { name: 'hem', label: 'Hem' },
  'roll-left': { name: 'part that rolls round', label: 'rolls round' },
  'roll-right': { name: 'part that rolls round', label: 'rolls round' },
};
