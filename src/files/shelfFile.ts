import { z } from 'zod';
import { blankSchema, SCHEMA_VERSION, type Blank } from '@/core/model';
import { failure, success, type Result } from '@/core/result';

const FORMAT = 'lucky-sheet-blanks';

const fileSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int().min(1).max(SCHEMA_VERSION),
  blanks: z.array(blankSchema).min(1).max(500),
});

/** Blanks of a shelf as a JSON file, to be kept or handed on. */
export const writeBlanksFile = (blanks: readonly Blank[]): string =>
  JSON.stringify({ format: FORMAT, version: SCHEMA_VERSION, blanks }, null, 2);

/** Reads a file of blanks, whole or not at all. */
export function readBlanksFile(text: string): Result<Blank[]> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return failure('This is not a JSON file.');
  }
  const read = fileSchema.safeParse(value);
  if (read.success) return success(read.data.blanks);
  const [first] = read.error.issues;
  return failure(
    `These are not blanks of Lucky Sheet: ${first?.path.join('.') || 'the file'}: ${first?.message ?? 'unreadable'}. Nothing was changed.`,
  );
}
