'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import {
  LAID_FAULTS,
  LEVEL_FAULTS,
  PRACTICE_FAULTS,
  type LevelFault,
  type PracticeFault,
} from '@/devices';
import { SelectField } from '../fields/SelectField';
import { TaskButton, type TaskRunner } from '@/ui/useTask';
import { LEVEL_ADVICE, PHOTO_ADVICE } from '@/words';
import { hasCamera } from './CameraView';
import type { Choice } from './what';

type Fault = PracticeFault | LevelFault;

const PRACTICE_WORDS: Readonly<Record<Fault, string>> = {
  nothing: 'as it must be',
  mirrored: 'flipped once too often',
  small: 'printed at 98 %',
  tape: 'white tape on the ink',
  step: 'one sheet laid 1.2 mm off',
  swapped: 'two sheets swapped',
  turned: 'one sheet turned',
  missing: 'one sheet missing',
  crooked: 'turned on its blank',
  aside: 'too far to one side',
};

interface Props {
  readonly task: TaskRunner;
  readonly options: readonly Choice[];
  readonly chosen: Choice;
  readonly onChoose: (key: string) => void;
  /** Whether the camera was refused. */
  readonly refused: boolean;
  readonly onFilm: () => void;
  readonly onPhoto: (photo: Blob) => void;
  readonly onPractise: (fault: Fault) => void;
}

/** What is in the photo, how it is taken, and where it comes from: a camera, a file, or the simulated camera. */
export function PhotoChoices({
  task,
  options,
  chosen,
  onChoose,
  refused,
  onFilm,
  onPhoto,
  onPractise,
}: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <Box
      sx={{
        ...{ width: { md: 290 }, flexShrink: 0, pt: 1 },
        ...{ display: 'flex', flexDirection: 'column', gap: 1.5 },
      }}
    >
      <SelectField
        label="What is in the photo"
        value={chosen.key}
        onChange={({ target }) => onChoose(target.value)}
      >
        {options.map(({ key, words }) => (
          <MenuItem key={key} value={key}>
            {words}
          </MenuItem>
        ))}
      </SelectField>
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15 }}>
        {(chosen.what.kind === 'on-blank' ? LEVEL_ADVICE : PHOTO_ADVICE).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
      {hasCamera() && !refused && (
        <TaskButton task={task} variant="contained" onClick={onFilm}>
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
          if (photo) onPhoto(photo);
        }}
      />
      <Typography sx={{ fontSize: 14 }}>It stays in this browser and is not kept.</Typography>
      <Practice {...{ task, onPractise }} faults={faultsOf(chosen.what.kind)} />
    </Box>
  );
}

/** What can be wrong in a photo of such a thing. */
function faultsOf(kind: Choice['what']['kind']): readonly Fault[] {
  if (kind === 'on-blank') return LEVEL_FAULTS;
  return PRACTICE_FAULTS.filter((each) => kind === 'laid' || !LAID_FAULTS.includes(each));
}

function Practice({
  task,
  faults,
  onPractise,
}: Pick<Props, 'task' | 'onPractise'> & { faults: readonly Fault[] }) {
  const [wished, setWished] = useState<Fault>('nothing');
  const fault = faults.includes(wished) ? wished : 'nothing';
  return (
    <>
      <SelectField
        size="small"
        label="To practise: a simulated camera"
        value={fault}
        onChange={({ target }) => setWished(target.value as Fault)}
      >
        {faults.map((each) => (
          <MenuItem key={each} value={each}>
            {PRACTICE_WORDS[each]}
          </MenuItem>
        ))}
      </SelectField>
      <TaskButton task={task} size="small" onClick={() => onPractise(fault)}>
        Take a practice photo
      </TaskButton>
    </>
  );
}
