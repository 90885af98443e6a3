import type { NamedPiece } from '../layout';
import type { Paper, Printer, TransferKind } from '../model';
import type { Behind, Size, Station } from './vocabulary';

/** Will what leaves the printer be whole, true to size and the right way round? */
export interface SheetFacts {
  ink: { printer: string; holds: Printer['ink']; transfer: TransferKind };
  'paper-width': { paper: string; widthMm: number; printer: string; mostMm: number };
  /** No tiling of the piece on this paper. */
  misfit: Size & { paper: string; orientation: 'portrait' | 'landscape'; printable: Size };
  'too-many': { prints: number; most: number };
  /** Longer than the cutting machine finds its way round. */
  'cutter-width': { piece: NamedPiece; lengthMm: number; cutter: string; mostMm: number };
  'preprinted-edge': { paper: string };
  'offcut-waits': Size & { name: string };
  /** So many flips leave the picture backwards. */
  mirror: { flips: number };
  'driver-cannot-mirror': { printer: string };
  /** Sheets without room for trim marks or for bar and label. */
  'marks-dropped': { sheets: number; pieces: number; trimMarks: boolean; foot: boolean };
  'print-side': { printer: string };
  /** Not what the transfer comes on, or made for another. */
  'wrong-sheet': {
    paper: string;
    is: Paper['is'];
    transfer: TransferKind;
    madeFor: TransferKind | null;
  };
  /** A piece of film larger than the sheet it is cut from. */
  'film-small': Size & { film: string; sheet: Size };
  'few-left': { sheet: string; needed: number; left: number };
  'maker-mirrors': { paper: string; wants: boolean };
  /** Opaque paper over several sheets: nothing holds them from behind. */
  'opaque-tiled': { sheets: number };
}

/** Will what is taped together be one picture? */
export interface TileFacts {
  /** `sparedShare`: less detail under the seams than with even spacing; `longer`: paper that holds it whole. */
  /** Sheets of a piece on which nothing would be printed: left out; a hard blank still has to be covered. */
  'sheets-bare': { piece: NamedPiece; bare: number; sheets: number };
  tiled: Size & {
    piece: NamedPiece;
    sheets: number;
    rows: number;
    columns: number;
    paper: string;
    sparedShare: number;
    longer: string | null;
  };
  'no-overlap': { overlapMm: number };
  'seam-through': { piece: NamedPiece };
  'seams-moved': { piece: NamedPiece };
  /** Between a taped seam and where the wrap closes. */
  'taped-seam': { piece: NamedPiece; apartMm: number; close: boolean; from: Behind };
}

/** Where each of them is put right. */
export const SHEET_STATIONS = {
  ink: 'sheets',
  'paper-width': 'sheets',
  misfit: 'sheets',
  'too-many': 'sheets',
  'cutter-width': 'sheets',
  'preprinted-edge': 'sheets',
  'offcut-waits': 'sheets',
  mirror: 'sheets',
  'driver-cannot-mirror': 'sheets',
  'marks-dropped': 'sheets',
  'print-side': 'sheets',
  'wrong-sheet': 'sheets',
  'film-small': 'sheets',
  'few-left': 'sheets',
  'maker-mirrors': 'sheets',
  'opaque-tiled': 'sheets',
  tiled: 'sheets',
  'sheets-bare': 'sheets',
  'no-overlap': 'sheets',
  'seam-through': 'sheets',
  'seams-moved': 'sheets',
  'taped-seam': 'sheets',
} as const satisfies Record<keyof SheetFacts | keyof TileFacts, Station>;
