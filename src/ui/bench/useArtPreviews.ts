'use client';

import { useEffect, useState } from 'react';
import { getArt } from '@/store';
import { useBench } from './BenchProvider';

/** Object URLs of upright previews by SHA-256; pictures not (yet) found are absent. */
export function useArtPreviews(hashes: readonly string[]): ReadonlyMap<string, string> {
  const { db } = useBench();
  const [urls, setUrls] = useState<ReadonlyMap<string, string>>(new Map());
  const key = [...new Set(hashes)].sort().join(' ');

  useEffect(() => {
    let gone = false;
    const made: string[] = [];
    (async () => {
      const found = new Map<string, string>();
      for (const sha256 of key.split(' ').filter(Boolean)) {
        const art = await getArt(db, sha256);
        if (gone) return;
        if (!art) continue;
        const url = URL.createObjectURL(art.preview);
        made.push(url);
        found.set(sha256, url);
      }
      setUrls(found);
    })().catch(() => setUrls(new Map()));
    return () => {
      gone = true;
      made.forEach((url) => URL.revokeObjectURL(url));
    };
  }, [db, key]);

  return urls;
}
