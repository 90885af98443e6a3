import type { Piece, Pixels } from '@/core/layout';
import { patternToPdf, writeSheetsPdf, type PrintedJob, type PrintPlan } from '@/files/pdf';
import type { Pattern } from '@/words';
import type { UnitStyle } from '@/words/units';
import { decodePixels, decodeWhole, packBentPiece } from './decode';
import { inflateBeside } from './inflate';
import { letterTools } from './letters';
import type { OnProgress } from './progress';
import { blobOf, storedIn } from './stored';

/** A paper's size, mm. */
export interface PaperSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What sheets are written from. */
export interface SheetsInput {
  readonly job: PrintedJob;
  readonly plan: PrintPlan;
  readonly blobs: ReadonlyMap<string, Blob>;
  /** How figures are written on them. */
  readonly units: UnitStyle;
}

/** A4 (ISO 216). */
const ANY_PAPER: PaperSize = { widthMm: 210, heightMm: 297 };

/** Writes a page that nobody asked for, so that the first that somebody asks for is written as fast as the next. */
export async function rehearsePrint(): Promise<void> {
  const texts = [{ x: 10, y: 10, text: 'Rehearsal', sizeMm: 3 }];
  const page = { id: 'rehearsal', name: 'Rehearsal', use: '', widthMm: 60, heightMm: 40 };
  await patternPdf({ ...page, lines: [], texts }, ANY_PAPER);
}

/** The print file of a plan; pictures come as blobs, so that only what is needed is read. */
export async function sheetsPdf(
  { job, plan, blobs, units }: SheetsInput,
  onProgress: OnProgress,
): Promise<Blob> {
  const storedOf = (sha256: string) => storedIn(blobs, sha256);
  const decoded = new Map<string, Pixels>();
  const drawBent = async (piece: Piece) => {
    const wanted = new Set(piece.arts.map(({ artSha256 }) => artSha256));
    for (const art of job.arts.filter(({ sha256 }) => wanted.has(sha256))) {
      if (decoded.has(art.sha256)) continue;
      onProgress({ doing: `Decoding ${art.name}`, share: 0.1 });
      decoded.set(art.sha256, await decodeWhole(storedOf(art.sha256), art));
    }
    return packBentPiece(piece, decoded, (share) =>
      onProgress({ doing: 'Bending the picture to the cup', share: 0.2 + 0.6 * share }),
    );
  };
  const parts = await writeSheetsPdf({
    job,
    plan,
    units,
    storedOf,
    letters: await letterTools(),
    pixels: { decode: decodePixels, inflate: inflateBeside },
    drawBent,
    onProgress: (share) => onProgress({ doing: 'Writing the PDF', share }),
  });
  return blobOf(parts, 'application/pdf');
}

/** A true-size line drawing as a PDF, fit for a paper where it can be. */
export async function patternPdf(pattern: Pattern, paper: PaperSize): Promise<Blob> {
  const pdf = await patternToPdf(pattern, paper, await letterTools());
  return blobOf([pdf], 'application/pdf');
}
