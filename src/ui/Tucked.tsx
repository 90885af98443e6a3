'use client';

import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Typography from '@mui/material/Typography';
import ExpandMoreIcon from '@mui/icons-material/ExpandMore';
import type { ReactNode } from 'react';
import { COLOURS } from './theme';

/**
 * A group of a card that stays folded until it is wanted; `now` says in a word how it stands. It opens
 * at once: while it grew, what was in it moved away under the finger, and a click went astray.
 */
export function Tucked({
  title,
  now,
  open = false,
  children,
}: {
  title: string;
  now: string;
  open?: boolean;
  children: ReactNode;
}) {
  return (
    <Accordion
      disableGutters
      square
      elevation={0}
      defaultExpanded={open}
      slotProps={{
        transition: { unmountOnExit: true, timeout: 0 },
        heading: { component: 'h2' },
      }}
      sx={{ borderBottom: `1px solid ${COLOURS.hairline}`, '&::before': { display: 'none' } }}
    >
      <AccordionSummary expandIcon={<ExpandMoreIcon />} sx={{ px: 0 }}>
        <Typography variant="h3" component="span" sx={{ flex: 1 }}>
          {title}
        </Typography>
        <Typography
          component="span"
          sx={{ fontSize: 14, color: COLOURS.graphite, mr: 1, alignSelf: 'center' }}
        >
          {now}
        </Typography>
      </AccordionSummary>
      <AccordionDetails
        sx={{ px: 0, pt: 0, pb: 2.5, display: 'flex', flexDirection: 'column', gap: 1.5 }}
      >
        {children}
      </AccordionDetails>
    </Accordion>
  );
}
