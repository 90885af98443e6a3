import Papa from 'papaparse';
import { namesFrom, type NameList, type NamesFault } from '@/core/job';
import type { Result } from '@/core/result';

/** Names from words that were typed or pasted, or from a table saved as CSV. */
export function readNames(text: string): Result<NameList, NamesFault> {
  const lines = text.split(/\r\n|\r|\n/);
  const { data, errors } = Papa.parse<string[]>(lines.join('\n'), {
    skipEmptyLines: 'greedy',
    // nobody's name holds a tab; else it is told by the lines
    ...(text.includes('\t') ? { delimiter: '\t' } : {}),
  });
  // a quotation mark that is never closed would swallow all lines after it
  const broken = errors.some(({ type }) => type === 'Quotes');
  return namesFrom(broken ? lines.map((line) => [line]) : data, lines);
}
