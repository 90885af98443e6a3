'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useState } from 'react';
import { recordOf } from '@/core/log';
import { FAULT_IDS, itemLabels, type Fault, type Outcome, type PressRecord } from '@/core/model';
import { assembledOf, looksOf, pressingOf } from '@/core/evening';
import { spentAgain, spentBy, spoiledAgain, spoiledIn } from '@/core/stock';
import { newId, recordsOfJob, saveDocument, storageProblem, type Kept } from '@/store';
import { LinesField } from '@/ui/fields/LinesField';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { allowSound } from '@/ui/press';
import { useBooking } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { ItemOutcomes } from './ItemOutcomes';
import { ResultPhoto } from './ResultPhoto';
import { StillDone } from './StillDone';
import { useDraft } from './useDraft';
import { usePressAgain } from './usePressAgain';
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

interface FormProps {
  /** What was written down before and is put right; null writes down something new. */
  corrected: Kept<'record'> | null;
  onDone: () => Promise<void>;
}

/** What came out: result, faults, photo, note. A half-filled form survives a reload. */
export function RecordForm({ corrected, onDone }: FormProps) {
  const { store } = useBench();
  const { job, plan, run, setRun, looks } = useJob();
  const notify = useNotify();
  const book = useBooking();
  const pressAgain = usePressAgain();
  const { told, change, clear } = useDraft(job.id, corrected?.body ?? null);
  const [outcomeMissing, setOutcomeMissing] = useState(false);
  const variants = itemLabels(job);

  const again = run?.programs.find(({ conditions }) => conditions.again) ?? null;

  /** Writes it down; false where that was not done, and why is told. */
  async function save(): Promise<boolean> {
    const { outcome, ...rest } = told;
    if (outcome === null) {
      setOutcomeMissing(true);
      return false;
    }
    const pressing = run && pressingOf(assembledOf(run), run, 0);
    const body = corrected
      ? { ...corrected.body, ...rest, outcome }
      : recordOf(
          newId(),
          {
            ...{ job, plan, run: pressing, simulated: run?.simulated != null },
            looks: looksOf(run ?? { events: looks }, job.id),
          },
          { ...rest, outcome },
          new Date(steadyNow()),
        );
    let before: PressRecord | null = null;
    try {
      if (again) before = (await recordsOfJob(store, job.id))[0]?.body ?? null;
      const baseRev = corrected?.rev ?? 0;
      const saved = await saveDocument(store, { kind: 'record', id: body.id, body, baseRev });
      if (saved.kind === 'conflict') {
        notify({ tone: 'warning', text: 'Another tab changed this entry; look at it again.' });
        return false;
      }
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
      return false;
    }
    clear();
    if (!corrected) setRun(null);
    await onDone();
    notify({
      tone: 'success',
      text: corrected ? 'Put right in the log.' : 'Written down. It is in the log.',
    });
    // said last, so that its Undo stays
    if (!corrected)
      book(
        again
          ? { spent: spentAgain(again), spoiled: spoiledAgain(job, before, outcome) }
          : { spent: spentBy(job, plan), spoiled: spoiledIn(job, body) },
      );
    return true;
  }

  return (
    <Box sx={{ flex: 1, overflowY: 'auto', p: 3 }}>
      <Box
        sx={{
          ...{ maxWidth: 760, mx: 'auto', display: 'flex', flexDirection: 'column', gap: 2.5 },
          // what is gone to stands above the bar that stays below
          '& :is(input, textarea, button)': { scrollMarginBottom: 96 },
        }}
      >
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
        {told.outcome !== 'good' && !corrected && (
          <StillDone
            faults={told.faults}
            onAgain={
              again !== null
                ? null
                : (how) => {
                    void allowSound();
                    void save().then((written) => (written ? pressAgain(how) : undefined));
                  }
            }
          />
        )}
        {variants.length > 1 && (
          <ItemOutcomes
            variants={variants}
            items={told.items}
            onChange={(items) => change({ items })}
          />
        )}
        <LinesField
          label="Note: what to change next time"
          rows={3}
          value={told.note}
          onChange={({ target }) => change({ note: target.value.slice(0, 4000) })}
        />
        <ResultPhoto sha256={told.photoSha256} onPhoto={(photoSha256) => change({ photoSha256 })} />
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
