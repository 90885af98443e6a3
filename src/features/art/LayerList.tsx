'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import ArrowDownwardIcon from '@mui/icons-material/ArrowDownward';
import ArrowUpwardIcon from '@mui/icons-material/ArrowUpward';
import { inOtherOrder } from '@/core/job';
import { useJob } from '@/ui/job/jobContext';
import type { Selection } from './useSelection';

/** What lies on the face, the uppermost first; nothing where there is but one. */
export function LayerList({ selection }: { selection: Selection }) {
  const { edit } = useJob();
  const layers = [...selection.onFace].reverse();
  if (layers.length < 2) return null;
  return (
    <Box component="ul" aria-label="Pictures on this face" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {layers.map(({ placement, art }, i) => {
        const here = placement.id === selection.selected?.placement.id;
        const shift = (by: 1 | -1) => edit((job) => inOtherOrder(job, placement.id, by));
        return (
          <Box component="li" key={placement.id} sx={{ display: 'flex' }}>
            <Button
              fullWidth
              size="small"
              aria-pressed={here}
              variant={here ? 'outlined' : 'text'}
              onClick={() => selection.choose(placement.id)}
              sx={{ justifyContent: 'flex-start', minWidth: 0, overflowWrap: 'anywhere' }}
            >
              {art.name}
            </Button>
            <IconButton
              size="small"
              aria-label={`Lay ${art.name} one higher`}
              disabled={i === 0}
              onClick={() => shift(1)}
            >
              <ArrowUpwardIcon fontSize="small" />
            </IconButton>
            <IconButton
              size="small"
              aria-label={`Lay ${art.name} one lower`}
              disabled={i === layers.length - 1}
              onClick={() => shift(-1)}
            >
              <ArrowDownwardIcon fontSize="small" />
            </IconButton>
          </Box>
        );
      })}
    </Box>
  );
}
