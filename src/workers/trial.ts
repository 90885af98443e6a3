import {
  compare,
  faultsOf,
  insideOf,
  layTogether,
  type PrintFault,
  type PrintedSheet,
  type Raster,
} from '@/core/proof';
import { scaling } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import type { JobPlan } from '@/core/plan';
import { correctionOf, pageOf, type Sheet } from '@/core/sheet';
import { dulled, simulatePrint } from '@/devices';
import { rasterOf, type ReadPage } from './pdfPages';
import { drawPiece, type Sources } from './drawPiece';
import { sheetWords } from '@/words';

/** What is set, or goes wrong, in a trial print. */
export interface TrialSettings {
  readonly mirror: boolean;
  readonly fitToPage: boolean;
  readonly mirrorsOnItsOwn: boolean;
  /** The paper in the tray, upright, mm. */
  readonly paper: { readonly widthMm: number; readonly heightMm: number };
  /** What the printer really leaves unprinted on every side, mm; never less than its profile says. */
  readonly leastMarginMm: number;
  /** The piece laid and pressed; the first printed where it is null. */
  readonly pieceId: string | null;
}

/** What came out of a trial. */
export interface TrialResult {
  /** Each sheet as it lies in the tray, dull as dye is before it is pressed. */
  readonly prints: readonly Blob[];
  readonly faults: readonly { readonly sheet: string; readonly fault: PrintFault }[];
  /** The piece that was laid and pressed. */
  readonly pieceId: string;
  /** The piece as pressed, as it was meant, and where they differ. */
  readonly pressed: Blob;
  readonly meant: Blob;
  readonly share: number;
}

async function pngOf({ width, height, data }: Raster): Promise<Blob> {
  const canvas = new OffscreenCanvas(width, height);
  const image = new ImageData(new Uint8ClampedArray(data), width, height);
  canvas.getContext('2d')?.putImageData(image, 0, 0);
  return canvas.convertToBlob({ type: 'image/png' });
}

/** A piece as it is meant, straight from its pictures. */
export async function meantPiece(piece: Piece, pxPerMm: number, sources: Sources): Promise<Raster> {
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(piece.widthMm * pxPerMm)),
    Math.max(1, Math.round(piece.heightMm * pxPerMm)),
  );
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.fillStyle = '#fff';
  brush.fillRect(0, 0, canvas.width, canvas.height);
  brush.imageSmoothingQuality = 'high';
  brush.transform(...scaling(pxPerMm, pxPerMm));
  await drawPiece(brush, piece, sources, pxPerMm);
  const { width, height } = canvas;
  return { width, height, data: brush.getImageData(0, 0, width, height).data, pxPerMm };
}

/** One sheet through the simulated printer, and as it was to come out. */
function printOne(sheet: Sheet, page: Raster, plan: JobPlan, settings: TrialSettings) {
  const { printer } = plan.tools;
  const { across, along } = correctionOf(printer, sheet.orientation);
  const barMm = { across: 100 / across, along: 100 / along };
  const flips = (who: string) =>
    plan.mirror.flippers.some((each) => each.who === who && each.flips);
  const { top, right, bottom, left } = printer.marginsMm;
  const least = (mm: number) => Math.max(mm, settings.leastMarginMm);
  const real = {
    ...printer,
    marginsMm: { top: least(top), right: least(right), bottom: least(bottom), left: least(left) },
  };
  const tray = { ...plan.tools.paper, ...settings.paper };
  const print = simulatePrint(
    page,
    {
      mirror: settings.mirror,
      fitToPage: settings.fitToPage,
      paper: pageOf(tray, real, sheet.orientation),
    },
    { mirrorsOnItsOwn: settings.mirrorsOnItsOwn, barMm },
  );
  const whole = { x: 0, y: 0, width: sheet.widthMm, height: sheet.heightMm };
  const meant = simulatePrint(
    page,
    { mirror: flips('driver'), fitToPage: false, paper: { ...sheet, printable: whole } },
    { mirrorsOnItsOwn: flips('printer'), barMm },
  );
  return { print, meant };
}

/** Differing places in red over a paled picture. */
function marked(picture: Raster, where: Uint8Array): Raster {
  const data = new Uint8ClampedArray(picture.data);
  where.forEach((off, i) => {
    if (off) data.set([200, 65, 27, 255], i * 4);
  });
  return { ...picture, data };
}

/**
 * Prints the PDF's pages on the simulated printer, trims, lays and presses them by the plan, and
 * compares what lies on the blank with what was meant.
 */
export async function runTrial(
  plan: JobPlan,
  pages: readonly ReadPage[],
  settings: TrialSettings,
  sources: Sources,
): Promise<TrialResult> {
  const printed: PrintedSheet[] = [];
  const faults: { sheet: string; fault: PrintFault }[] = [];
  const prints: Blob[] = [];
  for (const [i, sheet] of plan.sheets.entries()) {
    const read = pages[i];
    if (!read) continue;
    const page = await rasterOf(read);
    const { print, meant } = printOne(sheet, page, plan, settings);
    printed.push({ sheet, print });
    for (const fault of faultsOf(meant, print))
      faults.push({ sheet: sheetWords(sheet.called), fault });
    prints.push(await pngOf(dulled(print)));
    sources.onProgress({ doing: 'Printing', share: (0.6 * (i + 1)) / plan.sheets.length });
  }
  const wanted = settings.pieceId ?? plan.sheets[0]?.items[0]?.pieceId;
  const piece = plan.pieces.find(({ id }) => id === wanted);
  if (!piece) throw new Error('There is no sheet to print.');
  const pxPerMm = Math.min(pages[0]?.pxPerMm ?? 2, 1600 / Math.max(piece.widthMm, piece.heightMm));
  const later = plan.mirror.flippers.filter(({ who, flips }) => who !== 'file' && flips).length;
  sources.onProgress({ doing: 'Laying and pressing', share: 0.7 });
  const got = layTogether(piece, 0, printed, later, pxPerMm);
  const meant = await meantPiece(piece, pxPerMm, sources);
  const { share, where } = compare(got, meant, insideOf(piece, got));
  return {
    prints,
    faults,
    pieceId: piece.id,
    pressed: await pngOf(marked(got, where)),
    meant: await pngOf(meant),
    share,
  };
}
