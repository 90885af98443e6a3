import { beginsAsSvg } from '@/files/svg/sniff';
import { textOf } from '@/files/text';

export type FileKind = 'svg' | 'pdf' | 'pixels';

/** How much of a file is looked at to tell what it is, bytes. */
const HEAD_BYTES = 65_536;

/** What a file is, by its first bytes. */
export async function kindOf(file: Blob): Promise<FileKind> {
  const head = await textOf(file.slice(0, HEAD_BYTES));
  if (head.startsWith('%PDF-')) return 'pdf';
  return beginsAsSvg(head) ? 'svg' : 'pixels';
}
