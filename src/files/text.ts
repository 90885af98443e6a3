/** How a text begins that is written two bytes a sign (Unicode 15, §23.8). */
const MARKS = [
  { bytes: [0xff, 0xfe], encoding: 'utf-16le' },
  { bytes: [0xfe, 0xff], encoding: 'utf-16be' },
] as const;

/**
 * What stands in a text file, however it was written: UTF-8 and UTF-16, and where it is neither, the eight bits that table programs
 * write (Windows-1252), so that no name loses its letters.
 */
export async function textOf(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const mark = MARKS.find((each) => each.bytes.every((byte, i) => bytes[i] === byte));
  if (mark) return new TextDecoder(mark.encoding).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
