import type { Layer, LayerMaterial, LayerNote, Program } from '@/core/model';
import { FACE_WORDS } from '../places';

/** What a layer is called at the table. */
export const MATERIAL_WORDS: Readonly<Record<LayerMaterial, string>> = {
  plate: 'Plate',
  'iron-sole': 'Iron',
  'press-wrap': 'Press wrap',
  'heating-wrap': 'Heating wrap',
  'oven-air': 'Oven air',
  'cover-paper': 'Clean paper',
  'paper-sleeve': 'Clean paper sleeve',
  'shrink-sleeve': 'Shrink sleeve',
  card: 'Card',
  'release-sheet': 'Release sheet',
  'cover-sheet': 'Cover sheet',
  'soft-pad': 'Soft pad',
  film: 'Film',
  print: 'Print',
  vinyl: 'Vinyl',
  cup: 'Cup',
  cloth: 'Cloth',
  'sock-on-insert': 'Sock on its insert',
  'hard-blank': 'Blank',
};

/** How it lies, or what it is there for. */
export const NOTE_WORDS: Readonly<Record<LayerNote, string>> = {
  'closed-by-clamp': 'closed by the clamp',
  'fan-on': 'fan on',
  'catches-gas': 'uncoated; it catches the dye gas',
  'catches-dye': 'below, or inside; it catches dye',
  'one-to-three-layers': 'one to three layers',
  'tight-over-print': 'tight and without folds over the print',
  above: 'above',
  below: 'below',
  'on-cloth-already': 'already on the cloth',
  'ink-to-cup': 'ink face to the cup',
  'ink-to-blank': 'ink face to the blank',
  'ink-to-cloth': 'ink face to the cloth',
  'ink-down-to-blank': 'ink face down, to the blank',
  'ink-up-to-blank': 'ink face up, to the blank',
  'ink-up-below': 'below, ink face up to the blank',
  'picture-up': 'picture up',
  'carrier-up': 'carrier up',
  'on-top-sharper': 'on top: sharper for one side',
  'between-its-prints': 'between its two prints',
};

/** How a layer goes in and comes out; null for what is not there to protect. */
export const wearWords = ({ lasts }: Layer): string | null =>
  lasts === 'once'
    ? 'clean in, spent after one pressing'
    : lasts === 'many'
      ? 'clean in, wiped and used again'
      : null;

/** A layer's name and note; a print by the face it is for. */
export function layerWords(
  layer: Layer,
  { faces }: Program,
): { name: string; note: string | null } {
  const face = faces.find(({ id }) => id === layer.faceId);
  const name = MATERIAL_WORDS[layer.is];
  return {
    name: face ? `${FACE_WORDS[face.called]} ${name.toLowerCase()}` : name,
    note: layer.note ? NOTE_WORDS[layer.note] : null,
  };
}
