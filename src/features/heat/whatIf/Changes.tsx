'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import { blankMm, coversFor, isRound, type Setup, type SetupChange } from '@/core/heat';
import { MATERIALS, type Pressure, type Substrate } from '@/core/model';
import { SelectField } from '@/ui/fields/SelectField';
import { CountField } from '@/ui/fields/CountField';
import { Choice } from '@/ui/fields/Choice';
import { DurationField, LengthField, TemperatureField } from '@/ui/fields/QuantityField';
import { MATERIAL_WORDS } from '@/words';

/** What can be asked, at most and at least: further the model was not tried (own choice). */
const MOST_COVERS = 6;
const THICKNESS_MM = { min: 0.1, max: 30 };
const ROOM_C = { min: -10, max: 45 };
const PLATE_C = { min: 60, max: 260 };
const MOST_OPEN_S = 120;

interface Props {
  /** As it is with what was changed. */
  setup: Setup;
  onChange: (change: SetupChange) => void;
}

/** What lies between heat and picture, and what is pressed. */
function OfStack({ setup, onChange }: Props) {
  const { cover } = setup;
  return (
    <>
      {cover && (
        <>
          <SelectField
            label="What covers the print"
            value={cover}
            onChange={({ target }) => onChange({ cover: target.value as Setup['cover'] })}
          >
            {coversFor(setup).map((is) => (
              <MenuItem key={is} value={is}>
                {MATERIAL_WORDS[is]}
              </MenuItem>
            ))}
          </SelectField>
          <CountField
            label="How many of them"
            value={setup.covers}
            min={0}
            max={MOST_COVERS}
            onValue={(covers) => onChange({ covers })}
          />
        </>
      )}
      <LengthField
        label="How thick the blank is"
        value={blankMm(setup)}
        {...THICKNESS_MM}
        onValue={(thicknessMm) => onChange({ thicknessMm })}
      />
      <SelectField
        label="What it is of"
        value={setup.material}
        onChange={({ target }) =>
          onChange({ material: target.value as Substrate['material'], thicknessMm: blankMm(setup) })
        }
      >
        {MATERIALS.map((material) => (
          <MenuItem key={material} value={material}>
            {material}
          </MenuItem>
        ))}
      </SelectField>
    </>
  );
}

/** The machine: how hot, from what start, how hard. */
function OfMachine({ setup, onChange }: Props) {
  const pressures: readonly (readonly [Pressure, string])[] = [
    ['light', 'Light'],
    ['medium', 'Medium'],
    ['firm', 'Firm'],
  ];
  return (
    <>
      <TemperatureField
        label={setup.machine === 'oven' ? 'Its air is really at' : 'The plate is really at'}
        value={setup.plateC}
        {...PLATE_C}
        onValue={(plateC) => onChange({ plateC })}
      />
      <TemperatureField
        label="Room, blank and papers"
        value={setup.roomC}
        {...ROOM_C}
        onValue={(roomC) => onChange({ roomC, blankC: roomC })}
      />
      <DurationField
        label="Opened in the middle for"
        value={setup.openedS}
        min={0}
        max={MOST_OPEN_S}
        onValue={(openedS) => onChange({ openedS })}
      />
      {setup.machine !== 'oven' && (
        <Choice
          label="How it is when it closes"
          value={setup.start}
          options={[
            ['hot', 'Machine hot'],
            ['cold', 'Machine cold'],
          ]}
          onChoose={(start) => onChange({ start })}
        />
      )}
      {setup.pressure !== null && (
        <Choice
          label="Pressure"
          value={setup.pressure}
          options={pressures}
          onChoose={(pressure) => onChange({ pressure })}
        />
      )}
    </>
  );
}

/** What lies below a flat thing. */
function OfBelow({ setup, onChange }: Props) {
  if (isRound(setup)) return null;
  return (
    <Choice
      label="What lies below"
      value={setup.heatedBelow ? 'plate' : setup.pad ? 'pad' : 'base'}
      options={[
        ['base', 'No pad'],
        ['pad', 'Soft pad'],
        ['plate', 'Hot plate'],
      ]}
      onChoose={(below) => onChange({ pad: below === 'pad', heatedBelow: below === 'plate' })}
    />
  );
}

/** Everything of a pressing that can be thought otherwise. */
export function Changes(props: Props) {
  return (
    <Box
      role="group"
      aria-label="What is otherwise"
      sx={{
        ...{ display: 'grid', gap: 1.5, alignItems: 'center' },
        gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', lg: 'repeat(3, 1fr)' },
      }}
    >
      <OfStack {...props} />
      <OfMachine {...props} />
      <OfBelow {...props} />
    </Box>
  );
}
