'use client';

import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import type { Face } from '@/core/form';
import { FACE_WORDS } from '@/words';

interface FaceTabsProps {
  faces: readonly Face[];
  face: Face | undefined;
  onFace: (id: string) => void;
}

/** Which face of the blank is on the stage; nothing where there is but one. */
export function FaceTabs({ faces, face, onFace }: FaceTabsProps) {
  if (faces.length < 2 || !face) return null;
  return (
    <Tabs
      value={face.id}
      onChange={(_, id: string) => onFace(id)}
      aria-label="Faces of the blank"
      variant="scrollable"
      scrollButtons="auto"
      sx={{ minHeight: 40, '& .MuiTab-root': { minHeight: 40, py: 0.5, px: 1.5 } }}
    >
      {faces.map(({ id, called }) => (
        <Tab key={id} value={id} label={FACE_WORDS[called]} />
      ))}
    </Tabs>
  );
}
