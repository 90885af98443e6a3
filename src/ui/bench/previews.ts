import { getArt, type BenchStore } from '@/store';
import { letGoUrl } from '../files';

/** So long a preview that nothing shows is kept at hand: whoever goes to the next screen finds it there, ms (own choice). */
const AT_HAND_MS = 60_000;

/** Upright previews of pictures as addresses for the page, each made once for all that show it. */
export interface Previews {
  /** Those of some pictures that are at hand, by SHA-256; for one list the same map as long as nothing in it changes. */
  readonly among: (hashes: readonly string[]) => ReadonlyMap<string, string>;
  /**
   * Keeps the previews of some pictures at hand.
   * @param come told when some came that were not at hand before, or another was put in their place.
   * @returns the end of it.
   */
  readonly hold: (hashes: readonly string[], come: () => void) => () => void;
  /** Takes a preview that was made just now, so that it need not be read. */
  readonly put: (sha256: string, preview: Blob) => void;
}

interface AtHand {
  readonly sha256: string;
  url: string | null;
  /** Until it is there, or is known not to be. */
  coming: Promise<void>;
  /** Who holds it, told of another address. */
  readonly holders: Set<() => void>;
  dropping: ReturnType<typeof setTimeout> | undefined;
}

/**
 * Keeps previews at hand as long as they are held, and a while longer.
 * @param read the preview of a picture; undefined where there is none.
 */
export function createPreviews(read: (sha256: string) => Promise<Blob | undefined>): Previews {
  const all = new Map<string, AtHand>();
  const told = new WeakMap<readonly string[], ReadonlyMap<string, string>>();

  function place(sha256: string): AtHand {
    const one: AtHand = {
      ...{ sha256, url: null, coming: Promise.resolve() },
      ...{ holders: new Set<() => void>(), dropping: undefined },
    };
    all.set(sha256, one);
    return one;
  }

  function forget(one: AtHand): void {
    if (one.url !== null) letGoUrl(one.url);
    if (all.get(one.sha256) === one) all.delete(one.sha256);
  }

  function dropSoon(one: AtHand): void {
    if (one.holders.size > 0) return;
    clearTimeout(one.dropping);
    one.dropping = setTimeout(() => forget(one), AT_HAND_MS);
  }

  function begin(sha256: string): AtHand {
    const one = place(sha256);
    // where there is none yet, or it cannot be read, its empty box is drawn and it is asked for again the next time
    const none = () => {
      if (one.url === null) forget(one);
    };
    one.coming = read(sha256).then((preview) => {
      if (preview) one.url ??= URL.createObjectURL(preview);
      else none();
    }, none);
    return one;
  }

  return {
    among(hashes) {
      const before = told.get(hashes);
      const now = hashes.map((sha256) => all.get(sha256)?.url ?? null);
      if (before && hashes.every((sha256, i) => (before.get(sha256) ?? null) === now[i]))
        return before;
      const found = hashes.flatMap((sha256, i) => (now[i] ? [[sha256, now[i]] as const] : []));
      const map = new Map(found);
      told.set(hashes, map);
      return map;
    },
    hold(hashes, come) {
      const held = [...new Set(hashes)].map((sha256) => all.get(sha256) ?? begin(sha256));
      const tell = () => come();
      for (const one of held) {
        one.holders.add(tell);
        clearTimeout(one.dropping);
      }
      const absent = held.filter(({ url }) => url === null);
      let over = absent.length === 0;
      void Promise.all(absent.map(({ coming }) => coming)).then(() => {
        if (!over && absent.some(({ url }) => url !== null)) come();
      });
      return () => {
        over = true;
        for (const one of held) {
          one.holders.delete(tell);
          dropSoon(one);
        }
      };
    },
    put(sha256, preview) {
      const one = all.get(sha256) ?? place(sha256);
      if (one.url !== null) letGoUrl(one.url);
      one.url = URL.createObjectURL(preview);
      one.holders.forEach((tell) => tell());
      dropSoon(one);
    },
  };
}

const ofStores = new WeakMap<BenchStore, Previews>();

/** The previews of a bench. */
export function previewsOf(store: BenchStore): Previews {
  const there = ofStores.get(store);
  if (there) return there;
  const made = createPreviews(async (sha256) => (await getArt(store, sha256))?.preview);
  ofStores.set(store, made);
  return made;
}
