import { createStore } from 'zustand/vanilla';
import type { DocumentKind, Documents } from '@/core/model';
import { saveDocuments, type SaveOutcome, type Write } from './documents';
import type { Found } from './reading';
import { storageProblem } from './problem';
import type { BenchStore } from './types';

/** Where what is shown stands against what is stored. */
export type KeptState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly message: string };

/** A change that another tab was before: what was to be written, and what stands instead. */
export interface Overtaken {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly mine: Documents[DocumentKind] | null;
  readonly stored: Found<DocumentKind> | null;
}

export type Keeper = ReturnType<typeof createKeeper>;

/**
 * Writes small documents (shelf things, runs, records) behind the screen: in order, the latest of
 * each, none over a newer one of another tab. What could not be written is kept for another try.
 */
export function createKeeper(store: BenchStore) {
  const state = createStore<KeptState>(() => ({ kind: 'saved' }));
  const revs = new Map<string, number>();
  const waiting = new Map<string, Write>();
  /** What is being written just now. */
  let inFlight: readonly Write[] = [];
  const listeners = new Set<(lost: Overtaken) => void>();
  let writing: Promise<void> | null = null;
  let laidOut = store.laidOut();
  const keyOf = ({ kind, id }: Pick<Write, 'kind' | 'id'>) => `${kind}/${id}`;
  const say = (next: KeptState) => state.setState(next, true);

  /** Puts changes back to be written, unless newer ones wait by now. */
  const again = (writes: readonly Write[]) =>
    writes.forEach((write) => {
      if (!waiting.has(keyOf(write))) waiting.set(keyOf(write), write);
    });

  function settle(writes: readonly Write[], outcome: SaveOutcome): void {
    if (outcome.kind === 'saved') {
      writes.forEach((write, i) =>
        revs.set(keyOf(write), write.body === null ? 0 : (outcome.revs[i] ?? 0)),
      );
      return;
    }
    const lost = writes[outcome.at] as Write;
    again(writes.filter((write) => write !== lost));
    const { stored } = outcome;
    revs.set(keyOf(lost), stored?.ok ? stored.kept.rev : 0);
    // what was to be taken away is gone already
    if (stored === null && lost.body === null) return;
    if (stored === null && laidOut !== store.laidOut()) {
      // the storage was cleared, not this one thing taken away: all there is to write is written anew
      laidOut = store.laidOut();
      revs.clear();
      return again([lost]);
    }
    listeners.forEach((listener) =>
      listener({ kind: lost.kind, id: lost.id, mine: lost.body, stored }),
    );
  }

  async function write(): Promise<void> {
    say({ kind: 'saving' });
    while (waiting.size > 0) {
      const writes = [...waiting.values()].map((each) => ({
        ...each,
        baseRev: revs.get(keyOf(each)) ?? 0,
      }));
      waiting.clear();
      inFlight = writes;
      try {
        settle(writes, await saveDocuments(store, writes));
      } catch (error) {
        again(writes);
        return say({ kind: 'failed', message: storageProblem(error) });
      } finally {
        inFlight = [];
      }
    }
    say({ kind: 'saved' });
  }

  /** Writes all that waits; resolves when it is written or has failed. */
  function flush(): Promise<void> {
    if (waiting.size === 0) return writing ?? Promise.resolve();
    writing ??= write().finally(() => (writing = null));
    return writing;
  }

  // what this tab writes by other ways; another tab's is known when it was read, so that nothing is written over it unread
  const unhear = store.hear((changes, elsewhere) => {
    if (elsewhere) return;
    for (const { kind, id, rev } of changes)
      if (!waiting.has(keyOf({ kind, id }))) revs.set(keyOf({ kind, id }), rev ?? 0);
  });

  return {
    state,
    /** What a document was read as, also once more after another tab wrote it. */
    know: (kind: DocumentKind, id: string, rev: number): void => {
      revs.set(keyOf({ kind, id }), rev);
    },
    /** Keeps a document, or takes it away (null). */
    put<K extends DocumentKind>(kind: K, id: string, body: Documents[K] | null): Promise<void> {
      waiting.set(keyOf({ kind, id }), { kind, id, body, baseRev: 0 });
      return flush();
    },
    /** Whether a change of this document is still to be written. */
    holds: (kind: DocumentKind, id: string): boolean =>
      waiting.has(keyOf({ kind, id })) ||
      inFlight.some((write) => keyOf(write) === keyOf({ kind, id })),
    /** What is not written yet, in order, each with the revision it is based on. */
    unwritten(): readonly Write[] {
      const next = [...waiting.values()].map((each) => {
        const before = inFlight.find((write) => keyOf(write) === keyOf(each));
        return { ...each, baseRev: before ? before.baseRev + 1 : (revs.get(keyOf(each)) ?? 0) };
      });
      return [...inFlight, ...next];
    },
    /** Hears when another tab was first; its document stands. Returns the end of it. */
    onOvertaken(listener: (lost: Overtaken) => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    /** Tries again after storage failed. */
    retry: flush,
    close: unhear,
  };
}
