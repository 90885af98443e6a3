'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { askNext, diagnose, seenIn, type Evidence, type Seen, type Suspect } from '@/core/log';
import type { Cause, PressRecord } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useAlike } from '@/ui/job/useAlike';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { CAUSE_WORDS, EVIDENCE_WORDS, evidenceName, FAULT_WORDS, shareWords } from '@/words';

/** Questions asked at once, and causes shown. */
const MOST_ASKED = 4;
const MOST_SHOWN = 3;

function Question({
  evidence,
  answer,
  onAnswer,
}: {
  evidence: Evidence;
  answer: boolean | undefined;
  onAnswer: (answer: boolean | undefined) => void;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, py: 0.5 }}>
      <Typography id={evidence} sx={{ flex: 1, fontSize: 16 }}>
        {EVIDENCE_WORDS[evidence]}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-labelledby={evidence}
        value={answer ?? null}
        onChange={(_, next: boolean | null) => onAnswer(next ?? undefined)}
      >
        <ToggleButton value={true}>Yes</ToggleButton>
        <ToggleButton value={false}>No</ToggleButton>
      </ToggleButtonGroup>
    </Box>
  );
}

function Suspected({ suspect, onConfirm }: { suspect: Suspect; onConfirm: () => void }) {
  const { name, check, remedy } = CAUSE_WORDS[suspect.cause];
  const named = (all: readonly Evidence[]) => all.map(evidenceName).join('; ');
  return (
    <Box component="li" sx={{ py: 1.25, borderTop: `1px solid ${COLOURS.hairline}` }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Typography variant="h3" component="h3" sx={{ flex: 1 }}>
          {name}
        </Typography>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          {shareWords(suspect)}
        </Typography>
      </Box>
      {suspect.speaksFor.length > 0 && (
        <Typography sx={{ fontSize: 14 }}>For it: {named(suspect.speaksFor)}.</Typography>
      )}
      {suspect.speaksAgainst.length > 0 && (
        <Typography sx={{ fontSize: 14 }}>Against it: {named(suspect.speaksAgainst)}.</Typography>
      )}
      <Typography sx={{ fontSize: 15, mt: 0.5 }}>To tell: {check}</Typography>
      <Typography sx={{ fontSize: 15 }}>Then: {remedy}</Typography>
      <Button size="small" onClick={onConfirm}>
        That was it
      </Button>
    </Box>
  );
}

/** What may be behind the faults of a pressing: asked, ranked, and what would tell; what was found is kept. */
export function WhyDialog({
  record,
  onFound,
  onClose,
}: {
  record: PressRecord;
  onFound: (cause: Cause) => void;
  onClose: () => void;
}) {
  const { shelf } = useBench();
  const { job } = useJob();
  const { same, kin } = useAlike();
  const known = useMemo(() => {
    const blank =
      record.blankId === job.blank.id
        ? job.blank
        : (shelf.blanks.find(({ id }) => id === record.blankId) ?? null);
    const machine = shelf.machines.find(({ id }) => id === record.machineId) ?? null;
    return seenIn(record, blank, machine);
  }, [record, job.blank, shelf]);
  const confirmed = [...same, ...kin].flatMap(({ id, cause }) =>
    cause && id !== record.id ? [cause] : [],
  );
  const [answers, setAnswers] = useState<Seen>({});
  const seen = { ...known, ...answers };
  const suspects = diagnose(record.faults, seen, confirmed).slice(0, MOST_SHOWN);
  // what was asked stays where it is while it is answered
  const [asked, setAsked] = useState(() => askNext(record.faults, known, MOST_ASKED));
  const answered = asked.filter((evidence) => answers[evidence] !== undefined).length;
  const more = askNext(record.faults, seen, MOST_ASKED);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="why-title">
      <DialogTitle id="why-title">
        {record.faults.map((fault) => FAULT_WORDS[fault][0]).join(', ')}: what was it?
      </DialogTitle>
      <DialogContent>
        {asked.map((evidence) => (
          <Question
            key={evidence}
            evidence={evidence}
            answer={answers[evidence]}
            onAnswer={(answer) => setAnswers((before) => ({ ...before, [evidence]: answer }))}
          />
        ))}
        {answered === asked.length && more.length > 0 && (
          <Button size="small" onClick={() => setAsked((before) => [...before, ...more])}>
            Ask more
          </Button>
        )}
        <Box component="ol" aria-live="polite" sx={{ m: 0, mt: 1.5, p: 0, listStyle: 'none' }}>
          {suspects.map((suspect) => (
            <Suspected
              key={suspect.cause}
              suspect={suspect}
              onConfirm={() => onFound(suspect.cause)}
            />
          ))}
        </Box>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          By common practice and our own weights: a guess that asks well, no verdict. What you found
          counts the next time.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
