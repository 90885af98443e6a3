import { Zip, ZipPassThrough } from 'fflate';
import type { PrintPlan } from '@/files/pdf';
import { writeSheetPng, type SheetSources } from './sheetPng';
import { sheetWords } from '@/words';

/**
 * Every sheet as a PNG at the printer's resolution, in one ZIP in the order of printing. One sheet
 * is in memory at a time; what is finished is handed to the browser.
 */
export async function zipPngs(plan: PrintPlan, sources: SheetSources): Promise<Blob> {
  const finished: Blob[] = [];
  const zip = new Zip((error, part) => {
    if (error) throw error;
    finished.push(new Blob([part]));
  });
  const digits = String(plan.sheets.length).length;
  for (const [i, sheet] of plan.sheets.entries()) {
    const doing = `Drawing sheet ${i + 1} of ${plan.sheets.length}`;
    sources.onProgress({ doing, share: i / plan.sheets.length });
    const nth = String(i + 1).padStart(digits, '0');
    const entry = new ZipPassThrough(
      `${nth} ${sheetWords(sheet.called).replace(/[^\p{L}\p{M}\p{N} ._-]/gu, '-')}.png`,
    );
    zip.add(entry);
    entry.push(await writeSheetPng(plan, sheet, { ...sources, onProgress: () => undefined }), true);
  }
  zip.end();
  return new Blob(finished, { type: 'application/zip' });
}
