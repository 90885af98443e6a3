'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import NextLink from 'next/link';
import { useState } from 'react';
import type { Cause, PressRecord } from '@/core/model';
import { comparableDwellS } from '@/core/log';
import { ownFigures } from '@/core/press';
import { removeRaw, restoreRaw, saveDocument, storageProblem, type Kept } from '@/store';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { CAUSE_WORDS } from '@/words';
import { EarlierRecord } from './EarlierRecord';

const WhyDialog = dynamic(() => import('./WhyDialog').then((m) => m.WhyDialog));

interface RecordsProps {
  records: readonly Kept<'record'>[];
  onChanged: () => Promise<void>;
  onCorrect: (record: Kept<'record'>) => void;
}

/** What can be done with what was written down, each told and with a way back. */
function useRecordActions(onChanged: () => Promise<void>) {
  const { store, shelf, addToShelf } = useBench();
  const { job } = useJob();
  const notify = useNotify();

  const attempt = (work: () => Promise<unknown>) =>
    void work()
      .then(onChanged)
      .catch((error: unknown) => notify({ tone: 'error', text: storageProblem(error) }));

  const remove = ({ id }: Kept<'record'>) =>
    attempt(async () => {
      const raw = await removeRaw(store, { kind: 'record', id });
      if (!raw) return;
      const back = async () => {
        if (!(await restoreRaw(store, raw)))
          notify({ tone: 'warning', text: 'The entry was not put back: its place is taken.' });
      };
      notify({
        tone: 'info',
        text: 'The entry was deleted.',
        action: { label: 'Undo', run: () => attempt(back) },
      });
    });

  /** Writes an entry changed; told where another tab was first. */
  const rewrite = ({ id, rev }: Kept<'record'>, body: PressRecord, what: string) =>
    attempt(async () => {
      const saved = await saveDocument(store, { kind: 'record', id, baseRev: rev, body });
      if (saved.kind === 'conflict')
        notify({
          tone: 'warning',
          text: `Another tab changed this entry, so “${what}” was not added: add it again.`,
        });
    });
  const addLater = (record: Kept<'record'>, text: string) => {
    const entry = { at: new Date(steadyNow()).toISOString(), text };
    rewrite(record, { ...record.body, later: [...record.body.later, entry] }, text);
  };
  const foundOut = (record: Kept<'record'>, cause: Cause) =>
    rewrite(record, { ...record.body, cause }, CAUSE_WORDS[cause].name);

  async function adopt(record: PressRecord) {
    const { temperatureC, pressure, machineId, machineName } = record;
    const dwellS = comparableDwellS(record);
    const machine = shelf.machines.find(({ id, name }) =>
      machineId === null ? name === machineName : id === machineId,
    );
    if (!machine) {
      const text = `“${machineName}” is no longer on the shelf; its figures hold on no other machine.`;
      return notify({ tone: 'error', text });
    }
    await addToShelf({
      figures: [
        ownFigures({
          ...{ blankId: job.blank.id, transfer: job.transfer, machineId: machine.id },
          ...{ temperatureC, dwellS, pressure },
          origin: 'own log',
        }),
      ],
    });
    notify({
      tone: 'success',
      text: `Kept for every job with “${job.blank.name}” on ${machine.name}.`,
    });
  }
  return { remove, addLater, adopt, foundOut };
}

/** What was written down about this job before: to look at, put right, add to or take away. */
export function EarlierRecords({ records, onChanged, onCorrect }: RecordsProps) {
  const { name } = useBench();
  const { remove, addLater, adopt, foundOut } = useRecordActions(onChanged);
  const [asking, setAsking] = useState<Kept<'record'> | null>(null);
  const photos = useArtPreviews(
    records.flatMap(({ body }) => (body.photoSha256 ? [body.photoSha256] : [])),
  );
  return (
    <Section title="Earlier pressings of this job">
      {records.length === 0 && (
        <Typography sx={{ fontSize: 15, color: COLOURS.graphite }}>
          None written down yet.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {records.map((record) => (
          <EarlierRecord
            key={record.id}
            record={record.body}
            photo={photos.get(record.body.photoSha256 ?? '')}
            onAdopt={() => void adopt(record.body)}
            onCorrect={() => onCorrect(record)}
            onRemove={() => remove(record)}
            onLater={(text) => addLater(record, text)}
            onWhy={() => setAsking(record)}
          />
        ))}
      </Box>
      {asking && (
        <WhyDialog
          record={asking.body}
          onClose={() => setAsking(null)}
          onFound={(cause) => {
            foundOut(asking, cause);
            setAsking(null);
          }}
        />
      )}
      <Button
        component={NextLink}
        href={`/${name}/log`}
        size="small"
        sx={{ alignSelf: 'flex-start' }}
      >
        Open the log
      </Button>
    </Section>
  );
}
