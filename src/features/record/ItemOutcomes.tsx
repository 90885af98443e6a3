'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import type { ItemOutcome, Outcome } from '@/core/model';
import { SelectField } from '@/ui/fields/SelectField';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { Tucked } from '@/ui/Tucked';

/** Which of a batch came out otherwise than the whole: one line for each name or size. */
export function ItemOutcomes({
  variants,
  items,
  onChange,
}: {
  variants: readonly string[];
  items: readonly ItemOutcome[];
  onChange: (items: ItemOutcome[]) => void;
}) {
  const outcomeOf = (variant: string) => items.find((each) => each.variant === variant)?.outcome;
  const set = (variant: string, outcome: Outcome | 'as the rest') => {
    const others = items.filter((each) => each.variant !== variant);
    onChange(outcome === 'as the rest' ? others : [...others, { variant, outcome, faults: [] }]);
  };
  return (
    <Tucked title="Some came out otherwise" now={items.length > 0 ? `${items.length}` : 'none'}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 180px', gap: 1, alignItems: 'center' }}>
        {variants.map((variant) => (
          <Box key={variant} sx={{ display: 'contents' }}>
            <Typography>{variant}</Typography>
            <SelectField
              size="small"
              label={`How ${variant} came out`}
              value={outcomeOf(variant) ?? 'as the rest'}
              onChange={({ target }) => set(variant, target.value as Outcome | 'as the rest')}
            >
              <MenuItem value="as the rest">as the rest</MenuItem>
              {(['good', 'usable', 'spoiled'] as const).map((outcome) => (
                <MenuItem key={outcome} value={outcome}>
                  {OUTCOMES[outcome].word}
                </MenuItem>
              ))}
            </SelectField>
          </Box>
        ))}
      </Box>
    </Tucked>
  );
}
