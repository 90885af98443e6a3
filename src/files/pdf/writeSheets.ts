import {
  concatTransformationMatrix,
  PDFDocument,
  PDFName,
  popGraphicsState,
  PrintScaling,
  pushGraphicsState,
  type PDFPage,
  type PDFRef,
} from '@cantoo/pdf-lib';
import type { Piece } from '@/core/layout';
import type { Artwork, Job } from '@/core/model';
import type { PassPlan } from '@/core/plan';
import { correctionOf, drawingOf, type Sheet, type SheetItem } from '@/core/sheet';
import type { UnitStyle } from '@/words/units';
import { sheetTexts } from '@/words';
import { exportedAs } from '../exported';
import { drawArt, drawBentPiece, drawDrawing } from './draw';
import { embedLetters, type LetterTools } from './letters';
import { POINTS_PER_MM } from './points';
import { savedInParts, type FilePart } from './bulkStream';
import { sayItIsSrgb } from './colourSpace';
import { embedArt, embedPixels, type PixelTools } from './embed';
import type { PackedPixels } from './pack';

/** What of a job its print files need. */
export type PrintedJob = Pick<Job, 'name' | 'arts'>;
/** What of a plan its print files are written from. */
export interface PrintPlan extends Pick<PassPlan, 'pieces' | 'sheets'> {
  readonly tools: Pick<PassPlan['tools'], 'printer'>;
}

export interface SheetsPdfInput {
  readonly job: PrintedJob;
  readonly plan: PrintPlan;
  /** How figures are written on the sheets. */
  readonly units: UnitStyle;
  /** A picture as it came and is kept, by SHA-256. */
  readonly storedOf: (sha256: string) => Blob;
  readonly pixels: PixelTools;
  readonly letters: LetterTools;
  /** Draws a bent piece's pictures onto one image of its whole room. */
  readonly drawBent: (piece: Piece) => Promise<PackedPixels>;
  /** Told the share of the work done, 0–1. */
  readonly onProgress?: (share: number) => void;
}

/** An image in the document and the name pages draw it by. */
interface Image {
  readonly name: PDFName;
  readonly ref: PDFRef;
}

type Images = ReadonlyMap<string, Image>;

/** Puts in what the pages will draw: each picture once, or each bent piece as one image. */
async function embedImages(doc: PDFDocument, input: SheetsPdfInput): Promise<Images> {
  const { job, plan, storedOf, pixels, drawBent, onProgress } = input;
  const images = new Map<string, Image>();
  const flat = new Set(
    plan.pieces.flatMap(({ bend, arts }) => (bend ? [] : arts.map((a) => a.artSha256))),
  );
  const wanted: { key: string; embed: () => Promise<PDFRef> }[] = [
    ...job.arts
      .filter(({ sha256 }) => flat.has(sha256))
      .map((art) => ({
        key: art.sha256,
        embed: () => embedArt(doc, art, storedOf(art.sha256), pixels),
      })),
    ...plan.pieces
      .filter(({ bend }) => bend)
      .map((piece) => ({
        key: piece.id,
        embed: async () => embedPixels(doc, await drawBent(piece)),
      })),
  ];
  for (const [i, { key, embed }] of wanted.entries()) {
    images.set(key, { name: PDFName.of(`Art${i}`), ref: await embed() });
    onProgress?.((0.8 * (i + 1)) / wanted.length);
  }
  return images;
}

function drawPiece(
  page: PDFPage,
  sheet: Sheet,
  item: SheetItem,
  piece: Piece,
  images: Images,
  arts: readonly Artwork[],
): void {
  const onPage = (key: string): PDFName | null => {
    const image = images.get(key);
    if (!image) return null;
    page.node.setXObject(image.name, image.ref);
    return image.name;
  };
  if (piece.bend) {
    const name = onPage(piece.id);
    if (name) drawBentPiece(page, sheet, item, piece, name);
    return;
  }
  for (const placed of piece.arts) {
    const art = arts.find(({ sha256 }) => sha256 === placed.artSha256);
    const name = onPage(placed.artSha256);
    if (art && name) drawArt(page, sheet, item, piece, placed, art, name);
  }
}

/**
 * The sheets of a plan as one PDF, a page each, at 100 %. The page box is the paper; readers are
 * asked not to scale. Each picture is embedded once and drawn by clip and matrix.
 * @returns the file in parts, in order, so that pictures are not copied; what goes in untouched is a stretch of where it is kept.
 * @throws Error when a picture's bytes are missing or the plan has no sheets.
 */
export async function writeSheetsPdf(input: SheetsPdfInput): Promise<readonly FilePart[]> {
  const { job, plan, units, onProgress } = input;
  if (plan.sheets.length === 0) throw new Error('There is no sheet to print.');
  const doc = await PDFDocument.create();
  doc.setTitle(job.name);
  doc.setSubject(exportedAs('sheets'));
  doc.setCreator('Lucky Sheet');
  doc.setProducer('Lucky Sheet');
  sayItIsSrgb(doc);
  doc.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const drawings = plan.sheets.map((sheet) =>
    drawingOf(sheet, plan.pieces, sheetTexts(sheet, units)),
  );
  const letters = await embedLetters(
    doc,
    drawings.flatMap(({ texts }) => texts.map(({ text }) => text)),
    input.letters,
  );
  const images = await embedImages(doc, input);
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]));

  for (const [i, sheet] of plan.sheets.entries()) {
    const page = doc.addPage([sheet.widthMm * POINTS_PER_MM, sheet.heightMm * POINTS_PER_MM]);
    const { across, along } = correctionOf(plan.tools.printer, sheet.orientation);
    page.pushOperators(
      pushGraphicsState(),
      // about the upper left corner, where paper is fed from
      concatTransformationMatrix(across, 0, 0, along, 0, page.getHeight() * (1 - along)),
    );
    for (const item of sheet.items) {
      const piece = pieces.get(item.pieceId);
      if (piece) drawPiece(page, sheet, item, piece, images, job.arts);
    }
    const drawing = drawings[i];
    if (drawing) drawDrawing(page, drawing, letters);
    page.pushOperators(popGraphicsState());
  }
  const parts = await savedInParts(doc);
  onProgress?.(1);
  return parts;
}
