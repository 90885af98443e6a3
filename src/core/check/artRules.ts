import {
  judgeResolution,
  pixelsPerInch,
  uprightPixels,
  VISIBLE_BELOW_PPI,
  WARN_BELOW_PPI,
} from '../art';
import { area, bottom, contains, intersection, right, type Box } from '../geometry';
import { proportion, stretch, type Piece, type PieceArt } from '../layout';
import type { Artwork, Job, Placement } from '../model';
import { formatLength, formatSize } from '../units';
import type { Check, Findings, Rule } from './check';

/** Unlocked proportions are warned about above this share (own choice; the issue of taste starts here). */
const STRETCH_WARN = 0.03;
/** Art cut off by less than this share is a hair's breadth, not a loss. */
const CUT_NOTE_SHARE = 0.001;

const percent = (share: number): string => `${Math.round(Math.abs(share) * 100)} %`;

interface Placed {
  readonly piece: Piece;
  readonly placed: PieceArt;
  readonly art: Artwork;
  readonly placement: Placement;
}

function everyArt({ job, pieces }: Findings): Placed[] {
  return pieces.flatMap((piece) =>
    piece.arts.flatMap((placed) => {
      const art = job.arts.find(({ sha256 }) => sha256 === placed.artSha256);
      const placement = job.placements.find(({ id }) => id === placed.placementId);
      return art && placement ? [{ piece, placed, art, placement }] : [];
    }),
  );
}

const perArt =
  (rule: (one: Placed, findings: Findings) => Check | null): Rule =>
  (findings) =>
    everyArt(findings).flatMap((one) => rule(one, findings) ?? []);

const withSizing = (job: Job, placement: Placement, sizing: Placement['sizing']): Partial<Job> => ({
  placements: job.placements.map((each) => (each.id === placement.id ? { ...each, sizing } : each)),
});

const noArt: Rule = ({ job }) =>
  job.placements.length > 0
    ? []
    : [
        {
          id: 'no-art',
          level: 'stop',
          station: 'art',
          text: 'There is no picture yet. Drop a PNG, JPEG or WebP on the Art station.',
          figure: '',
        },
      ];

const resolution = perArt(({ placed, art }) => {
  const { widthPx, heightPx } = uprightPixels(art);
  const ppi = Math.min(
    pixelsPerInch(widthPx, placed.box.width),
    pixelsPerInch(heightPx, placed.box.height),
  );
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
  const share = stretch(art, placed.box);
  if (Math.abs(share) <= STRETCH_WARN) return null;
  const { width, height } = placed.box;
  const ratio = proportion(art);
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
    fix: {
      label: `Keep proportions: ${formatSize(own.widthMm, own.heightMm, units.length)}`,
      patch: withSizing(job, placement, { mode: 'exact', ...own, locked: true }),
    },
  };
});

const cutOff = perArt(({ placed, art, placement }, { job }) => {
  if (placed.cutOffShare <= CUT_NOTE_SHARE) return null;
  const meant = placement.sizing.mode === 'cover';
  const all = placed.cutOffShare > 0.999;
  return {
    id: `cut-off-${placed.placementId}`,
    level: all ? 'stop' : meant ? 'note' : 'warn',
    station: 'art',
    text: all
      ? `“${art.name}” lies wholly off the blank: nothing of it prints.`
      : `The edge of the piece cuts off ${percent(placed.cutOffShare)} of “${art.name}”${meant ? ', since it covers the face' : ''}.`,
    figure: percent(placed.cutOffShare),
    ...(meant
      ? {}
      : {
          fix: {
            label: 'Fit it in the safe area',
            patch: {
              placements: job.placements.map((each) =>
                each.id === placement.id
                  ? {
                      ...each,
                      sizing: { mode: 'fit' as const },
                      at: { datum: 'opposite-handle', dxMm: 0, dyMm: 0 },
                    }
                  : each,
              ),
            },
          },
        }),
  };
});

/** Edges of the trim box that art which reaches past the face does not fill. */
function shortEdges(box: Box, piece: Piece): string[] {
  const { face, strip } = piece;
  const short = (reaches: boolean, fills: boolean) => reaches && !fills;
  return [
    short(box.x <= face.x, box.x <= 1e-6) && 'left',
    short(right(box) >= right(face), right(box) >= strip.widthMm - 1e-6) && 'right',
    short(box.y <= face.y, box.y <= 1e-6) && 'rim',
    short(bottom(box) >= bottom(face), bottom(box) >= strip.heightMm - 1e-6) && 'base',
  ].filter((edge): edge is string => edge !== false);
}

const bleedShort = perArt(({ placed, piece }, { units }) => {
  const edges = shortEdges(placed.box, piece);
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

const keepOut = perArt(({ placed, piece, art }, { faces }) => {
  const face = faces.find(({ id }) => id === piece.faceId);
  if (!face || placed.cutOffShare > 0.999) return null;
  const safe = { ...face.safe, x: face.safe.x + piece.face.x, y: face.safe.y + piece.face.y };
  if (contains(safe, placed.box)) return null;
  const shown = intersection(placed.box, piece.face);
  if (area(shown) === 0) return null;
  const share = 1 - area(intersection(shown, safe)) / area(shown);
  if (share <= CUT_NOTE_SHARE) return null;
  return {
    id: `keep-out-${placed.placementId}`,
    level: 'note',
    station: 'art',
    text: `${percent(share)} of “${art.name}” lies on the rounded rim or base, where dye takes unevenly. Keep faces and lettering off it.`,
    figure: percent(share),
  };
});

/** Is the picture good enough, whole, and where it should be? */
export const ART_RULES: readonly Rule[] = [
  noArt,
  resolution,
  stretched,
  cutOff,
  bleedShort,
  keepOut,
];
