import type { Behind, Size } from './vocabulary';
import { isCup } from '../form';
import { isPrintedOn, type Paper } from '../model';
import { paperHolds, THROUGH_WHOLE, type Tiling } from '../sheet';
import { inches } from '../units';
import { at, finder, type FoundOf, type RuleOf } from './finding';
import type { Findings } from './findings';
import { fix } from './fixes';
import { isCloth } from '../traits';
import { nameOf, type Piece, type NamedPiece } from '../layout';

/** Will what is taped together be one picture? */
export const TILE_KINDS = {
  /** `sparedShare`: less detail under the seams than with even spacing; `longer`: paper that holds it whole. */
  tiled: at<
    Size & {
      piece: NamedPiece;
      sheets: number;
      rows: number;
      columns: number;
      paper: string;
      sparedShare: number;
      longer: string | null;
    }
  >('sheets'),
  /** Sheets of a piece on which nothing would be printed: left out; a hard blank still has to be covered. */
  'sheets-bare': at<{ piece: NamedPiece; bare: number; sheets: number }>('sheets'),
  'no-overlap': at<{ overlapMm: number }>('sheets'),
  'seam-through': at<{ piece: NamedPiece }>('sheets'),
  'seams-moved': at<{ piece: NamedPiece }>('sheets'),
  /** Between a taped seam and where the wrap closes. */
  'taped-seam': at<{ piece: NamedPiece; apartMm: number; close: boolean; from: Behind }>('sheets'),
};
const found = finder(TILE_KINDS);
type TileRule = RuleOf<typeof TILE_KINDS>;
type TileFound = FoundOf<typeof TILE_KINDS>;

/** Usual overlap of two sheets at a seam: common practice. */
const USUAL_OVERLAP_MM = inches(1 / 4);
/** A taped seam nearer than this to where a wrap closes makes one thick place (own choice). */
const SEAMS_APART_MM = 20;

const perTiling =
  (rule: (tiling: Tiling, piece: Piece, findings: Findings) => TileFound | null): TileRule =>
  (findings) =>
    findings.sheets.tilings.flatMap((tiling) => {
      const piece = findings.pieces.find(({ id }) => id === tiling.pieceId);
      return (piece && rule(tiling, piece, findings)) ?? [];
    });

/** Papers the printer takes that hold the piece whole, the smallest first. */
function papersHolding({ pieces, shelf, printer, paper }: Findings, tiling: Tiling): Paper[] {
  const piece = pieces.find(({ id }) => id === tiling.pieceId);
  if (!piece) return [];
  return shelf.papers
    .filter((each) => each.id !== paper.id && isPrintedOn(each) && !each.used)
    .filter((each) => paperHolds(each, printer, piece))
    .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm);
}

/** A piece that takes several sheets, how, and whether longer paper would spare it. */
const tiled = perTiling((tiling, piece, findings) => {
  const { paper } = findings;
  const { rows, columns, tiles, cost, evenCost } = tiling;
  // of the others nothing is printed, and nothing is taped together
  if (tiles.length < 2) return null;
  const longer = papersHolding(findings, tiling).slice(0, 2);
  return found(
    'tiled',
    'note',
    {
      ...{ piece: nameOf(piece), widthMm: piece.widthMm, heightMm: piece.heightMm },
      ...{ sheets: tiles.length, rows, columns, paper: paper.name },
      sparedShare: evenCost > 0 ? 1 - cost / evenCost : 0,
      longer: longer[0]?.name ?? null,
    },
    {
      of: tiling.pieceId,
      fixes: longer.map(({ id, name }) => fix('print-on', { paperId: id, name })),
    },
  );
});

/** Cloth shows no edge of paper, so its paper never reaches that far; a hard blank does. */
const bare = perTiling((tiling, piece, { job }) =>
  tiling.bare === 0 || isCloth(job.blank.substrate)
    ? null
    : found(
        'sheets-bare',
        'note',
        { piece: nameOf(piece), bare: tiling.bare, sheets: tiling.tiles.length + tiling.bare },
        { of: tiling.pieceId },
      ),
);

const noOverlap: TileRule = ({ sheets, job }) => {
  const { overlapMm } = job.sheet.tile;
  if (sheets.tilings.length === 0 || overlapMm >= 1) return [];
  const fixes = [fix('overlap', { overlapMm: USUAL_OVERLAP_MM })];
  return [found('no-overlap', 'warn', { overlapMm }, { fixes })];
};

const throughWhole = perTiling((tiling, piece) =>
  tiling.cost < THROUGH_WHOLE
    ? null
    : found('seam-through', 'warn', { piece: nameOf(piece) }, { of: tiling.pieceId }),
);

const handSeams: TileRule = (findings) =>
  findings.job.sheet.seams.flatMap(({ pieceId }): TileFound[] => {
    const tiling = findings.sheets.tilings.find((each) => each.pieceId === pieceId);
    const piece = findings.pieces.find(({ id }) => id === pieceId);
    if (!tiling || !piece || tiling.byHand) return [];
    return [
      found(
        'seams-moved',
        'note',
        { piece: nameOf(piece) },
        { of: pieceId, fixes: [fix('best-seams', { pieceId })] },
      ),
    ];
  });

/** On a wrap that goes all round, the taped seam and the closing seam must not lie on each other. */
const seamsOnWrap = perTiling((tiling, piece, { job }) => {
  const { form } = job.blank;
  if (!isCup(form) || tiling.downAtMm.length === 0) return null;
  const nearest = Math.min(
    ...tiling.downAtMm.flatMap((at) => [at, Math.max(0, piece.widthMm - at)]),
  );
  const close = nearest < SEAMS_APART_MM;
  const from = form.handleGapMm > 0 ? 'handle' : 'seam';
  return found(
    'taped-seam',
    close ? 'warn' : 'note',
    { piece: nameOf(piece), apartMm: nearest, close, from },
    { of: tiling.pieceId },
  );
});

/** Will what is taped together be one picture? */
export const TILE_RULES: readonly TileRule[] = [
  tiled,
  bare,
  noOverlap,
  throughWhole,
  handSeams,
  seamsOnWrap,
];
