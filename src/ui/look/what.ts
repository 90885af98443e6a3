'use client';

import { useMemo, useState } from 'react';
import { levelPlan, type LevelPlan } from '@/core/look';
import type { Job } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { pieceWords, sheetWords } from '@/words';
import type { LookedAt } from '@/workers';

/** The job whose prints are looked at. */
export interface Looking {
  readonly job: Job;
  readonly plan: JobPlan;
}

/** A trimmed print on its flat blank. */
export interface OnBlank {
  readonly kind: 'on-blank';
  readonly plan: LevelPlan;
}

/** Something a photo may be of, as it is chosen. */
export interface Choice {
  readonly key: string;
  readonly what: LookedAt | OnBlank;
  readonly words: string;
}

/** Every sheet of a job by its id, as it is spoken of: by its name, and its number where there are several. */
export const sheetNames = ({ sheets }: Pick<JobPlan, 'sheets'>): ReadonlyMap<string, string> =>
  new Map(
    sheets.map(({ id, called }, nth) => [
      id,
      sheets.length > 1
        ? `sheet ${nth + 1} of ${sheets.length}, ${sheetWords(called)}`
        : sheetWords(called),
    ]),
  );

/** What may be in a photo of a job; sheets laid together come first where there is no sheet to begin with. */
function optionsOf({ job, plan }: Looking, first: 'sheet' | 'laid'): Choice[] {
  const names = sheetNames(plan);
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
  const onBlank = plan.pieces.flatMap((piece): Choice[] => {
    const level = levelPlan(piece, job.blank.form);
    const words = `Level on the blank: ${pieceWords(piece)}`;
    return level
      ? [{ key: `blank ${piece.id}`, what: { kind: 'on-blank', plan: level }, words }]
      : [];
  });
  const printed = first === 'laid' ? [...laid, ...sheets] : [...sheets, ...laid];
  return [...printed, ...onBlank];
}

/** What may be in the photo, and what was chosen. */
export function useWhat(
  { job, plan }: Looking,
  first: 'sheet' | 'laid',
  sheetId: string | undefined,
) {
  const options = useMemo(() => optionsOf({ job, plan }, first), [job, plan, first]);
  const [chosen, choose] = useState(
    () => (options.find(({ key }) => key === `sheet ${sheetId}`) ?? options[0])?.key,
  );
  return { options, chosen: options.find(({ key }) => key === chosen) ?? options[0], choose };
}
