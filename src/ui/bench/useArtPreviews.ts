'use client';

import { useCallback, useMemo, useSyncExternalStore } from 'react';
import { useBench } from './BenchProvider';
import { previewsOf } from './previews';

/**
 * Object URLs of upright previews by SHA-256; pictures not (yet) found are absent. What another screen shows or showed just now is
 * there at once. A URL stays good as long as the screen shows it.
 * @returns the same map as long as nothing in it changes.
 */
export function useArtPreviews(hashes: readonly string[]): ReadonlyMap<string, string> {
  const previews = previewsOf(useBench().store);
  const key = [...new Set(hashes)].sort().join(' ');
  const wanted = useMemo(() => (key === '' ? [] : key.split(' ')), [key]);
  const hold = useCallback((come: () => void) => previews.hold(wanted, come), [previews, wanted]);
  return useSyncExternalStore(hold, () => previews.among(wanted));
}
