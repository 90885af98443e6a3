'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
import { useState } from 'react';
import type { Clash } from '@/files/backup';
import { Choice } from '@/ui/fields/Choice';
import { COLOURS } from '@/ui/theme';
import { keptWords } from '@/words';
import type { ClashAnswer, ClashQuestion } from './useBackup';

const ago = (at: string): string =>
  at === '' ? 'at an unknown time' : formatDistanceToNow(new Date(at), { addSuffix: true });

/** One thing that both sides have otherwise, and which of them holds. */
function ClashRow({
  clash: { here, there },
  answer,
  onAnswer,
}: {
  clash: Clash;
  answer: ClashAnswer;
  onAnswer: (answer: ClashAnswer) => void;
}) {
  const name = keptWords(here.kind, here.body);
  return (
    <Box
      component="li"
      sx={{
        ...{ display: 'grid', gap: 1, py: 1.25, alignItems: 'center' },
        gridTemplateColumns: { xs: '1fr', sm: '1fr 300px' },
        borderTop: `1px solid ${COLOURS.hairline}`,
      }}
    >
      <Box>
        <Typography sx={{ overflowWrap: 'anywhere' }}>{name}</Typography>
        <Typography sx={{ color: COLOURS.graphite, fontSize: 14 }}>
          here changed {ago(here.savedAt)}, in the backup {ago(there.savedAt)}
        </Typography>
      </Box>
      <Choice<ClashAnswer>
        label={name}
        value={answer}
        options={[
          ['here', 'As here'],
          ['backup', 'As in it'],
          ...(here.kind === 'job' ? ([['both', 'Both']] as const) : []),
        ]}
        onChoose={onAnswer}
      />
    </Box>
  );
}

/** Asks what holds where the bench and the backup have the same thing otherwise. */
export function ClashDialog({ question: { clashes, answer } }: { question: ClashQuestion }) {
  const [answers, setAnswers] = useState<readonly ClashAnswer[]>(() => clashes.map(() => 'here'));
  const all = (one: ClashAnswer) => setAnswers(clashes.map(() => one));
  return (
    <Dialog open fullWidth maxWidth="sm" onClose={() => answer(null)}>
      <DialogTitle>These differ: which holds?</DialogTitle>
      <DialogContent>
        <Typography>
          The rest of the backup comes in either way. Nothing here changes unless you say so.
        </Typography>
        <Box sx={{ display: 'flex', gap: 1, my: 1 }}>
          <Button size="small" onClick={() => all('here')}>
            All as here
          </Button>
          <Button size="small" onClick={() => all('backup')}>
            All as in the backup
          </Button>
        </Box>
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {clashes.map((clash, i) => (
            <ClashRow
              key={`${clash.here.kind}/${clash.here.id}`}
              clash={clash}
              answer={answers[i] ?? 'here'}
              onAnswer={(next) => setAnswers(answers.map((each, at) => (at === i ? next : each)))}
            />
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => answer(null)}>Leave the backup</Button>
        <Button variant="contained" onClick={() => answer(answers)}>
          Bring it in
        </Button>
      </DialogActions>
    </Dialog>
  );
}
