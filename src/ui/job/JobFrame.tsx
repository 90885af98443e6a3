'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import InputBase from '@mui/material/InputBase';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import visuallyHidden from '@mui/utils/visuallyHidden';
import RedoIcon from '@mui/icons-material/Redo';
import UndoIcon from '@mui/icons-material/Undo';
import { useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { Station } from '@/core/check';
import { COLOURS, FONTS } from '../theme';
import { TopBar } from '../TopBar';
import { CheckRail } from './CheckRail';
import { useJob } from './JobProvider';
import { SaveNote, SaveTrouble } from './SaveNote';
import { ShortcutSheet } from './ShortcutSheet';
import { STATION_NAMES, Tape } from './Tape';

function JobName() {
  const { job, edit } = useJob();
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <InputBase
      value={draft ?? job.name}
      onChange={({ target }) => {
        setDraft(target.value);
        const name = target.value.trim();
        if (name) edit((old) => ({ ...old, name }), 'name');
      }}
      onBlur={() => setDraft(null)}
      inputProps={{ 'aria-label': 'Name of the job', maxLength: 120 }}
      sx={{
        fontFamily: FONTS.heading,
        fontWeight: 600,
        fontSize: 18,
        width: '100%',
        maxWidth: 420,
        px: 1,
        borderRadius: 1,
        '&:hover, &.Mui-focused': { bgcolor: COLOURS.paper },
      }}
    />
  );
}

function UndoRedo() {
  const { session, undo, redo } = useJob();
  const history = useStore(session.jobStore.temporal);
  return (
    <>
      <Tooltip title="Undo (Ctrl Z)">
        <span>
          <IconButton aria-label="Undo" disabled={history.pastStates.length === 0} onClick={undo}>
            <UndoIcon />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title="Redo (Ctrl Shift Z)">
        <span>
          <IconButton aria-label="Redo" disabled={history.futureStates.length === 0} onClick={redo}>
            <RedoIcon />
          </IconButton>
        </span>
      </Tooltip>
    </>
  );
}

interface FrameProps {
  station: Station;
  /** Left, most of the screen. */
  stage: ReactNode;
  /** Right, the few numbers of this station. */
  card: ReactNode;
}

/** The job screen: top bar, tape, stage, card and check rail. */
export function JobFrame({ station, stage, card }: FrameProps) {
  return (
    <Box sx={{ height: '100dvh', display: 'flex', flexDirection: 'column', minWidth: 900 }}>
      <TopBar title={<JobName />}>
        <SaveNote />
        <UndoRedo />
        <ShortcutSheet />
      </TopBar>
      <Tape here={station} />
      <SaveTrouble />
      <Box component="main" sx={{ flex: 1, minHeight: 0, display: 'flex' }}>
        <Box
          component="section"
          aria-label="Stage"
          sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column' }}
        >
          {stage}
        </Box>
        <Box
          component="section"
          aria-labelledby="station-title"
          tabIndex={0}
          sx={{
            width: 380,
            flexShrink: 0,
            overflowY: 'auto',
            bgcolor: COLOURS.card,
            borderLeft: `1px solid ${COLOURS.hairline}`,
            p: 2.5,
          }}
        >
          <Typography component="h1" id="station-title" sx={visuallyHidden}>
            {STATION_NAMES[station]}
          </Typography>
          {card}
        </Box>
      </Box>
      <CheckRail here={station} />
    </Box>
  );
}
