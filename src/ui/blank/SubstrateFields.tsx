'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { FINISHES, MATERIALS, type Substrate } from '@/core/model';
import { isCloth, MATERIAL_TRAITS } from '@/core/traits';
import { fahrenheitToC } from '@/core/units';
import { SelectField } from '../fields/SelectField';
import { LengthField, TemperatureField } from '../fields/QuantityField';
import { Section } from '../Section';
import { ColourField } from '../fields/ColourField';
import { SwitchField } from '../fields/SwitchField';
import { BLANK_COLOURS, Swatch } from './colours';
import { useBlankEdit } from './BlankEditor';

interface PartProps {
  substrate: Substrate;
  change: (part: Partial<Substrate>) => void;
}

const COATINGS: readonly (readonly [Substrate['coating'], string])[] = [
  ['dye-receptive', 'Made for sublimation'],
  ['none', 'No coating (from an ordinary shop)'],
  ['unknown', 'Not known'],
];

function ColourFields({ substrate, change }: PartProps) {
  const known = BLANK_COLOURS.some(([colour]) => colour === substrate.colour);
  return (
    <>
      <SelectField
        label="Colour"
        value={known ? substrate.colour : 'other'}
        onChange={({ target }) => {
          const [colour, colourName] =
            BLANK_COLOURS.find(([value]) => value === target.value) ??
            (['#c9b8a0', 'own colour'] as const);
          change({ colour, colourName });
        }}
      >
        {BLANK_COLOURS.map(([colour, name]) => (
          <MenuItem key={colour} value={colour}>
            <Swatch colour={colour} />
            {name}
          </MenuItem>
        ))}
        <MenuItem value="other">Another colour</MenuItem>
      </SelectField>
      {!known && (
        <ColourField
          label="Pick the colour"
          value={substrate.colour}
          onColour={(colour) => change({ colour, colourName: 'own colour' })}
        />
      )}
    </>
  );
}

const TEXTURES = [
  ['flat', 'Flat'],
  ['sequin', 'Sequins'],
  ['thick', 'Thick or stuffed'],
] as const;
const FINISH_WORDS: Readonly<Record<Substrate['finish'], string>> = {
  plain: 'Plain',
  satin: 'Satin',
  glossy: 'Glossy',
  glitter: 'Glitter',
  clear: 'Clear, see-through',
};
/** What the limit starts at when it is first given, °C: 400 °F. */
const START_LIMIT_C = fahrenheitToC(400);

/** How it meets the plate, and how much heat it bears. */
function BearingFields({ substrate, change }: PartProps) {
  return (
    <>
      {isCloth(substrate) && (
        <SelectField
          label="Surface"
          value={substrate.texture}
          onChange={({ target }) => change({ texture: target.value as Substrate['texture'] })}
        >
          {TEXTURES.map(([value, label]) => (
            <MenuItem key={value} value={value}>
              {label}
            </MenuItem>
          ))}
        </SelectField>
      )}
      <SelectField
        label="Finish"
        value={substrate.finish}
        onChange={({ target }) => change({ finish: target.value as Substrate['finish'] })}
      >
        {FINISHES.map((finish) => (
          <MenuItem key={finish} value={finish}>
            {FINISH_WORDS[finish]}
          </MenuItem>
        ))}
      </SelectField>
      <LengthField
        label="Thickness"
        value={substrate.thicknessMm}
        min={0}
        max={200}
        onValue={(thicknessMm) => change({ thicknessMm })}
        onClear={() => change({ thicknessMm: null })}
      />
      <SwitchField
        label="Its maker says how hot it may get"
        checked={substrate.maxC !== null}
        onTurn={(on) => change({ maxC: on ? START_LIMIT_C : null })}
      />
      {substrate.maxC !== null && (
        <TemperatureField
          label="Hottest it may get"
          value={substrate.maxC}
          min={20}
          max={400}
          onValue={(maxC) => change({ maxC })}
        />
      )}
    </>
  );
}

/** What the blank is made of: whether dye shows on it and holds. */
export function SubstrateFields() {
  const { blank, edit } = useBlankEdit();
  const { substrate } = blank;
  const change = (part: Partial<Substrate>) =>
    edit((old) => ({ ...old, substrate: { ...old.substrate, ...part } }), 'blank-substrate');
  const share = substrate.polyesterShare ?? 0;
  return (
    <Section title="What it is made of">
      <SelectField
        label="Material"
        value={substrate.material}
        onChange={({ target }) => {
          const material = target.value as Substrate['material'];
          change({ material, polyesterShare: MATERIAL_TRAITS[material].polyesterShare });
        }}
      >
        {MATERIALS.map((material) => (
          <MenuItem key={material} value={material}>
            {material}
          </MenuItem>
        ))}
      </SelectField>
      {isCloth(substrate) ? (
        <Box sx={{ px: 1 }}>
          <Typography sx={{ fontSize: 14 }} id="polyester-share">
            Polyester: {Math.round(share * 100)} %
          </Typography>
          <Slider
            aria-labelledby="polyester-share"
            value={share * 100}
            min={0}
            max={100}
            step={5}
            onChange={(_, percent) => {
              const polyesterShare = Number(percent) / 100;
              const material =
                polyesterShare === 1 ? 'polyester' : polyesterShare === 0 ? 'cotton' : 'blend';
              change({ polyesterShare, material });
            }}
          />
        </Box>
      ) : (
        <SelectField
          label="Coating"
          value={substrate.coating}
          onChange={({ target }) => change({ coating: target.value as Substrate['coating'] })}
        >
          {COATINGS.map(([value, label]) => (
            <MenuItem key={value} value={value}>
              {label}
            </MenuItem>
          ))}
        </SelectField>
      )}
      <ColourFields substrate={substrate} change={change} />
      <BearingFields substrate={substrate} change={change} />
    </Section>
  );
}
