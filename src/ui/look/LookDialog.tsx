'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import type { Corners } from '@/core/art';
import type { Remedy } from '@/core/look';
import { TaskProgress } from '@/ui/useTask';
import { CameraView } from './CameraView';
import { lookedOf, type Looked } from './looked';
import { PhotoChoices } from './PhotoChoices';
import { PhotoResult } from './PhotoResult';
import { useLook } from './useLook';
import { useWhat } from './what';

interface Props {
  /** What is looked at first: printed sheets, or sheets laid together. */
  readonly first: 'sheet' | 'laid';
  /** The sheet on the stage. */
  readonly sheetId?: string | undefined;
  /** Told of every look at a photo. */
  readonly onLooked?: (looked: Looked) => void;
  readonly onClose: () => void;
}

/** A photo of a print or of sheets laid together, held against the plan before there is heat. */
export function LookDialog({ first, sheetId, onLooked, onClose }: Props) {
  const { task, looked, lookAt, practise } = useLook(onLooked);
  const result = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // below the choices on a phone
    if (looked) result.current?.scrollIntoView({ block: 'nearest' });
  }, [looked]);
  const { options, chosen, choose } = useWhat(first, sheetId);
  const [camera, setCamera] = useState<'off' | 'on' | 'refused'>('off');
  const [corners, setCorners] = useState<Corners | null>(null);
  const [remedy, setRemedy] = useState<Remedy | null>(null);
  const goFor = (next: Remedy) => {
    setRemedy(next);
    onLooked?.(lookedOf(looked?.told?.look.findings ?? [], next, new Date()));
  };
  const startOver = () => {
    setCamera(camera === 'refused' ? 'refused' : 'off');
    setCorners(null);
    setRemedy(null);
  };
  if (!chosen) return null;
  const take = (photo: Blob) => {
    startOver();
    void lookAt(chosen.what, photo, null);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth>
      <DialogTitle>Look before heat</DialogTitle>
      <DialogContent
        sx={{ display: 'flex', gap: 3, flexDirection: { xs: 'column', md: 'row' }, minHeight: 430 }}
      >
        <PhotoChoices
          {...{ task, options, chosen }}
          onChoose={choose}
          refused={camera === 'refused'}
          onFilm={() => setCamera('on')}
          onPhoto={take}
          onPractise={(fault) => {
            startOver();
            void practise(chosen.what, fault);
          }}
        />
        <Box
          ref={result}
          sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column', gap: 1.5, pt: 1 }}
        >
          <TaskProgress task={task} />
          {camera === 'on' ? (
            <CameraView
              onPhoto={take}
              onRefused={() => setCamera('refused')}
              onCancel={() => setCamera('off')}
            />
          ) : looked ? (
            <PhotoResult
              {...{ task, looked, corners, remedy }}
              onCorners={setCorners}
              onRemedy={goFor}
              onAgain={(pointed) => {
                setCorners(null);
                void lookAt(chosen.what, looked.photo, pointed);
              }}
            />
          ) : (
            <Typography sx={{ color: 'text.secondary' }}>
              After heat nothing can be undone. A photo of the print, or of the sheets as they lie,
              is held against the plan: mirrored or not, the right sheet in each place, steps and
              gaps, size, white left, ink missing or covered.
            </Typography>
          )}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
