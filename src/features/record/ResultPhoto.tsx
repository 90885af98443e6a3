'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import { putArt, storageProblem } from '@/store';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { TaskProgress, useTask } from '@/ui/useTask';
import { takeInTask } from '@/workers';

interface PhotoProps {
  sha256: string | null;
  onPhoto: (sha256: string) => void;
}

/** A photo of what came out. */
export function ResultPhoto({ sha256, onPhoto }: PhotoProps) {
  const { store } = useBench();
  const notify = useNotify();
  const task = useTask();
  const input = useRef<HTMLInputElement>(null);
  const previews = useArtPreviews(sha256 ? [sha256] : []);
  const url = sha256 && previews.get(sha256);

  async function take(file: File) {
    const taken = await task.run((onProgress) => takeInTask(file, file.name, onProgress));
    if (!taken) return;
    if (!taken.ok) return notify({ tone: 'error', text: taken.reason });
    const { art, blob, preview } = taken.value;
    try {
      await putArt(store, { sha256: art.sha256, blob, preview });
      onPhoto(art.sha256);
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
      <input
        ref={input}
        type="file"
        accept="image/png,image/jpeg,image/webp"
        aria-label="Photo of the result"
        hidden
        onChange={({ target }) => target.files?.[0] && void take(target.files[0])}
      />
      <Button variant="outlined" onClick={() => input.current?.click()}>
        {url ? 'Another photo' : 'Add a photo'}
      </Button>
      <TaskProgress task={task} />
      {url && (
        // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
        <img src={url} alt="The result" style={{ height: 96, borderRadius: 8 }} />
      )}
    </Box>
  );
}
