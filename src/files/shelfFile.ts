import * as z from 'zod/mini';
import { DOCUMENTS, MAX_ON_SHELF, readDocument, type Blank } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { complaints, documentFaultWords } from '@/words/documents';
import { listIn } from '@/core/schema';

const FORMAT = 'lucky-sheet-blanks';

/** `version` is that of the blanks in it. */
const fileSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int().check(z.minimum(1)),
  blanks: listIn(z.unknown(), 1, MAX_ON_SHELF.blanks),
});

/** Blanks of a shelf as a JSON file, to be kept or handed on. */
export const writeBlanksFile = (blanks: readonly Blank[]): string =>
  JSON.stringify({ format: FORMAT, version: DOCUMENTS.blank.version, blanks }, null, 2);

/** Reads a file of blanks of any version, whole or not at all. */
export function readBlanksFile(text: string): Result<Blank[]> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return failure('This is not a JSON file.');
  }
  const refuse = (why: string) =>
    failure(`These are not blanks of Lucky Sheet: ${why}. Nothing was changed.`);
  const file = fileSchema.safeParse(value);
  if (!file.success) return refuse(complaints(file.error.issues, 'the file'));
  const blanks: Blank[] = [];
  for (const [i, each] of file.data.blanks.entries()) {
    const read = readDocument('blank', file.data.version, each);
    if (!read.ok) return refuse(documentFaultWords(read.reason, `blanks.${i}`));
    blanks.push(read.value);
  }
  return success(blanks);
}
