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
import type { KeptLook } from '@/core/model';
import { TaskButton, TaskProgress } from '@/ui/useTask';
import { CameraView } from './CameraView';
import { LevelView } from './LevelView';
import { lookedOf } from './looked';
import { PhotoChoices } from './PhotoChoices';
import { PhotoResult } from './PhotoResult';
import { useLook } from './useLook';
import { useWhat, type Looking } from './what';

interface Props {
  readonly looking: Looking;
  /** What is looked at first: printed sheets, or sheets laid together where there are. */
  readonly first: 'sheet' | 'laid';
  /** The sheet on the stage. */
  readonly sheetId?: string | undefined;
  /** Told of every look at a photo. */
  readonly onLooked?: (look: KeptLook) => void;
  readonly onClose: () => void;
}

/** A photo of a print or of sheets laid together, held against the plan of a job before there is heat. */
export function LookDialog({ looking, first, sheetId, onLooked, onClose }: Props) {
  const { options, chosen, choose } = useWhat(looking, first, sheetId);
  const { task, looked, lookAt, practise } = useLook(looking, chosen?.what, onLooked);
  const result = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!looked) return;
    // below the choices on a phone
    const below = window.matchMedia('(max-width: 899px)').matches;
    result.current?.scrollIntoView({ block: below ? 'start' : 'nearest' });
  }, [looked]);
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
    void lookAt(chosen, photo, null);
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
            void practise(chosen, fault);
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
          ) : looked && looked.of.key !== chosen.key ? (
            <TaskButton
              task={task}
              variant="outlined"
              sx={{ alignSelf: 'flex-start' }}
              onClick={() => {
                startOver();
                void lookAt(chosen, looked.photo, null);
              }}
            >
              Hold the same photo against this
            </TaskButton>
          ) : looked && chosen.what.kind === 'on-blank' ? (
            <LevelView
              key={looked.url}
              {...{ url: looked.url, plan: chosen.what.plan, onLooked }}
            />
          ) : looked ? (
            <PhotoResult
              {...{ looking, task, looked, corners, remedy }}
              onCorners={setCorners}
              onRemedy={goFor}
              onAgain={(pointed) => {
                setCorners(null);
                void lookAt(chosen, looked.photo, pointed);
              }}
            />
          ) : (
            <Typography sx={{ color: 'text.secondary' }}>
              After heat nothing can be undone. A photo of the print, or of the sheets as they lie,
              is held against the plan: mirrored or not, the right sheet in each place, steps and
              gaps, size, white left, ink missing or covered; or whether it lies level on its blank.
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
