'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { wasDropped } from '@/core/evening';
import {
  areTestPieces,
  FAULT_IDS,
  type EveningRun,
  type EveningTold,
  type Fault,
  type Job,
  type Outcome,
} from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { SelectField } from '@/ui/fields/SelectField';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { NIGHT } from '@/ui/press';
import { Verdicts } from '@/ui/Verdicts';
import { FAULT_WORDS, thingsWords } from '@/words';
import { BIG } from './big';
import { useWriteDown } from './useWriteDown';
import type { Live } from './useLive';

const ALL: readonly Outcome[] = ['good', 'usable', 'spoiled'];
const NOT_TOLD = { outcome: null, faults: [], note: '' };

/** Whether a thing is a test piece, and of what. */
function pieceOf(jobs: readonly Job[], thing: EveningRun['things'][number] | undefined) {
  const job = jobs.find(({ id }) => id === thing?.jobId);
  return job && areTestPieces(job) ? { isDye: TRANSFERS[job.transfer].dye } : null;
}

/** One thing of the evening: how it came out, and what is wrong with it where something is. */
function Row({
  name,
  told,
  piece,
  onTold,
}: {
  name: string;
  told: Omit<EveningTold, 'thing'>;
  /** Of a test piece whether it is dye that was pressed; else null. */
  piece: { readonly isDye: boolean } | null;
  onTold: (told: Omit<EveningTold, 'thing'>) => void;
}) {
  const wrong = told.outcome !== null && told.outcome !== 'good';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gap: 1.5,
        alignItems: 'center',
        gridTemplateColumns: { xs: '1fr', md: '1.2fr auto 1.6fr' },
        py: 1.25,
        borderTop: `1px solid ${NIGHT.waiting}`,
      }}
    >
      <Typography sx={{ fontSize: 19 }}>{name}</Typography>
      {piece ? (
        <Verdicts
          name={name}
          told={told}
          isDye={piece.isDye}
          onTold={(how) => onTold({ ...told, ...how })}
          colours={{ color: NIGHT.text, borderColor: NIGHT.onWaiting }}
        />
      ) : (
        <ToggleButtonGroup
          exclusive
          value={told.outcome}
          aria-label={`How ${name} came out`}
          onChange={(_, outcome: Outcome | null) => onTold({ ...told, outcome })}
        >
          {ALL.map((outcome) => (
            <ToggleButton
              key={outcome}
              value={outcome}
              sx={{
                ...{ minHeight: 48, px: 2, color: NIGHT.text, borderColor: NIGHT.onWaiting },
                '&.Mui-selected, &.Mui-selected:hover': {
                  color: '#fff',
                  bgcolor: OUTCOMES[outcome].colour,
                },
              }}
            >
              {OUTCOMES[outcome].sign} {OUTCOMES[outcome].word}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      {wrong && !piece ? (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', ...FIELDS }}>
          <SelectField
            size="small"
            label={`What is wrong with ${name}`}
            value={told.faults}
            onChange={({ target }) =>
              onTold({ ...told, faults: target.value as unknown as Fault[] })
            }
            slotProps={{ select: { multiple: true } }}
            sx={{ flex: 1, minWidth: 180 }}
          >
            {FAULT_IDS.map((fault) => (
              <MenuItem key={fault} value={fault}>
                {FAULT_WORDS[fault][0]}
              </MenuItem>
            ))}
          </SelectField>
          <TextField
            size="small"
            label={`A word about ${name}`}
            value={told.note}
            onChange={({ target }) => onTold({ ...told, note: target.value.slice(0, 1000) })}
            sx={{ flex: 1, minWidth: 180 }}
          />
        </Box>
      ) : (
        <span />
      )}
    </Box>
  );
}
const FIELDS = {
  '& .MuiInputBase-root, & .MuiInputLabel-root, & .MuiSvgIcon-root': { color: NIGHT.text },
  '& .MuiOutlinedInput-notchedOutline': { borderColor: NIGHT.onWaiting },
};

interface OutcomesProps {
  live: Live;
  jobs: readonly Job[];
  onRun: (run: EveningRun) => void;
  /** Ends it when it is written down; then that page is shown. */
  onDone: () => void;
  then: string;
}

/** “How did they come out?”, one table for the evening; each thing goes into the log as a record of its own. */
export function Outcomes({ live, jobs, onRun, onDone, then }: OutcomesProps) {
  const { made, run } = live;
  const save = useWriteDown(live, jobs, { onDone, then });
  const pressed = run.things.flatMap((thing, nth) =>
    wasDropped(made, run, nth) ? [] : [{ nth, name: thingsWords([thing]) }],
  );
  const toldOf = (nth: number) => run.told.find(({ thing }) => thing === nth) ?? NOT_TOLD;
  const tell = (entries: readonly EveningTold[]) => {
    const known = new Set(entries.map(({ thing }) => thing));
    onRun({ ...run, told: [...run.told.filter(({ thing }) => !known.has(thing)), ...entries] });
  };
  const untold = pressed.filter(({ nth }) => toldOf(nth).outcome === null);

  return (
    <Box sx={{ flex: 1 }}>
      <Typography component="h1" sx={{ fontSize: { xs: 32, sm: 46 }, fontWeight: 700, mb: 1 }}>
        How did they come out?
      </Typography>
      <Typography sx={{ fontSize: 19, mb: 1.5 }}>
        Look at each when it is cool, in good light.
      </Typography>
      <Button
        color="inherit"
        variant="outlined"
        sx={{ minHeight: 48, mb: 1 }}
        onClick={() =>
          tell(
            pressed.map(({ nth }) => ({
              ...toldOf(nth),
              outcome: toldOf(nth).outcome ?? 'good',
              thing: nth,
            })),
          )
        }
      >
        {untold.length === pressed.length ? 'All are good' : 'The rest are good'}
      </Button>
      <Box component="ul" aria-label="How they came out" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {pressed.map(({ nth, name: called }) => (
          <Row
            key={nth}
            name={called}
            told={toldOf(nth)}
            piece={pieceOf(jobs, run.things[nth])}
            onTold={(told) => tell([{ ...told, thing: nth }])}
          />
        ))}
      </Box>
      <Button
        variant="contained"
        disabled={untold.length > 0 || pressed.length === 0}
        onClick={save}
        sx={{ ...BIG, mt: 2, width: '100%' }}
      >
        {untold.length > 0 ? `${untold.length} still to be looked at` : 'Write them down'}
      </Button>
    </Box>
  );
}
