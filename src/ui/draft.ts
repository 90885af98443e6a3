import type * as z from 'zod/mini';

const PREFIX = 'lucky-sheet.';

/** Something half done that this tab kept through a reload; null where there is nothing that can be read. */
export function readDraft<T>(key: string, schema: z.ZodMiniType<T>): T | null {
  try {
    return schema.parse(JSON.parse(sessionStorage.getItem(PREFIX + key) ?? ''));
  } catch {
    return null;
  }
}

/** Keeps something half done through a reload of this tab; where storage is refused it lasts as long as the screen. */
export function writeDraft(key: string, draft: unknown): void {
  try {
    sessionStorage.setItem(PREFIX + key, JSON.stringify(draft));
  } catch {
    // it lasts as long as the screen
  }
}
