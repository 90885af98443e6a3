'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useRef, useState } from 'react';
import { recordOf } from '@/core/log';
import { FAULT_IDS, itemLabels, type Fault, type Outcome } from '@/core/model';
import { assembledOf, pressingOf } from '@/core/evening';
import { spentBy, spoiledIn } from '@/core/stock';
import { putArt, saveDocument, storageProblem, type Kept, newId } from '@/store';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { useBooking } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { TaskProgress, useTask } from '@/ui/useTask';
import { takeInTask } from '@/workers';
import { ItemOutcomes } from './ItemOutcomes';
import { StillDone } from './StillDone';
import { useDraft } from './useDraft';
import { FAULT_WORDS } from '@/words';

function FaultChips({
  faults,
  onToggle,
}: {
  faults: readonly Fault[];
  onToggle: (fault: Fault) => void;
}) {
  return (
    <Box role="group" aria-label="Faults seen" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {FAULT_IDS.map((fault) => {
        const seen = faults.includes(fault);
        return (
          <Chip
            key={fault}
            label={FAULT_WORDS[fault][0]}
            clickable
            aria-pressed={seen}
            color={seen ? 'error' : 'default'}
            variant={seen ? 'filled' : 'outlined'}
            onClick={() => onToggle(fault)}
          />
        );
      })}
    </Box>
  );
}

function Causes({ faults }: { faults: readonly Fault[] }) {
  if (faults.length === 0) return null;
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15 }}>
      {faults.map((fault) => (
        <li key={fault}>
          <strong>{FAULT_WORDS[fault][0]}</strong>, usually: {FAULT_WORDS[fault][1]}
        </li>
      ))}
    </Box>
  );
}

interface PhotoProps {
  sha256: string | null;
  onPhoto: (sha256: string) => void;
}

function Photo({ sha256, onPhoto }: PhotoProps) {
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

interface FormProps {
  /** What was written down before and is put right; null writes down something new. */
  corrected: Kept<'record'> | null;
  onDone: () => Promise<void>;
}

/** What came out: result, faults, photo, note. A half-filled form survives a reload. */
export function RecordForm({ corrected, onDone }: FormProps) {
  const { store } = useBench();
  const { job, plan, run, setRun } = useJob();
  const notify = useNotify();
  const book = useBooking();
  const { told, change, clear } = useDraft(job.id, corrected?.body ?? null);
  const [outcomeMissing, setOutcomeMissing] = useState(false);
  const variants = itemLabels(job);

  async function save() {
    const { outcome, ...rest } = told;
    if (outcome === null) return setOutcomeMissing(true);
    const pressing = run && pressingOf(assembledOf(run), run, 0);
    const body = corrected
      ? { ...corrected.body, ...rest, outcome }
      : recordOf(
          newId(),
          { job, plan, run: pressing, simulated: run?.simulated != null },
          { ...rest, outcome },
          new Date(steadyNow()),
        );
    try {
      const baseRev = corrected?.rev ?? 0;
      const saved = await saveDocument(store, { kind: 'record', id: body.id, body, baseRev });
      if (saved.kind === 'conflict')
        return notify({
          tone: 'warning',
          text: 'Another tab changed this entry; look at it again.',
        });
    } catch (error) {
      return notify({ tone: 'error', text: storageProblem(error) });
    }
    clear();
    if (!corrected) setRun(null);
    await onDone();
    notify({
      tone: 'success',
      text: corrected ? 'Put right in the log.' : 'Written down. It is in the log.',
    });
    // said last, so that its Undo stays
    if (!corrected) book({ spent: spentBy(job, plan), spoiled: spoiledIn(job, body) });
  }

  return (
    <Box sx={{ flex: 1, overflowY: 'auto', p: 3 }}>
      <Box sx={{ maxWidth: 760, mx: 'auto', display: 'flex', flexDirection: 'column', gap: 2.5 }}>
        <Typography variant="h1" component="h2">
          {corrected
            ? `How it came out on ${format(new Date(corrected.body.at), 'd MMM yyyy, HH:mm')}`
            : 'How did it come out?'}
        </Typography>
        <ToggleButtonGroup
          exclusive
          fullWidth
          value={told.outcome}
          aria-label="Result"
          onChange={(_, outcome: Outcome | null) => {
            setOutcomeMissing(false);
            change({ outcome });
          }}
        >
          {(['good', 'usable', 'spoiled'] as const).map((outcome) => (
            <ToggleButton
              key={outcome}
              value={outcome}
              sx={{
                fontSize: 18,
                py: 1.5,
                '&.Mui-selected': { color: '#fff', bgcolor: OUTCOMES[outcome].colour },
                '&.Mui-selected:hover': { bgcolor: OUTCOMES[outcome].colour },
              }}
            >
              {OUTCOMES[outcome].sign} {OUTCOMES[outcome].word}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {outcomeMissing && (
          <Typography role="alert" sx={{ color: COLOURS.ember }}>
            Say first whether it is good, usable or spoiled.
          </Typography>
        )}
        <Typography variant="h2">Faults seen</Typography>
        <FaultChips
          faults={told.faults}
          onToggle={(fault) =>
            change({
              faults: told.faults.includes(fault)
                ? told.faults.filter((each) => each !== fault)
                : [...told.faults, fault],
            })
          }
        />
        <Causes faults={told.faults} />
        {told.outcome !== 'good' && !corrected && <StillDone faults={told.faults} />}
        {variants.length > 1 && (
          <ItemOutcomes
            variants={variants}
            items={told.items}
            onChange={(items) => change({ items })}
          />
        )}
        <TextField
          label="Note: what to change next time"
          multiline
          minRows={2}
          value={told.note}
          onChange={({ target }) => change({ note: target.value.slice(0, 4000) })}
        />
        <Photo sha256={told.photoSha256} onPhoto={(photoSha256) => change({ photoSha256 })} />
        <Box
          sx={{
            position: 'sticky',
            zIndex: 2,
            bottom: -24,
            mx: -3,
            px: 3,
            py: 1.5,
            bgcolor: COLOURS.paper,
            borderTop: `1px solid ${COLOURS.hairline}`,
          }}
        >
          <Button variant="contained" size="large" onClick={() => void save()}>
            {corrected ? 'Put it right' : 'Write it down'}
          </Button>
          {corrected && (
            <Button size="large" onClick={() => void onDone()}>
              Leave it as it was
            </Button>
          )}
        </Box>
      </Box>
    </Box>
  );
}
