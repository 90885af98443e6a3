'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { facesOf } from '@/core/blank';
import type { Blank } from '@/core/model';
import { AboutFields, BlankEditor, Measures, SubstrateFields } from '@/ui/blank';
import { FaceDrawing } from '@/ui/stage/FaceDrawing';
import { PaperDrawing } from '@/ui/stage/PaperDrawing';
import { TrueScale } from '@/ui/stage/TrueScale';
import { FACE_WORDS } from '@/words';
import type { Measuring } from './measuring';

/** Measures a blank once, with the drawing growing beside the figures. */
export function MeasureDialog({
  measuring: { blank, name },
  onChange,
  onKeep,
  onClose,
}: {
  measuring: Measuring;
  onChange: (make: (now: Measuring) => Measuring) => void;
  onKeep: (blank: Blank) => void;
  onClose: () => void;
}) {
  const [face] = facesOf(blank);
  const sized = face && face.widthMm > 0 && face.heightMm > 0;
  const room = face ? Math.max(12, Math.min(face.widthMm, face.heightMm) * 0.3) : 0;
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="measure-title">
      <DialogTitle id="measure-title">Measure a blank</DialogTitle>
      <DialogContent
        sx={{
          ...{ display: 'flex', flexDirection: { xs: 'column', md: 'row' } },
          ...{ gap: 3, height: { md: 560 } },
        }}
      >
        <Box sx={{ flex: { xs: '0 0 200px', md: 1 }, display: 'flex', minWidth: 0 }}>
          {sized && face.development && (
            <PaperDrawing face={face} sector={face.development} colour={blank.substrate.colour} />
          )}
          {sized && !face.development && (
            <TrueScale
              label={`${name}: ${FACE_WORDS[face.called].toLowerCase()}`}
              view={{
                x: -room,
                // above it stand the names of its points
                y: -2.25 * room,
                width: face.widthMm + 2 * room,
                height: face.heightMm + 3.25 * room,
              }}
            >
              <FaceDrawing face={face} colour={blank.substrate.colour} labelled />
            </TrueScale>
          )}
        </Box>
        <Box
          sx={{ width: { xs: '100%', md: 360 }, flexShrink: 0, overflowY: { md: 'auto' }, pr: 1 }}
          tabIndex={0}
        >
          <TextField
            fullWidth
            label="Name of this blank"
            value={name}
            error={name.trim() === ''}
            helperText={name.trim() === '' ? 'It needs a name.' : undefined}
            onChange={({ target: { value } }) =>
              onChange((now) => ({ ...now, name: value.slice(0, 120) }))
            }
            sx={{ mt: 1, mb: 2.5 }}
          />
          <BlankEditor
            blank={blank}
            edit={(change) => onChange((now) => ({ ...now, blank: change(now.blank) }))}
          >
            <Measures asks />
            <SubstrateFields />
            <AboutFields />
          </BlankEditor>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={name.trim() === ''}
          onClick={() => onKeep({ ...blank, name: name.trim(), origin: 'measured' })}
        >
          Keep it on the shelf
        </Button>
      </DialogActions>
    </Dialog>
  );
}
