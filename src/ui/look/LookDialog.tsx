'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import type { Corners } from '@/core/art';
import type { Remedy } from '@/core/look';
import { LAID_FAULTS, PRACTICE_FAULTS, type PracticeFault } from '@/devices';
import { CornerPicker, START_CORNERS } from '@/ui/CornerPicker';
import { useJob } from '@/ui/job/jobContext';
import { TaskButton, TaskProgress } from '@/ui/useTask';
import { pieceWords, PHOTO_ADVICE } from '@/words';
import type { LookedAt } from '@/workers';
import { CameraView, hasCamera } from './CameraView';
import { lookedOf, type Looked } from './looked';
import { PhotoMarks } from './PhotoMarks';
import { RemedyPlan } from './RemedyPlan';
import { Told, Verdict } from './Told';
import { useLook } from './useLook';

const PRACTICE_WORDS: Readonly<Record<PracticeFault, string>> = {
  nothing: 'as it must be',
  mirrored: 'flipped once too often',
  small: 'printed at 98 %',
  tape: 'white tape on the ink',
  step: 'one sheet laid 1.2 mm off',
  swapped: 'two sheets swapped',
  turned: 'one sheet turned',
  missing: 'one sheet missing',
};

interface Props {
  /** What is looked at first: printed sheets, or sheets laid together. */
  readonly first: 'sheet' | 'laid';
  /** The sheet on the stage, by its number; practice takes a photo of it. */
  readonly sheet: number;
  /** Told of every look at a photo. */
  readonly onLooked?: (looked: Looked) => void;
  readonly onClose: () => void;
}

/** What may be in the photo, as a choice. */
function useWhat(first: Props['first']) {
  const { plan } = useJob();
  const laid = plan.tilings.flatMap(({ pieceId }) =>
    plan.pieces.filter(({ id }) => id === pieceId),
  );
  const options: readonly (readonly [string, LookedAt, string])[] = [
    ['sheet', { kind: 'sheet' }, 'A printed sheet, not yet trimmed'],
    ...laid.map(
      (piece) =>
        [
          `laid ${piece.id}`,
          { kind: 'laid', pieceId: piece.id },
          `${pieceWords(piece)}: its sheets laid together`,
        ] as const,
    ),
  ];
  const [chosen, choose] = useState(first === 'laid' && laid[0] ? `laid ${laid[0].id}` : 'sheet');
  const [key, what] = options.find(([own]) => own === chosen) ?? [
    'sheet',
    { kind: 'sheet' } as const,
  ];
  return { key, what, options, choose };
}

/** A photo of a print or of sheets laid together, held against the plan before there is heat. */
export function LookDialog({ first, sheet, onLooked, onClose }: Props) {
  const { task, looked, lookAt, practise } = useLook(onLooked);
  const result = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // below the choices on a phone
    if (looked) result.current?.scrollIntoView({ block: 'nearest' });
  }, [looked]);
  const { key, what, options, choose } = useWhat(first);
  const file = useRef<HTMLInputElement>(null);
  const [filming, setFilming] = useState(false);
  const [refused, setRefused] = useState(false);
  const [fault, setFault] = useState<PracticeFault>('nothing');
  const [corners, setCorners] = useState<Corners | null>(null);
  const [remedy, setRemedy] = useState<Remedy | null>(null);
  const faults = PRACTICE_FAULTS.filter(
    (each) => what.kind === 'laid' || !LAID_FAULTS.includes(each),
  );
  const goFor = (next: Remedy) => {
    setRemedy(next);
    onLooked?.(lookedOf(looked?.told?.look.findings ?? [], next, new Date()));
  };
  const take = (photo: Blob) => {
    setFilming(false);
    setCorners(null);
    setRemedy(null);
    void lookAt(what, photo, null);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth>
      <DialogTitle>Look before heat</DialogTitle>
      <DialogContent
        sx={{ display: 'flex', gap: 3, flexDirection: { xs: 'column', md: 'row' }, minHeight: 430 }}
      >
        <Box
          sx={{
            width: { md: 290 },
            flexShrink: 0,
            display: 'flex',
            flexDirection: 'column',
            gap: 1.5,
            pt: 1,
          }}
        >
          <TextField
            select
            label="What is in the photo"
            value={key}
            onChange={({ target }) => choose(target.value)}
          >
            {options.map(([own, , words]) => (
              <MenuItem key={own} value={own}>
                {words}
              </MenuItem>
            ))}
          </TextField>
          <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15 }}>
            {PHOTO_ADVICE.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
          {hasCamera() && !refused && (
            <TaskButton task={task} variant="contained" onClick={() => setFilming(true)}>
              Take a photo
            </TaskButton>
          )}
          {refused && (
            <Typography sx={{ fontSize: 15 }}>
              The camera was not allowed, or there is none. Choose a photo from a file.
            </Typography>
          )}
          <TaskButton task={task} variant="outlined" onClick={() => file.current?.click()}>
            Choose a photo
          </TaskButton>
          <input
            ref={file}
            type="file"
            hidden
            aria-label="Photo of the print"
            accept="image/jpeg,image/png,image/webp"
            onChange={({ target }) => {
              const [photo] = target.files ?? [];
              target.value = '';
              if (photo) take(photo);
            }}
          />
          <Typography sx={{ fontSize: 14 }}>It stays in this browser and is not kept.</Typography>
          <TextField
            select
            size="small"
            label="To practise: a simulated camera"
            value={faults.includes(fault) ? fault : 'nothing'}
            onChange={({ target }) => setFault(target.value as PracticeFault)}
          >
            {faults.map((each) => (
              <MenuItem key={each} value={each}>
                {PRACTICE_WORDS[each]}
              </MenuItem>
            ))}
          </TextField>
          <TaskButton
            task={task}
            size="small"
            onClick={() => {
              setCorners(null);
              setRemedy(null);
              void practise(what, sheet, faults.includes(fault) ? fault : 'nothing');
            }}
          >
            Take a practice photo
          </TaskButton>
        </Box>
        <Box
          ref={result}
          sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column', gap: 1.5, pt: 1 }}
        >
          <TaskProgress task={task} />
          {filming && (
            <CameraView
              onPhoto={take}
              onRefused={() => {
                setFilming(false);
                setRefused(true);
              }}
            />
          )}
          {!filming && looked && (
            <>
              {looked.told && !corners && <Verdict told={looked.told} />}
              {corners ? (
                <CornerPicker preview={looked.url} corners={corners} onCorners={setCorners} />
              ) : (
                <PhotoMarks url={looked.url} told={looked.told} />
              )}
              {looked.told && !corners && <Told told={looked.told} onRemedy={goFor} />}
              {remedy && <RemedyPlan remedy={remedy} look={looked.told} />}
              {looked.told?.look.which === null && !corners && (
                <Button variant="outlined" onClick={() => setCorners(START_CORNERS)}>
                  Point at the four corners of what lies there
                </Button>
              )}
              {corners && (
                <TaskButton
                  task={task}
                  variant="contained"
                  onClick={() => {
                    setCorners(null);
                    void lookAt(what, looked.photo, corners);
                  }}
                >
                  Look again by these corners
                </TaskButton>
              )}
            </>
          )}
          {!filming && !looked && (
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
