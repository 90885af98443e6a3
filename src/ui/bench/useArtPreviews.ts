'use client';

import { useEffect, useState } from 'react';
import { getArt } from '@/store';
import { useBench } from './BenchProvider';
import { letGoUrl } from '../files';

/**
 * Object URLs of upright previews by SHA-256; pictures not (yet) found are absent. A URL stays good
 * until the screen is left, so that nothing on it loses its picture while others come and go.
 */
export function useArtPreviews(hashes: readonly string[]): ReadonlyMap<string, string> {
  const { store } = useBench();
  const [made] = useState(() => new Map<string, string>());
  const [urls, setUrls] = useState<ReadonlyMap<string, string>>(new Map());
  const key = [...new Set(hashes)].sort().join(' ');

  useEffect(() => {
    let gone = false;
    (async () => {
      for (const sha256 of key.split(' ').filter((hash) => hash !== '' && !made.has(hash))) {
        const art = await getArt(store, sha256);
        if (gone) return;
        if (art && !made.has(sha256)) made.set(sha256, URL.createObjectURL(art.preview));
      }
      setUrls(new Map(made));
    })().catch(() => undefined); // a picture that cannot be read is drawn as its empty box
    return () => {
      gone = true;
    };
  }, [store, key, made]);

  useEffect(
    () => () => {
      made.forEach(letGoUrl);
      made.clear();
    },
    [made],
  );
  return urls;
}
