import { PDFDocument, PrintScaling, StandardFonts } from '@cantoo/pdf-lib';
import type { Artwork, Job } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { drawArt, drawFoot, drawTicks, POINTS_PER_MM } from './draw';
import { embedArt, imageName, type PixelDecoder } from './embed';

export interface SheetsPdfInput {
  readonly job: Job;
  readonly plan: JobPlan;
  /** Picture bytes as they came, by SHA-256. */
  readonly bytesOf: (sha256: string) => Promise<Uint8Array>;
  readonly decode: PixelDecoder;
  /** Told the share of the work done, 0–1. */
  readonly onProgress?: (share: number) => void;
}

/**
 * The sheets of a plan as one PDF, a page each, at 100 %. The page box is the paper; readers are
 * asked not to scale. Each picture is embedded once and drawn by clip and matrix.
 * @throws Error when a picture's bytes are missing or the plan has no sheets.
 */
export async function writeSheetsPdf(input: SheetsPdfInput): Promise<Uint8Array> {
  const { job, plan, bytesOf, decode, onProgress } = input;
  if (plan.sheets.length === 0) throw new Error('There is no sheet to print.');
  const doc = await PDFDocument.create();
  doc.setTitle(job.name);
  doc.setCreator('Lucky Sheet');
  doc.setProducer('Lucky Sheet');
  doc.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const font = await doc.embedFont(StandardFonts.Helvetica);

  const images = new Map<
    string,
    { art: Artwork; name: ReturnType<typeof imageName>; ref: unknown }
  >();
  for (const [i, art] of job.arts.entries()) {
    const ref = await embedArt(doc, art, await bytesOf(art.sha256), decode);
    images.set(art.sha256, { art, name: imageName(i), ref });
    onProgress?.((0.8 * (i + 1)) / job.arts.length);
  }

  for (const sheet of plan.sheets) {
    const page = doc.addPage([sheet.widthMm * POINTS_PER_MM, sheet.heightMm * POINTS_PER_MM]);
    for (const { name, ref } of images.values()) page.node.setXObject(name, ref as never);
    for (const item of sheet.items) {
      const piece = plan.pieces.find(({ id }) => id === item.pieceId);
      for (const placed of piece?.arts ?? []) {
        const image = images.get(placed.artSha256);
        if (image) drawArt(page, sheet, item, placed, image.art, image.name);
      }
    }
    drawTicks(page, sheet, sheet.marks.ticks);
    if (sheet.marks.foot) drawFoot(page, sheet, sheet.marks.foot, font);
  }
  const bytes = await doc.save({ useObjectStreams: false });
  onProgress?.(1);
  return bytes;
}
