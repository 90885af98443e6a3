'use client';

import { useState } from 'react';
import { useJob } from '@/ui/job/jobContext';
import { pieceWords, sheetWords } from '@/words';
import type { LookedAt } from '@/workers';

/** Something a photo may be of, as it is chosen. */
export interface Choice {
  readonly key: string;
  readonly what: LookedAt;
  readonly words: string;
}

/** Every sheet of the open job by its id, as it is spoken of: by its name, and its number where there are several. */
export function useSheetNames(): ReadonlyMap<string, string> {
  const { sheets } = useJob().plan;
  return new Map(
    sheets.map(({ id, called }, nth) => [
      id,
      sheets.length > 1
        ? `sheet ${nth + 1} of ${sheets.length}, ${sheetWords(called)}`
        : sheetWords(called),
    ]),
  );
}

/** What may be in the photo, and what was chosen; sheets laid together come first where there is no sheet to begin with. */
export function useWhat(first: 'sheet' | 'laid', sheetId: string | undefined) {
  const { plan } = useJob();
  const names = useSheetNames();
  const sheets = plan.sheets.map(({ id }): Choice => ({
    key: `sheet ${id}`,
    what: { kind: 'sheet', sheetId: id },
    words: `Untrimmed: ${names.get(id) ?? id}`,
  }));
  const laid = plan.pieces
    .filter(({ id }) => plan.tilings.some(({ pieceId }) => pieceId === id))
    .map((piece): Choice => ({
      key: `laid ${piece.id}`,
      what: { kind: 'laid', pieceId: piece.id },
      words: `Laid: the sheets of ${pieceWords(piece)}`,
    }));
  const options = first === 'laid' ? [...laid, ...sheets] : [...sheets, ...laid];
  const [chosen, choose] = useState(
    () => (options.find(({ key }) => key === `sheet ${sheetId}`) ?? options[0])?.key,
  );
  return { options, chosen: options.find(({ key }) => key === chosen) ?? options[0], choose };
}
