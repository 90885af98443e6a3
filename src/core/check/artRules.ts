import {
  judgeResolution,
  pixelsPerInch,
  uprightPixels,
  VISIBLE_BELOW_PPI,
  WARN_BELOW_PPI,
} from '../art';
import { bottom, inverse, mapRegion, regionBox, right } from '../geometry';
import { placedProportion, stretch } from '../layout';
import { formatLength, formatSize } from '../units';
import type { Rule } from './check';
import { changed, detailShareIn, percent, perArt, type Placed } from './placed';

/** Unlocked proportions are warned about above this share (own choice). */
const STRETCH_WARN = 0.03;
/** Art cut off by less than this share is a hair's breadth, not a loss. */
const CUT_NOTE_SHARE = 0.001;

const noArt: Rule = ({ job }) =>
  job.placements.length > 0
    ? []
    : [
        {
          id: 'no-art',
          level: 'stop',
          station: 'art',
          text: 'There is no picture yet. Drop one on the Art station.',
          figure: '',
        },
      ];

const resolution = perArt(({ placed, art, placement }) => {
  const { widthPx, heightPx } = uprightPixels(art);
  const { width, height } = placed.box;
  const [across, up] = placement.turns % 2 === 0 ? [width, height] : [height, width];
  const ppi = Math.min(pixelsPerInch(widthPx, across), pixelsPerInch(heightPx, up));
  const verdict = judgeResolution(ppi);
  if (verdict === 'sharp') return null;
  const figure = `${Math.round(ppi)} pixels per inch`;
  return {
    id: `resolution-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text:
      verdict === 'soft'
        ? `“${art.name}” has ${figure} at this size; under ${WARN_BELOW_PPI} it may look soft. Make it smaller or use a larger file.`
        : `“${art.name}” has only ${figure} at this size; under ${VISIBLE_BELOW_PPI} the pixels show. Make it smaller or use a larger file.`,
    figure,
  };
});

const stretched = perArt(({ placed, art, placement }, { job, units }) => {
  const ratio = placedProportion(art, placement.turns);
  const share = stretch(ratio, placed.box);
  if (Math.abs(share) <= STRETCH_WARN) return null;
  const { width, height } = placed.box;
  const own = {
    widthMm: Math.min(width, height * ratio),
    heightMm: Math.min(height, width / ratio),
  };
  return {
    id: `stretch-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text:
      `At ${formatSize(width, height, units.length)} the picture is ${percent(share)} ` +
      `${share > 0 ? 'wider' : 'narrower'} than it should be for its height.`,
    figure: percent(share),
    fixes: [
      {
        label: `Keep proportions: ${formatSize(own.widthMm, own.heightMm, units.length)}`,
        patch: changed(job, placement, { sizing: { mode: 'exact', ...own, locked: true } }),
      },
    ],
  };
});

const cutOff = perArt((one, { job }) => {
  const { placed, art, placement, face, slot } = one;
  if (placed.cutOffShare <= CUT_NOTE_SHARE || placement.repeat) return null;
  // a contour or a half cuts on purpose
  if (job.cut.line === 'contour' || job.wrap.parts === 'halves') return null;
  const meant = placement.sizing.mode === 'cover';
  const all = placed.cutOffShare > 0.999;
  const lost = all ? 1 : 1 - detailShareIn(one, mapRegion(inverse(slot.toStrip), slot.ink));
  if (lost <= CUT_NOTE_SHARE) return null;
  return {
    id: `cut-off-${placed.placementId}`,
    level: all ? 'stop' : meant ? 'note' : 'warn',
    station: 'art',
    text: all
      ? `“${art.name}” lies wholly off the blank: nothing of it prints.`
      : `The edge of the piece cuts off ${percent(lost)} of the detail of “${art.name}”${meant ? ', since it covers the face' : ''}.`,
    figure: percent(lost),
    ...(meant
      ? {}
      : {
          fixes: [
            {
              label: 'Fit it in the safe area',
              patch: changed(job, placement, {
                sizing: { mode: 'fit' },
                at: { datum: face.datums[0]?.id ?? face.home, dxMm: 0, dyMm: 0 },
              }),
            },
          ],
        }),
  };
});

/** Nearer than this two edges are the same one, mm. */
const HAIR_MM = 0.02;

/** Edges of the face that art reaches without filling the bleed beyond them. */
function shortEdges({ placed: { box }, slot, face }: Placed): string[] {
  const on = slot.face;
  const ink = regionBox(slot.ink);
  const short = (reaches: boolean, fills: boolean) => reaches && !fills;
  const name = (edge: string) => edge.replace(' edge', '');
  return [
    short(box.x <= on.x, box.x <= ink.x + HAIR_MM) && name(face.edges.left),
    short(right(box) >= right(on), right(box) >= right(ink) - HAIR_MM) && name(face.edges.right),
    short(box.y <= on.y, box.y <= ink.y + HAIR_MM) && name(face.edges.top),
    short(bottom(box) >= bottom(on), bottom(box) >= bottom(ink) - HAIR_MM) &&
      name(face.edges.bottom),
  ].filter((edge): edge is string => edge !== false);
}

const bleedShort = perArt((one, { units }) => {
  const { placed, piece, placement, face } = one;
  if (placement.repeat || face.paper === 'art') return null;
  const edges = shortEdges(one);
  if (edges.length === 0) return null;
  const figure = formatLength(piece.bleedMm, units.length);
  return {
    id: `bleed-short-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `The art reaches the face’s edge (${edges.join(', ')}) but not its ${figure} bleed: a white line may show. Make it a little larger.`,
    figure,
  };
});

/** Is the picture there, good enough and whole? */
export const ART_RULES: readonly Rule[] = [noArt, resolution, stretched, cutOff, bleedShort];
