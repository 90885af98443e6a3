'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { startTransition, useState } from 'react';
import { namesOf, withArt, withLettering, withNames } from '@/core/job';
import { NAME_SIGN, namedPlaces, TEXT_FONTS, type TextSpec } from '@/core/model';
import { SelectField } from '@/ui/fields/SelectField';
import { ColourField } from '@/ui/fields/ColourField';
import { LengthField, OffsetField } from '@/ui/fields/QuantityField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { Pair } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { ForeignSigns } from './ForeignSigns';
import { NamesFields, useNames, type NamesRead } from './items/NamesFields';
import type { Selection } from './useSelection';
import type { TakeIn } from './useTakeIn';
import { newId } from '@/store';

/** Lettering that is the same on every row. */
const NO_NAMES: NamesRead = { names: [], parts: [], tell: () => undefined };

const START: TextSpec = {
  words: 'Star Party',
  font: 'Bricolage Grotesque',
  bold: true,
  colour: '#1f2a44',
  capHeightMm: 10,
  arcRadiusMm: 0,
};

function SpecFields({
  spec,
  change,
}: {
  spec: TextSpec;
  change: (part: Partial<TextSpec>) => void;
}) {
  return (
    <>
      <TextField
        label="Words"
        value={spec.words}
        helperText={`${NAME_SIGN} stands for the name of each row`}
        onChange={({ target }) => change({ words: target.value.slice(0, 80) })}
      />
      <Pair>
        <SelectField
          label="Letters"
          value={spec.font}
          onChange={({ target }) => change({ font: target.value as TextSpec['font'] })}
        >
          {TEXT_FONTS.map((font) => (
            <MenuItem key={font} value={font}>
              {font}
            </MenuItem>
          ))}
        </SelectField>
        <ColourField
          label="Colour of the letters"
          value={spec.colour}
          onColour={(colour) => change({ colour })}
        />
      </Pair>
      <Pair>
        <LengthField
          label="Height of a capital"
          value={spec.capHeightMm}
          min={1}
          max={400}
          onValue={(capHeightMm) => change({ capHeightMm })}
        />
        <OffsetField
          label="Radius of its arc"
          value={spec.arcRadiusMm}
          min={-2000}
          max={2000}
          helperText="0 is straight; minus curves up"
          onValue={(arcRadiusMm) =>
            change({ arcRadiusMm: Math.abs(arcRadiusMm) < 3 ? 0 : arcRadiusMm })
          }
        />
      </Pair>
      <SwitchField label="Bold" checked={spec.bold} onTurn={(bold) => change({ bold })} />
    </>
  );
}

/** Lines of lettering in true height, and one piece for each name of a list. */
export function Lettering({ selection, takeIn }: { selection: Selection; takeIn: TakeIn }) {
  const { job } = useJob();
  const own = selection.selected?.art.text ?? null;
  const places = namedPlaces(job).length;
  const now = places > 0 ? `${namesOf(job).length} names` : own ? 'a line' : 'none';
  return (
    <Tucked title="Lettering and names" now={now} open={own !== null}>
      <LetteringFields
        key={selection.selected?.placement.id ?? 'none'}
        selection={selection}
        takeIn={takeIn}
      />
    </Tucked>
  );
}

function LetteringFields({ selection, takeIn }: { selection: Selection; takeIn: TakeIn }) {
  const { editDesign } = useJob();
  const { selected } = selection;
  const own = selected?.art.text ?? null;
  const [draft, setDraft] = useState<TextSpec | null>(null);
  const spec = draft ?? own ?? START;
  const personal = spec.words.includes(NAME_SIGN);
  const { text, setText, read, forget } = useNames();

  async function put(onto: 'new' | 'selected') {
    const found = personal ? await read() : NO_NAMES;
    if (!found) return;
    const { names, parts, tell } = found;
    const arts = await takeIn.letter(spec, names);
    const [first] = arts ?? [];
    if (!arts || !first) return;
    const id = onto === 'selected' && selected ? selected.placement.id : newId();
    startTransition(() => {
      const set = editDesign((old) => {
        const ready = onto === 'new' ? withArt(old, first, id, selection.face?.id) : old;
        const rows = personal ? withNames(ready, names, newId, parts) : ready;
        return withLettering(rows, id, arts);
      });
      if (set) tell();
      selection.choose(id);
      setDraft(null);
      forget();
    });
  }

  return (
    <>
      <SpecFields spec={spec} change={(part) => setDraft({ ...spec, ...part })} />
      {personal && <NamesFields text={text} onText={setText} />}
      <ForeignSigns fonts={[spec.font]} text={personal ? spec.words + text : spec.words} />
      {own && (
        <Button variant="contained" onClick={() => void put('selected')}>
          Set these letters
        </Button>
      )}
      <Button variant={own ? 'outlined' : 'contained'} onClick={() => void put('new')}>
        Add as a new line
      </Button>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {personal
          ? 'One piece is made for each name; everything else on it stays the same.'
          : 'Drawn at 600 dots an inch in its true height.'}
      </Typography>
    </>
  );
}
