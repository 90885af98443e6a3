'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Substrate } from '@/core/model';
import { useJob } from '@/ui/job/JobProvider';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';

/** Colours that mugs commonly come in; any other is picked freely. */
const MUG_COLOURS: readonly (readonly [string, string])[] = [
  ['#ffffff', 'white'],
  ['#f6efdf', 'cream'],
  ['#f6d5dc', 'pale pink'],
  ['#bcc2c6', 'silver'],
  ['#7f9fc4', 'sky blue'],
  ['#1f2a44', 'navy'],
  ['#17181b', 'black'],
];

const COATINGS: readonly (readonly [Substrate['coating'], string])[] = [
  ['dye-receptive', 'Made for sublimation'],
  ['none', 'No coating (a shop mug)'],
  ['unknown', 'Not known'],
];

const swatch = (colour: string) => (
  <Box
    component="span"
    sx={{
      width: 18,
      height: 18,
      borderRadius: '50%',
      bgcolor: colour,
      border: `1px solid ${COLOURS.graphite}`,
      display: 'inline-block',
      mr: 1.25,
      verticalAlign: 'middle',
    }}
  />
);

/** What the blank is made of: colour and coating decide whether dye shows and holds. */
export function SubstrateFields() {
  const { job, edit } = useJob();
  const { substrate } = job.blank;
  const change = (part: Partial<Substrate>) =>
    edit(
      (old) => ({
        ...old,
        blank: { ...old.blank, substrate: { ...old.blank.substrate, ...part } },
      }),
      'blank-substrate',
    );
  const known = MUG_COLOURS.some(([colour]) => colour === substrate.colour);
  return (
    <Section title="Colour and coating">
      <TextField
        select
        label="Colour"
        value={known ? substrate.colour : 'other'}
        onChange={({ target }) => {
          const [colour, colourName] =
            MUG_COLOURS.find(([value]) => value === target.value) ??
            (['#c9b8a0', 'own colour'] as const);
          change({ colour, colourName });
        }}
      >
        {MUG_COLOURS.map(([colour, name]) => (
          <MenuItem key={colour} value={colour}>
            {swatch(colour)}
            {name}
          </MenuItem>
        ))}
        <MenuItem value="other">Another colour</MenuItem>
      </TextField>
      {!known && (
        <TextField
          type="color"
          label="Pick the colour"
          value={substrate.colour}
          onChange={({ target }) =>
            change({ colour: target.value.toLowerCase(), colourName: 'own colour' })
          }
        />
      )}
      <TextField
        select
        label="Coating"
        value={substrate.coating}
        onChange={({ target }) => change({ coating: target.value as Substrate['coating'] })}
      >
        {COATINGS.map(([value, label]) => (
          <MenuItem key={value} value={value}>
            {label}
          </MenuItem>
        ))}
      </TextField>
    </Section>
  );
}
