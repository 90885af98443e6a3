'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { isHandwork, type LearnedTimes } from '@/core/evening';
import { COLOURS, FONTS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { handTimeWords } from '@/words';
import { formatClock } from '@/words/units';
import type { EveningShown } from '@/workers';

/** How long hands and machines are reckoned with in this evening, each figure with where it comes from. */
export function HandTimes({ shown, times }: { shown: EveningShown; times: LearnedTimes }) {
  const { things, assembled } = shown.made;
  const tasks = new Map(
    things.flatMap(({ program }) =>
      program.operations.filter(isHandwork).map(({ does, lasts }) => [does, lasts.usualS] as const),
    ),
  );
  return (
    <Box sx={{ mt: 2, '& .MuiAccordion-root': { bgcolor: 'transparent' } }}>
      <Tucked
        title="How long it is reckoned to take"
        now={times.size > 0 ? 'learned' : 'estimates'}
      >
        <Typography sx={{ color: COLOURS.graphite, fontSize: 15, mb: 1 }}>
          To plan by and never to press by: the press screens count what the recipe says. Your own
          times are learned from evenings and pressings that you write down.
        </Typography>
        <Box
          component="ul"
          aria-label="How long it is reckoned to take"
          sx={{ m: 0, pl: 2.5, columns: { sm: 2 } }}
        >
          {[...tasks].map(([does, s]) => (
            <li key={does}>
              {handTimeWords(does, times.get(does)?.times ?? 0).title}:{' '}
              <span style={{ fontFamily: FONTS.figure }}>{formatClock(s)}</span>{' '}
              <span style={{ color: COLOURS.graphite }}>
                {handTimeWords(does, times.get(does)?.times ?? 0).origin}
              </span>
            </li>
          ))}
          {assembled.machines.map(({ machine }) => (
            <li key={machine.id}>
              {machine.name}, warming up:{' '}
              <span style={{ color: COLOURS.graphite }}>
                {machine.warmUpS === null
                  ? 'estimate'
                  : `${formatClock(machine.warmUpS)}, as it says on the shelf`}
              </span>
            </li>
          ))}
        </Box>
      </Tucked>
    </Box>
  );
}
