'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import {
  createContext,
  startTransition,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Shelf } from '@/core/model';
import { BUILT_IN_SHELF, mergeShelves } from '@/core/shelf';
import {
  createKeeper,
  leaveBehind,
  openBench,
  openShelf,
  storageProblem,
  sweepArts,
  takeUpLeft,
  type BenchCondition,
  type BenchName,
  type BenchStore,
  type Keeper,
  type ShelfSession,
} from '@/store';
import { useNotify } from '../notify';

interface Opened {
  readonly store: BenchStore;
  readonly keeper: Keeper;
  readonly session: ShelfSession;
}

interface Bench {
  readonly name: BenchName;
  readonly store: BenchStore;
  /** Writes runs, records and shelf things behind the screen. */
  readonly keeper: Keeper;
  /** The user's own things on the shelf, as documents. */
  readonly own: ShelfSession;
  /** Presets and the user's own things together. */
  readonly shelf: Shelf;
  /**
   * Adds to the shelf, or replaces what has the same id; false where it takes no more (the person has
   * been told).
   */
  readonly addToShelf: (things: Partial<Shelf>) => boolean;
  /** Takes one of the user's own things off; a preset under the same id shows again. */
  readonly removeFromShelf: (list: keyof Shelf, id: string) => void;
}

const BenchContext = createContext<Bench | null>(null);

export function useBench(): Bench {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('useBench needs a BenchProvider above it');
  return bench;
}

/** Opens the storage of a bench and keeps it open as long as it is shown. */
function useOpened(bench: BenchName) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [condition] = useState(() => createStore<BenchCondition>(() => 'open'));
  useEffect(() => {
    let gone = false;
    let close: () => void = () => undefined;
    (async () => {
      const store = await openBench(bench, condition);
      close = store.close;
      await takeUpLeft(store, localStorage);
      const keeper = createKeeper(store);
      const session = await openShelf(store, keeper);
      if (gone) return close();
      // a whole screen drawn in one go would hold the page up: in small steps
      startTransition(() => setOpened({ store, keeper, session }));
      await navigator.storage?.persist?.();
      await sweepArts(store);
    })().catch((error: unknown) => setProblem(storageProblem(error)));
    return () => {
      gone = true;
      close();
    };
  }, [bench, condition]);
  return { opened, problem, condition: useStore(condition) };
}

/** Opens the bench's storage and shelf for everything below it. */
export function BenchProvider({ bench, children }: { bench: BenchName; children: ReactNode }) {
  const { opened, problem, condition } = useOpened(bench);
  if (condition === 'outdated' && !opened) return <Outdated />;
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
  if (!opened) {
    return (
      <Box component="main" aria-busy="true" sx={{ p: 6, maxWidth: 720 }}>
        {condition === 'waiting' && (
          <Alert severity="warning">
            Another tab has an older Lucky Sheet open and holds your work. Close or reload that tab;
            this one goes on by itself.
          </Alert>
        )}
      </Box>
    );
  }
  return (
    <>
      {condition === 'outdated' && <Outdated />}
      <OpenBench name={bench} opened={opened}>
        {children}
      </OpenBench>
    </>
  );
}

/** A newer Lucky Sheet has laid the storage out anew: this tab can save no more. */
const Outdated = () => (
  <Alert
    severity="warning"
    action={
      <Button color="inherit" onClick={() => window.location.reload()}>
        Reload
      </Button>
    }
  >
    A newer Lucky Sheet is open in another tab. What you change here is not saved any more: reload
    this tab.
  </Alert>
);

function OpenBench({
  name,
  opened: { store, keeper, session },
  children,
}: {
  name: BenchName;
  opened: Opened;
  children: ReactNode;
}) {
  const notify = useNotify();
  const own = useStore(session.shelf);

  const addToShelf = useCallback(
    (things: Partial<Shelf>) => {
      const put = session.put(things);
      if (!put.ok) notify({ tone: 'error', text: put.reason });
      return put.ok;
    },
    [session, notify],
  );
  const removeFromShelf = useCallback(
    (list: keyof Shelf, id: string) => void session.remove(list, id),
    [session],
  );

  useEffect(
    () =>
      keeper.onOvertaken((lost) => {
        const mine = session.giveWay(lost);
        if (!mine) return;
        notify({
          tone: 'warning',
          text: 'This was changed in another tab at the same moment; what that tab stored is shown now.',
          action: { label: 'Put mine back', run: () => void addToShelf(mine) },
        });
      }),
    [keeper, session, notify, addToShelf],
  );
  useEffect(() => {
    const leaving = () => leaveBehind(name, keeper.unwritten(), localStorage);
    window.addEventListener('pagehide', leaving);
    return () => window.removeEventListener('pagehide', leaving);
  }, [name, keeper]);
  useEffect(
    () =>
      keeper.state.subscribe((state) => {
        if (state.kind !== 'failed') return;
        const again = { label: 'Try again', run: () => void keeper.retry() };
        notify({ tone: 'error', text: state.message, action: again });
      }),
    [keeper, notify],
  );

  const value = useMemo<Bench>(
    () => ({
      ...{ name, store, keeper, own: session, addToShelf, removeFromShelf },
      shelf: mergeShelves(BUILT_IN_SHELF, own),
    }),
    [name, store, keeper, session, own, addToShelf, removeFromShelf],
  );
  return <BenchContext value={value}>{children}</BenchContext>;
}
