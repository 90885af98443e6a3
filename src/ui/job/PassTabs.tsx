'use client';

import AddIcon from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useEffect, useState } from 'react';
import type { Station } from '@/core/check';
import { FIRST_PASS, MAX_FURTHER, TRANSFER_KINDS, withoutPass } from '@/core/model';
import { keepUsedArt } from '@/core/job';
import { canTake } from '@/core/press';
import { withPass } from '@/core/shelf';
import { TRANSFER_WORDS } from '@/words';
import { useBench } from '../bench/BenchProvider';
import { newId } from '@/store';
import { useJob } from './jobContext';

/** Stations whose figures are of one pass; the others are of the whole thing. */
const OF_ONE_PASS: readonly Station[] = ['art', 'sheets', 'heat'];

/** Puts one more transfer on the item. */
function AddPass() {
  const { job, editWhole, showPass } = useJob();
  const { shelf } = useBench();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (job.further.length >= MAX_FURTHER) return null;
  const kinds = TRANSFER_KINDS.filter((kind) => canTake(job.blank, kind));
  return (
    <>
      <Button
        size="small"
        startIcon={<AddIcon />}
        aria-haspopup="menu"
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        Another transfer on it
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {kinds.map((kind) => (
          <MenuItem
            key={kind}
            onClick={() => {
              const id = newId();
              setAnchor(null);
              if (editWhole((whole) => withPass(whole, id, kind, shelf))) showPass(id);
            }}
          >
            {TRANSFER_WORDS[kind].label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/**
 * Which of the transfers on the item is worked on, in the order they are pressed; nothing but a way to
 * add one where there is a single transfer.
 */
export function PassTabs({ station }: { station: Station }) {
  const { job, plan, passId, showPass, editWhole } = useJob();
  const ofOne = OF_ONE_PASS.includes(station);
  useEffect(() => {
    if (!ofOne) showPass(FIRST_PASS);
  }, [ofOne, showPass]);
  if (!ofOne) return null;
  if (job.further.length === 0) return station === 'art' ? <AddPass /> : null;
  return (
    <Box sx={{ mb: 2, display: 'flex', flexDirection: 'column', gap: 0.5, alignItems: 'start' }}>
      <ToggleButtonGroup
        exclusive
        fullWidth
        orientation="vertical"
        size="small"
        value={passId}
        aria-label="Transfer worked on, in the order of pressing"
        onChange={(_, id: string | null) => id && showPass(id)}
      >
        {plan.layers.map((layer, nth) => (
          <ToggleButton key={layer.passId} value={layer.passId} sx={{ justifyContent: 'start' }}>
            {nth + 1}. {TRANSFER_WORDS[layer.transfer].label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <AddPass />
        <Button
          size="small"
          color="inherit"
          onClick={() => {
            showPass(FIRST_PASS);
            editWhole((whole) => keepUsedArt(withoutPass(whole, passId)));
          }}
        >
          Take this transfer off
        </Button>
      </Box>
    </Box>
  );
}
