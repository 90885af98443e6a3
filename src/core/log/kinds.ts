import type { PressRecord } from '../model';

/** Pressings of one blank by one transfer: only among these does a setting mean the same. */
export interface LogKind {
  readonly key: string;
  readonly blankName: string;
  readonly transfer: PressRecord['transfer'];
  /** The latest first. */
  readonly records: readonly PressRecord[];
}

/** A log by what was pressed: the kind that was pressed last stands first. Blanks without identity go by their name. */
export function kindsIn(records: readonly PressRecord[]): readonly LogKind[] {
  const kinds = new Map<string, PressRecord[]>();
  for (const record of [...records].sort((a, b) => b.at.localeCompare(a.at))) {
    const key = `${record.blankId ?? record.blankName}|${record.transfer ?? ''}`;
    const own = kinds.get(key);
    if (own) own.push(record);
    else kinds.set(key, [record]);
  }
  return [...kinds].flatMap(([key, own]) => {
    const [latest] = own;
    if (!latest) return [];
    return [{ key, blankName: latest.blankName, transfer: latest.transfer, records: own }];
  });
}
