'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useTheme } from '@mui/material/styles';
import NextLink from 'next/link';
import { useState } from 'react';
import type { Check, Station } from '@/core/check';
import { LEVELS } from '../level';
import { checkWords, fixWords, TRANSFER_WORDS } from '@/words';
import { COLOURS } from '../theme';
import { useUnits } from '../units';
import { useJob } from './jobContext';
import { STATION_NAMES } from './Tape';

function Finding({ check, here }: { check: Check; here: Station }) {
  const { applyFix, pathTo, showPass, plan } = useJob();
  const layer = plan.layers.find(({ passId }) => passId === check.passId);
  const several =
    plan.layers.length > 1 && layer ? `${TRANSFER_WORDS[layer.transfer].label}: ` : '';
  const units = useUnits();
  const { word, colour, Icon } = LEVELS[check.level];
  return (
    <Box
      component="li"
      sx={{
        ...{ display: 'flex', alignItems: 'center', gap: 1.25, py: 0.5, minHeight: 38 },
        flexWrap: { xs: 'wrap', md: 'nowrap' },
      }}
    >
      <Icon sx={{ color: colour }} aria-hidden="true" />
      <Typography
        component="span"
        sx={{ color: colour, fontWeight: 700, width: 84, flexShrink: 0 }}
      >
        {word}
      </Typography>
      <Typography
        component="span"
        sx={{ flex: { xs: '1 0 100%', md: 1 }, fontSize: 15, lineHeight: 1.35 }}
      >
        {several}
        {checkWords(check, units).text}
      </Typography>
      {check.fixes.map((fix) => (
        <Button
          key={fixWords(fix, units)}
          size="small"
          variant="outlined"
          onClick={() => applyFix(fix, check.passId)}
          sx={{ flexShrink: 0 }}
        >
          {fixWords(fix, units)}
        </Button>
      ))}
      {check.station !== here && (
        <Button
          size="small"
          component={NextLink}
          href={pathTo(check.station)}
          onClick={() => showPass(check.passId)}
          sx={{ flexShrink: 0 }}
        >
          Go to {STATION_NAMES[check.station]}
        </Button>
      )}
    </Box>
  );
}

/** Findings in one line: how many of each level, the worst first. */
function countedWords(checks: readonly Check[]): string {
  const counted = (['stop', 'warn', 'note'] as const).flatMap((level) => {
    const count = checks.filter((check) => check.level === level).length;
    return count > 0 ? [`${LEVELS[level].word}: ${count}`] : [];
  });
  return counted.join(' · ');
}

/** What stops you and what to watch, over the whole job; this station's first among equals. */
export function CheckRail({ here }: { here: Station }) {
  const { plan } = useJob();
  const checks = [...plan.checks].sort(
    (a, b) =>
      Number(b.level === 'stop') - Number(a.level === 'stop') ||
      Number(b.station === here) - Number(a.station === here),
  );
  const small = useMediaQuery(useTheme().breakpoints.down('md'));
  const [open, setOpen] = useState(false);
  const folded = small && checks.length > 0;
  return (
    <Box
      component="section"
      aria-label="Checks"
      sx={{
        borderTop: `1px solid ${COLOURS.hairline}`,
        bgcolor: COLOURS.card,
        px: 2,
        py: 0.75,
        flexShrink: 0,
        maxHeight: { xs: '45dvh', md: 136 },
        overflowY: 'auto',
      }}
      tabIndex={0}
    >
      {folded && (
        <Button
          fullWidth
          color="inherit"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{ justifyContent: 'flex-start', minHeight: 44 }}
        >
          {countedWords(checks)}
        </Button>
      )}
      {folded && !open ? null : checks.length === 0 ? (
        <Typography sx={{ color: COLOURS.clover, py: 0.75, fontWeight: 700 }}>
          Ready: nothing stands in the way.
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {checks.map((check) => (
            <Finding key={check.id} check={check} here={here} />
          ))}
        </Box>
      )}
    </Box>
  );
}
