'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { remedyFor, type LookFinding, type Remedy } from '@/core/look';
import { useUnits } from '@/ui/units';
import { checkedWords, lookFindingWords, lookRemedyWords, lookWords, unseenWords } from '@/words';
import type { PhotoLook } from '@/workers';

const REMEDY_BUTTONS: Readonly<Partial<Record<Remedy['kind'], string>>> = {
  reprint: 'Print it again',
  'lay-again': 'How to lay it again',
  clear: 'Print it again',
};

function Finding({
  nth,
  finding,
  onRemedy,
}: {
  nth: number;
  finding: LookFinding;
  onRemedy: (remedy: Remedy) => void;
}) {
  const units = useUnits();
  const remedy = remedyFor(finding);
  const button = REMEDY_BUTTONS[remedy.kind];
  return (
    <Box component="li" value={nth + 1} sx={{ mb: 1.5 }}>
      <Typography sx={{ fontWeight: 700 }}>{lookFindingWords(finding, units)}</Typography>
      <Typography sx={{ fontSize: 15 }}>{lookRemedyWords(finding)}</Typography>
      {button && (
        <Button size="small" onClick={() => onRemedy(remedy)}>
          {button}
        </Button>
      )}
    </Box>
  );
}

/** What a look came to, in a sentence, and of which sheet where there are several or it is another. */
export function Verdict({
  told: { look, asked, shown },
  names,
}: {
  told: PhotoLook;
  names: ReadonlyMap<string, string>;
}) {
  const name = shown === null ? undefined : names.get(shown);
  const another = shown !== null && shown !== asked;
  return (
    <Alert role="status" severity={another || look.findings.length > 0 ? 'warning' : 'info'}>
      {another && name && `The photo shows another: ${name}. `}
      {!another && name && names.size > 1 && `Held against ${name}. `}
      {lookWords(look)}
    </Alert>
  );
}

/** What was found with its remedies, what was checked, and what could not be seen. */
export function Told({
  told: { look },
  onRemedy,
}: {
  told: PhotoLook;
  onRemedy: (remedy: Remedy) => void;
}) {
  const unseen = unseenWords(look.checks);
  const checked = checkedWords(look.checks);
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
      {look.findings.length > 0 && (
        <Box component="ol" sx={{ m: 0, pl: 3 }}>
          {look.findings.map((finding, nth) => (
            <Finding key={nth} nth={nth} finding={finding} onRemedy={onRemedy} />
          ))}
        </Box>
      )}
      {checked !== '' && (
        <Typography sx={{ fontSize: 15 }}>
          <strong>Checked:</strong> {checked}.
        </Typography>
      )}
      {unseen.length > 0 && (
        <Typography component="div" sx={{ fontSize: 15 }}>
          <strong>Could not be seen:</strong>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {unseen.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        </Typography>
      )}
      <Typography sx={{ fontSize: 14 }}>
        Backs, the blank itself, clear tape, faint tracks of rollers and true colours are not looked
        at. The method was tried on simulated photos only: look with your own eyes too.
      </Typography>
    </Box>
  );
}
