'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PressRecord } from '@/core/model';
import { exportedName } from '@/files/exported';
import { getArt, saveDocuments, storageProblem } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { FileButton } from '@/ui/fields/FileButton';
import { csvFile, download } from '@/ui/files';
import { useNotify } from '@/ui/notify';
import { broughtInWords } from '@/words';

/** Reading and writing logs, loaded when one goes out or comes in. */
const logFile = () => import('@/files/logFile');

/** Records written at once. */
const AT_ONCE = 200;

/** The log as open files, out and in; what is brought in is merged, nothing doubles or is overwritten. */
export function LogFiles({ records }: { records: readonly PressRecord[] }) {
  const { store } = useBench();
  const notify = useNotify();

  /** Photos stay on the bench they were taken for. */
  const withoutLostPhoto = async (record: PressRecord): Promise<PressRecord> => {
    const { photoSha256 } = record;
    const here = photoSha256 !== null && (await getArt(store, photoSha256)) !== undefined;
    return here ? record : { ...record, photoSha256: null };
  };

  async function bringIn(file: File) {
    const { mergedLog, readLogJson } = await logFile();
    const read = readLogJson(await file.text());
    if (!read.ok) return notify({ tone: 'error', text: `“${file.name}”: ${read.reason}` });
    const merged = mergedLog(records, read.value);
    try {
      for (let from = 0; from < merged.fresh.length; from += AT_ONCE) {
        const part = await Promise.all(
          merged.fresh.slice(from, from + AT_ONCE).map(withoutLostPhoto),
        );
        await saveDocuments(
          store,
          part.map((body) => ({ kind: 'record' as const, id: body.id, baseRev: 0, body })),
        );
      }
      notify({ tone: 'success', text: broughtInWords(merged) });
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  const save = (ending: string, file: Blob) => download(`${exportedName('log')}.${ending}`, file);
  const saveCsv = async () => save('csv', csvFile((await logFile()).writeLogCsv(records)));
  const saveJson = async () => {
    const text = (await logFile()).writeLogJson(records);
    save('json', new Blob([text], { type: 'application/json' }));
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 2 }}>
      <Button size="small" disabled={records.length === 0} onClick={() => void saveCsv()}>
        Save as CSV
      </Button>
      <Button size="small" disabled={records.length === 0} onClick={() => void saveJson()}>
        Save all of it (JSON)
      </Button>
      <FileButton
        label="Bring in a log"
        accept=".json,application/json"
        onFile={(file) => void bringIn(file)}
      />
    </Box>
  );
}
