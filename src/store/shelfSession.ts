import { createStore } from 'zustand/vanilla';
import { DOCUMENTS, MAX_ON_SHELF, SHELF_KINDS, SHELF_LISTS, type Shelf } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { EMPTY_SHELF } from '@/core/shelf';
import type { Write } from './documents';
import { listDocuments, loadDocument } from './reading';
import type { Keeper, Overtaken } from './keeper';
import { complaints } from '@/words/documents';
import type { BenchStore } from './types';

type List = keyof Shelf;
type Thing = Shelf[List][number];

const listOf = (kind: string): List | undefined =>
  SHELF_LISTS.find((list) => SHELF_KINDS[list] === kind);

/** A list with one thing put in, or taken out (null). */
function changed(own: Shelf, list: List, id: string, thing: Thing | null): Shelf {
  const things: readonly Thing[] = own[list];
  const at = things.findIndex((each) => each.id === id);
  const next =
    thing === null
      ? things.filter((each) => each.id !== id)
      : at < 0
        ? [...things, thing]
        : things.map((each, i) => (i === at ? thing : each));
  return { ...own, [list]: next };
}

export type ShelfSession = Awaited<ReturnType<typeof openShelf>>;

/**
 * The user's own things, each a document of its own: changed at once, written behind by the keeper,
 * watchful of other tabs. Our presets are not among them.
 */
export async function openShelf(store: BenchStore, keeper: Keeper) {
  const shelf = createStore<Shelf>(() => EMPTY_SHELF);
  async function load(): Promise<void> {
    for (const list of SHELF_LISTS) {
      const kept = await listDocuments(store, SHELF_KINDS[list]);
      kept.forEach(({ kind, id, rev }) => keeper.know(kind, id, rev));
      shelf.setState({ [list]: kept.map(({ body }) => body) });
    }
  }
  await load();

  const set = (list: List, id: string, thing: Thing | null) =>
    shelf.setState((own) => changed(own, list, id, thing), true);

  const unhear = store.hear((changes, elsewhere) => {
    if (!elsewhere) return;
    for (const { kind, id } of changes) {
      const list = listOf(kind);
      if (!list || keeper.holds(kind, id)) continue;
      loadDocument(store, SHELF_KINDS[list], id).then(
        (found) => {
          if (keeper.holds(kind, id)) return;
          keeper.know(SHELF_KINDS[list], id, found?.ok ? found.kept.rev : 0);
          set(list, id, found?.ok ? found.kept.body : null);
        },
        () => undefined, // it stays as it was shown; the next change here is compared all the same
      );
    }
  });

  /** What is wrong with things that are to go on the shelf; null when nothing is. */
  function problem(things: Partial<Shelf>): string | null {
    for (const list of SHELF_LISTS) {
      const more: readonly Thing[] = things[list] ?? [];
      const { schema } = DOCUMENTS[SHELF_KINDS[list]];
      for (const thing of more) {
        const { error } = schema.safeParse(thing);
        if (error) return `This cannot be kept: ${complaints(error.issues)}.`;
      }
      const own: readonly Thing[] = shelf.getState()[list];
      const count = new Set([...own, ...more].map(({ id }) => id)).size;
      if (count > MAX_ON_SHELF[list] && count > own.length)
        return `The shelf would hold ${count} ${list} of yours; it takes up to ${MAX_ON_SHELF[list]}. Nothing was put on it.`;
    }
    return null;
  }

  return {
    shelf,
    /** Whether things can be put on the shelf; else why not, with the figure. */
    fits(things: Partial<Shelf>): Result<null> {
      const reason = problem(things);
      return reason ? failure(reason) : success(null);
    },
    /** What putting new things on the shelf writes. */
    writesOf: (things: Shelf): Write[] =>
      SHELF_LISTS.flatMap((list) =>
        things[list].map((thing: Thing) => ({
          ...{ kind: SHELF_KINDS[list], id: thing.id, body: thing, baseRev: 0 },
        })),
      ),
    /** Puts things on the shelf, or in the place of those with the same id; all or none. */
    put(things: Partial<Shelf>): Result<Promise<unknown>> {
      const reason = problem(things);
      if (reason) return failure(reason);
      const written = SHELF_LISTS.flatMap((list) =>
        (things[list] ?? []).map((thing: Thing) => {
          set(list, thing.id, thing);
          return keeper.put(SHELF_KINDS[list], thing.id, thing);
        }),
      );
      return success(Promise.all(written));
    },
    /** Takes one of the user's own things off; a preset under the same id shows again. */
    remove(list: List, id: string): Promise<void> {
      set(list, id, null);
      return keeper.put(SHELF_KINDS[list], id, null);
    },
    /**
     * Shows what another tab was first with.
     * @returns what was to be kept here instead; null where it is no thing of the shelf, or was taken off.
     */
    giveWay({ kind, id, mine, stored }: Overtaken): Partial<Shelf> | null {
      const list = listOf(kind);
      if (!list) return null;
      set(list, id, stored?.ok ? (stored.kept.body as Thing) : null);
      return mine && { [list]: [mine] };
    },
    /** Things that came in another way, as with a job file. */
    show(things: Shelf): void {
      for (const list of SHELF_LISTS)
        things[list].forEach((thing: Thing) => set(list, thing.id, thing));
    },
    /** Reads everything again, after the bench was laid out afresh. */
    load,
    close: unhear,
  };
}
