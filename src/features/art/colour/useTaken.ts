'use client';

import { useEffect, useState } from 'react';
import type { Corners } from '@/core/art';
import type { Rgb } from '@/core/colour';
import type { OwnColours } from '@/core/model';
import { readPatchList } from '@/files/chartFile';
import { textOf } from '@/files/text';
import { START_CORNERS } from '@/ui/CornerPicker';
import { letGoUrl } from '@/ui/files';
import { useTask } from '@/ui/useTask';
import { readChartTask } from '@/workers';

type Taken = Pick<OwnColours, 'from'> & {
  readonly patches: readonly Rgb[];
  readonly note: string;
};

/** A photo whose marks were not found, and where somebody points. */
interface Pointed {
  readonly file: File;
  readonly url: string;
  readonly corners: Corners;
}

/** Reads a pressed chart, from a photo or a list; what cannot be read is told. */
export function useTaken() {
  const task = useTask();
  const [taken, setTaken] = useState<Taken | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [pointed, setPointed] = useState<Pointed | null>(null);
  const url = pointed?.url;
  useEffect(() => () => void (url && letGoUrl(url)), [url]);
  const refuse = (name: string, why: string) => {
    setTaken(null);
    setProblem(`“${name}”: ${why}`);
  };
  async function photo(file: File, corners: Corners | null = null) {
    setProblem(null);
    const read = await task.run((onProgress) => readChartTask(file, corners ?? [], onProgress));
    if (!read) return;
    if (!read.ok) {
      setPointed((now) =>
        now?.file === file ? now : { file, url: URL.createObjectURL(file), corners: START_CORNERS },
      );
      return refuse(file.name, read.reason);
    }
    setPointed(null);
    const { patches, unevenLight } = read.value;
    const note = `Found and read. The light differed by ${Math.round(100 * unevenLight)} % over it, which is made up for.`;
    setTaken({ from: 'photo', patches, note });
  }
  async function list(file: File) {
    setProblem(null);
    setPointed(null);
    const read = readPatchList(await textOf(file));
    if (!read.ok) return refuse(file.name, read.reason);
    setTaken({ from: 'colour reader', patches: read.value, note: 'All patches are there.' });
  }
  const point = (corners: Corners) => setPointed((now) => now && { ...now, corners });
  return { task, taken, problem, pointed, point, photo, list };
}
