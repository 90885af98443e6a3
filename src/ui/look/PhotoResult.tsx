'use client';

import Button from '@mui/material/Button';
import type { Corners } from '@/core/art';
import type { Remedy } from '@/core/look';
import { CornerPicker, START_CORNERS } from '@/ui/CornerPicker';
import { TaskButton, type TaskRunner } from '@/ui/useTask';
import { PhotoMarks } from './PhotoMarks';
import { RemedyPlan } from './RemedyPlan';
import { Told, Verdict } from './Told';
import type { Looked } from './useLook';
import { sheetNames, type Looking } from './what';

interface Props {
  readonly looking: Looking;
  readonly task: TaskRunner;
  readonly looked: Looked;
  /** Corners being pointed at; null where nobody does. */
  readonly corners: Corners | null;
  /** What somebody goes for. */
  readonly remedy: Remedy | null;
  readonly onCorners: (corners: Corners) => void;
  readonly onRemedy: (remedy: Remedy) => void;
  /** Look at the same photo again by the corners pointed at. */
  readonly onAgain: (corners: Corners) => void;
}

/** A photo with what a look at it came to, and the corners of what lies there where they must be pointed at. */
export function PhotoResult({
  looking,
  task,
  looked: { url, told },
  corners,
  remedy,
  onCorners,
  onRemedy,
  onAgain,
}: Props) {
  if (corners)
    return (
      <>
        <CornerPicker preview={url} corners={corners} onCorners={onCorners} />
        <TaskButton task={task} variant="contained" onClick={() => onAgain(corners)}>
          Look again by these corners
        </TaskButton>
      </>
    );
  return (
    <>
      {told && <Verdict told={told} names={sheetNames(looking.plan)} />}
      <PhotoMarks url={url} told={told} />
      {told && <Told told={told} onRemedy={onRemedy} />}
      {remedy && <RemedyPlan {...{ looking, remedy }} look={told} />}
      {told?.shown === null && (
        <Button variant="outlined" onClick={() => onCorners(START_CORNERS)}>
          Point at the four corners of what lies there
        </Button>
      )}
    </>
  );
}
