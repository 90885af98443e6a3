'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import type { Shelf } from '@/core/model';
import { EMPTY_SHELF, BUILT_IN_SHELF, mergeShelves } from '@/core/shelf';
import {
  loadOwnShelf,
  openBench,
  saveOwnShelf,
  storageProblem,
  sweepArts,
  type BenchDatabase,
  type BenchName,
} from '@/store';
import { useNotify } from '../notify';

interface Bench {
  readonly name: BenchName;
  readonly db: BenchDatabase;
  /** Presets and the user's own things together. */
  readonly shelf: Shelf;
  /** Adds to the shelf, or replaces what has the same id. */
  readonly addToShelf: (things: Partial<Shelf>) => Promise<void>;
  /** Takes one of the user's own blanks off; a preset under the same id shows again. */
  readonly removeFromShelf: (kind: keyof Shelf, id: string) => Promise<void>;
}

const BenchContext = createContext<Bench | null>(null);

export function useBench(): Bench {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('useBench needs a BenchProvider above it');
  return bench;
}

/** Opens the bench's storage and shelf for everything below it. */
export function BenchProvider({ bench, children }: { bench: BenchName; children: ReactNode }) {
  const notify = useNotify();
  const [opened, setOpened] = useState<{ db: BenchDatabase; own: Shelf } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  useEffect(() => {
    let gone = false;
    (async () => {
      const db = await openBench(bench);
      const own = await loadOwnShelf(db);
      if (gone) return db.close();
      setOpened({ db, own });
      await navigator.storage?.persist?.();
      await sweepArts(db);
    })().catch((error: unknown) => setProblem(storageProblem(error)));
    return () => {
      gone = true;
    };
  }, [bench]);

  const keepShelf = useCallback(
    async (change: (own: Shelf) => Shelf) => {
      if (!opened) return;
      const own = change(opened.own);
      setOpened({ ...opened, own });
      try {
        await saveOwnShelf(opened.db, own);
      } catch (error) {
        notify({ tone: 'error', text: storageProblem(error) });
      }
    },
    [opened, notify],
  );
  const addToShelf = useCallback(
    (things: Partial<Shelf>) =>
      keepShelf((own) => mergeShelves(own, { ...EMPTY_SHELF, ...things })),
    [keepShelf],
  );
  const removeFromShelf = useCallback(
    (kind: keyof Shelf, id: string) =>
      keepShelf((own) => ({ ...own, [kind]: own[kind].filter((thing) => thing.id !== id) })),
    [keepShelf],
  );

  const value = useMemo(
    () =>
      opened && {
        name: bench,
        db: opened.db,
        shelf: mergeShelves(BUILT_IN_SHELF, opened.own),
        addToShelf,
        removeFromShelf,
      },
    [bench, opened, addToShelf, removeFromShelf],
  );

  if (problem) {
    return (
      <Box component="main" sx={{ p: 6, maxWidth: 720 }}>
        <Alert severity="error">
          {problem} Lucky Sheet keeps your work in this browser; allow storage for this site and
          reload.
        </Alert>
      </Box>
    );
  }
  if (!value) return <Box component="main" aria-busy="true" sx={{ p: 6 }} />;
  return <BenchContext value={value}>{children}</BenchContext>;
}
