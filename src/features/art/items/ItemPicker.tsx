'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import ChevronLeftIcon from '@mui/icons-material/ChevronLeft';
import ChevronRightIcon from '@mui/icons-material/ChevronRight';
import { itemLabels } from '@/core/model';
import { SelectField } from '@/ui/fields/SelectField';
import { useJob } from '@/ui/job/jobContext';

/** Which row of what is made stands on the stage; nothing where there is but one. */
export function ItemPicker() {
  const { design, itemId, showItem } = useJob();
  if (design.items.length < 2) return null;
  const labels = itemLabels(design);
  const at = design.items.findIndex(({ id }) => id === itemId);
  const step = (by: number) => {
    const next = design.items[(at + by + design.items.length) % design.items.length];
    if (next) showItem(next.id);
  };
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5, px: 1, pt: 1, pb: 0.5 }}>
      <IconButton aria-label="The row before" onClick={() => step(-1)}>
        <ChevronLeftIcon />
      </IconButton>
      <SelectField
        label={`On the stage, of ${design.items.length}`}
        value={itemId}
        onChange={({ target }) => showItem(target.value)}
        sx={{ minWidth: 200, maxWidth: 320 }}
      >
        {design.items.map(({ id }, i) => (
          <MenuItem key={id} value={id}>
            {labels[i]}
          </MenuItem>
        ))}
      </SelectField>
      <IconButton aria-label="The next row" onClick={() => step(1)}>
        <ChevronRightIcon />
      </IconButton>
    </Box>
  );
}
