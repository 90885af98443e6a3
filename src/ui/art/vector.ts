import { drawingPixels, type Room } from '@/core/art';
import { failure, success, type Result } from '@/core/result';
import { readSvg } from '@/files/svg';
import type { Drawn } from '@/workers';

/** Draws a sanitised SVG for a room. */
export async function drawSvg(text: string, room: Room): Promise<Result<Drawn>> {
  const read = readSvg(text);
  if (!read.ok) return read;
  const { markup, widthMm, heightMm, hasRealUnits } = read.value;
  const url = URL.createObjectURL(new Blob([markup], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const { width, height } = drawingPixels(widthMm, heightMm, room);
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
    const blob = await canvas.convertToBlob({ type: 'image/png' });
    return success({ blob, realMm: hasRealUnits ? { widthMm, heightMm } : null });
  } catch {
    return failure('The drawing cannot be drawn; the file is damaged. Save it again.');
  } finally {
    URL.revokeObjectURL(url);
  }
}

export type FileKind = 'svg' | 'pdf' | 'pixels';

/** What a file is, by its first bytes. */
export async function kindOf(file: Blob): Promise<FileKind> {
  const head = new TextDecoder('latin1').decode(await file.slice(0, 1024).arrayBuffer());
  if (head.startsWith('%PDF-')) return 'pdf';
  return /^[\uFEFF\s]*(<\?xml[^>]*\?>\s*)?(<!--[\s\S]*?-->\s*|<!DOCTYPE[^>]*>\s*)*<svg[\s>]/i.test(
    head.replace(/^ï»¿/, ''),
  )
    ? 'svg'
    : 'pixels';
}
