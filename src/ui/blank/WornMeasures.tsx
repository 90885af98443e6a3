'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { GARMENTS, type FormOf } from '@/core/form';
import { inches } from '@/core/units';
import { SelectField } from '../fields/SelectField';
import { LengthField } from '../fields/QuantityField';
import { SwitchField } from '../fields/SwitchField';
import { Pair } from '../Section';
import { useBlankEdit } from './BlankEditor';

const NAMES: Readonly<Record<FormOf<'garment'>['garment'], string>> = {
  tee: 'Tee',
  hoodie: 'Hoodie',
  apron: 'Apron',
  bodysuit: 'Baby bodysuit',
  cap: 'Cap, front panel',
};

export function GarmentMeasures({ form }: { form: FormOf<'garment'> }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<FormOf<'garment'>>, group: string) => measure('garment', part, group);
  const { pocket, sleeve } = form;
  return (
    <>
      <Pair>
        <SelectField
          label="What it is"
          value={form.garment}
          onChange={({ target }) =>
            set({ garment: target.value as FormOf<'garment'>['garment'] }, '')
          }
        >
          {GARMENTS.map((each) => (
            <MenuItem key={each} value={each}>
              {NAMES[each]}
            </MenuItem>
          ))}
        </SelectField>
        <TextField
          label="Size"
          value={form.size}
          onChange={({ target }) => {
            if (target.value.trim()) set({ size: target.value.slice(0, 120) }, 'size');
          }}
        />
      </Pair>
      <Pair>
        <LengthField
          label="Across, laid flat"
          value={form.widthMm}
          min={1}
          max={2000}
          onValue={(widthMm) => set({ widthMm }, 'width')}
        />
        <LengthField
          label="Shoulder to hem"
          value={form.lengthMm}
          min={1}
          max={2500}
          onValue={(lengthMm) => set({ lengthMm }, 'length')}
        />
      </Pair>
      <Pair>
        <LengthField
          label="Neck opening, wide"
          value={form.collarWidthMm}
          min={0}
          max={600}
          onValue={(collarWidthMm) => set({ collarWidthMm }, 'collar-width')}
        />
        <LengthField
          label="Neck opening, deep"
          value={form.collarDropMm}
          min={0}
          max={600}
          onValue={(collarDropMm) => set({ collarDropMm }, 'collar-drop')}
        />
      </Pair>
      <LengthField
        label="Keep off seams and hems"
        value={form.seamKeepOutMm}
        min={0}
        max={300}
        onValue={(seamKeepOutMm) => set({ seamKeepOutMm }, 'seam')}
      />
      {sleeve && (
        <Pair>
          <LengthField
            label="Sleeve, wide"
            value={sleeve.widthMm}
            min={1}
            max={600}
            onValue={(widthMm) => set({ sleeve: { ...sleeve, widthMm } }, 'sleeve-width')}
          />
          <LengthField
            label="Sleeve, long"
            value={sleeve.lengthMm}
            min={1}
            max={1200}
            onValue={(lengthMm) => set({ sleeve: { ...sleeve, lengthMm } }, 'sleeve-length')}
          />
        </Pair>
      )}
      <BundleMeasures form={form} />
      <SelectField
        label="Pocket in front"
        value={pocket ? 'yes' : 'no'}
        onChange={({ target }) =>
          set(
            {
              pocket:
                target.value === 'yes'
                  ? { widthMm: inches(12), heightMm: inches(7), topMm: form.lengthMm * 0.55 }
                  : null,
            },
            '',
          )
        }
      >
        <MenuItem value="no">None</MenuItem>
        <MenuItem value="yes">In the middle</MenuItem>
      </SelectField>
      {pocket && (
        <Pair>
          <LengthField
            label="Pocket, wide"
            value={pocket.widthMm}
            min={1}
            max={1000}
            onValue={(widthMm) => set({ pocket: { ...pocket, widthMm } }, 'pocket-width')}
          />
          <LengthField
            label="Its top below the shoulder"
            value={pocket.topMm}
            min={0}
            max={2000}
            onValue={(topMm) => set({ pocket: { ...pocket, topMm } }, 'pocket-top')}
          />
        </Pair>
      )}
    </>
  );
}

/** Swirled or folded up: how large the bundle is, measured as it lies. */
function BundleMeasures({ form }: { form: FormOf<'garment'> }) {
  const { measure } = useBlankEdit();
  const { bundle } = form;
  const set = (next: FormOf<'garment'>['bundle']) => measure('garment', { bundle: next }, 'bundle');
  return (
    <>
      <SwitchField
        label="Pressed swirled or folded up"
        checked={bundle !== null}
        onTurn={(on) =>
          set(on ? { widthMm: form.widthMm * 0.45, heightMm: form.widthMm * 0.45 } : null)
        }
      />
      {bundle && (
        <Pair>
          <LengthField
            label="Bundle, wide"
            value={bundle.widthMm}
            min={20}
            max={1000}
            onValue={(widthMm) => set({ ...bundle, widthMm })}
          />
          <LengthField
            label="Bundle, high"
            value={bundle.heightMm}
            min={20}
            max={1000}
            onValue={(heightMm) => set({ ...bundle, heightMm })}
          />
        </Pair>
      )}
    </>
  );
}

export function SockMeasures({ form }: { form: FormOf<'socks'> }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<FormOf<'socks'>>, group: string) => measure('socks', part, group);
  return (
    <>
      <Pair>
        <LengthField
          label="Insert, wide"
          value={form.widthMm}
          min={1}
          max={400}
          onValue={(widthMm) => set({ widthMm }, 'width')}
        />
        <LengthField
          label="Cuff to toe"
          value={form.lengthMm}
          min={1}
          max={1000}
          onValue={(lengthMm) => set({ lengthMm }, 'length')}
        />
      </Pair>
      <LengthField
        label="Rolls round each side by"
        value={form.rollMm}
        min={0}
        max={60}
        helperText="so that no white line stays at the edge"
        onValue={(rollMm) => set({ rollMm }, 'roll')}
      />
    </>
  );
}
