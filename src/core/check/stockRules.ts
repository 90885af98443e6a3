import type { Size } from './vocabulary';
import type { Paper, TransferKind } from '../model';
import { fix } from './fixes';
import { at, finder, type FoundOf, type RuleOf } from './finding';
import { paperHolds } from '../sheet';
import { comesOn, isFor, sheetFor } from '../shelf';

/** Are these the right sheets, and enough of them? */
export const STOCK_KINDS = {
  /** Not what the transfer comes on, or made for another. */
  'wrong-sheet': at<{
    paper: string;
    is: Paper['is'];
    transfer: TransferKind;
    madeFor: TransferKind | null;
  }>('sheets'),
  /** A piece of film larger than the sheet it is cut from. */
  'film-small': at<Size & { film: string; sheet: Size }>('sheets'),
  'few-left': at<{ sheet: string; needed: number; left: number }>('sheets'),
  'maker-mirrors': at<{ paper: string; wants: boolean }>('sheets'),
  /** Opaque paper over several sheets: nothing holds them from behind. */
  'opaque-tiled': at<{ sheets: number }>('sheets'),
};
const found = finder(STOCK_KINDS);
type StockRule = RuleOf<typeof STOCK_KINDS>;
type StockFound = FoundOf<typeof STOCK_KINDS>;

/** A sheet that the transfer does not come on, or that is made for another. */
const wrongSheet: StockRule = ({ paper, transfer, job, shelf }) => {
  const right = paper.is === comesOn(job.transfer);
  if (right && isFor(paper, job.transfer)) return [];
  const other = shelf.papers.find(({ id }) => id === sheetFor(job.transfer, job, shelf));
  const better = other && other.id !== paper.id ? other : null;
  return [
    found(
      'wrong-sheet',
      // what is only cut may be cut from anything; what is printed would be spoiled
      transfer.made === 'printed' || right ? 'stop' : 'warn',
      {
        ...{ paper: paper.name, is: paper.is, transfer: job.transfer },
        madeFor: right ? (paper.product?.transfer ?? null) : null,
      },
      { fixes: [better && fix('print-on', { paperId: better.id, name: better.name })] },
    ),
  ];
};

/** Film cannot be taped together: a piece larger than its sheet is stopped. */
const filmSmall: StockRule = ({ film, shelf, printer }) => {
  const [first] = film?.misfits ?? [];
  const piece = film?.pieces.find(({ id }) => id === first?.pieceId);
  if (!film || !piece) return [];
  const { widthMm, heightMm } = piece;
  const larger = shelf.papers.find(
    (each) => each.is === 'film' && !each.used && paperHolds(each, printer, piece),
  );
  const { paper } = film;
  return [
    found(
      'film-small',
      'stop',
      {
        widthMm,
        heightMm,
        film: paper.name,
        sheet: { widthMm: paper.widthMm, heightMm: paper.heightMm },
      },
      { fixes: [larger ? fix('use-film', { filmId: larger.id, name: larger.name }) : null] },
    ),
  ];
};

/** More sheets are needed than are left of them. */
const fewLeft: StockRule = ({ paper, sheets, film }) =>
  [
    { of: paper, needed: sheets.sheets.length },
    ...(film ? [{ of: film.paper, needed: film.sheets.length }] : []),
  ].flatMap(({ of, needed }): StockFound[] => {
    // an offcut is there once
    const left = of.offcut ? 1 : (of.product?.left ?? Infinity);
    if (needed <= left) return [];
    return [found('few-left', 'warn', { sheet: of.name, needed, left }, { of: of.id })];
  });

/** What its maker says about mirroring against what the transfer needs. */
const makerMirrors: StockRule = ({ paper, film, transfer }) => {
  const wants = (film?.paper.product ?? paper.product)?.mirrored ?? transfer.mirrored;
  if (wants === transfer.mirrored) return [];
  return [found('maker-mirrors', 'warn', { paper: (film?.paper ?? paper).name, wants })];
};

/** Opaque paper is laid picture up, its backing off: its sheets cannot be taped together from behind. */
const opaqueTiled: StockRule = ({ job, transfer, sheets, pieces, paper, shelf, printer }) => {
  if (transfer.imageSide !== 'face up') return [];
  const tiling = sheets.tilings.find(({ tiles }) => tiles.length > 1);
  const piece = pieces.find(({ id }) => id === tiling?.pieceId);
  if (!tiling || !piece) return [];
  const longer = shelf.papers.find(
    (each) =>
      each.id !== paper.id &&
      each.is === 'paper' &&
      !each.used &&
      isFor(each, job.transfer) &&
      paperHolds(each, printer, piece),
  );
  const places = [...new Set(piece.arts.map(({ placementId }) => placementId))];
  const [placementId] = places;
  const alone = places.length === 1 && piece.arts.length === 1 && placementId !== undefined;
  return [
    found(
      'opaque-tiled',
      'warn',
      { sheets: tiling.tiles.length },
      {
        fixes: [
          longer ? fix('print-on', { paperId: longer.id, name: longer.name }) : null,
          alone ? fix('fit-on-sheets', { placementId, sheets: 1 }) : null,
        ],
      },
    ),
  ];
};

/** Is the paper or film the right one, large enough, and are there enough of it? */
export const STOCK_RULES: readonly StockRule[] = [
  wrongSheet,
  filmSmall,
  fewLeft,
  makerMirrors,
  opaqueTiled,
];
