'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useFileDrop } from '@/ui/art/useFileDrop';
import { COLOURS } from '@/ui/theme';
import { TaskProgress, useBusy } from '@/ui/useTask';
import type { TakeIn } from './useTakeIn';

interface DropProps {
  takeIn: TakeIn;
  empty: boolean;
  children: ReactNode;
}

/** The stage as a place to drop pictures; says what to do while there is none. */
export function PictureDrop({ takeIn, empty, children }: DropProps) {
  const drop = useFileDrop(takeIn.offer);
  const busy = useBusy(takeIn.task);
  return (
    <Box
      {...drop.rootProps}
      sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column', position: 'relative' }}
    >
      <input {...drop.getInputProps({ 'aria-label': 'Picture file' })} />
      {children}
      {(busy || empty || drop.isDragActive) && (
        <Box
          sx={{
            position: 'absolute',
            left: '50%',
            top: '50%',
            transform: 'translate(-50%, -50%)',
            width: 'min(420px, 100% - 32px)',
            p: 3,
            textAlign: 'center',
            bgcolor: COLOURS.card,
            border: `2px dashed ${COLOURS.clover}`,
            borderRadius: 2.5,
          }}
        >
          {busy ? (
            <TaskProgress task={takeIn.task} />
          ) : (
            <>
              <Typography variant="h2" component="p" sx={{ mb: 1 }}>
                {drop.isDragActive
                  ? 'Let go to put it on the blank'
                  : 'Drop or paste a picture here'}
              </Typography>
              <Typography sx={{ mb: 2, color: COLOURS.graphite }}>
                PNG, JPEG, WebP up to 60 megapixels; SVG or a page of a PDF. Several at once: a
                thing for each.
              </Typography>
              <Button variant="contained" onClick={drop.open}>
                Choose a file
              </Button>
            </>
          )}
        </Box>
      )}
    </Box>
  );
}
