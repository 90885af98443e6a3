'use client';

import Button from '@mui/material/Button';
import type { StraightWrapForm } from '@/core/form';
import { LengthField, OffsetField } from '../fields/QuantityField';
import { Pair } from '../Section';
import { useBlankEdit } from './BlankEditor';

/** Rims and bases that are not level, and paper that closes round the handle. */
export function UnusualStraight({ form }: { form: StraightWrapForm }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<StraightWrapForm>, group: string) =>
    measure('straight-wrap', part, group);
  const { handleNotch } = form;
  return (
    <>
      <Pair>
        <OffsetField
          label="Rim bows up by"
          value={form.rimCurveMm}
          min={-100}
          max={100}
          onValue={(rimCurveMm) => set({ rimCurveMm }, 'rim-curve')}
        />
        <OffsetField
          label="Base bows up by"
          value={form.baseCurveMm}
          min={-100}
          max={100}
          onValue={(baseCurveMm) => set({ baseCurveMm }, 'base-curve')}
        />
      </Pair>
      <LengthField
        label="Hump or curve above the base"
        value={form.baseHumpMm}
        min={0}
        max={500}
        helperText="the paper stops above it"
        onValue={(baseHumpMm) => set({ baseHumpMm }, 'base-hump')}
      />
      {form.handleGapMm > 0 && !handleNotch && (
        <Button
          size="small"
          variant="outlined"
          onClick={() =>
            set(
              {
                handleNotch: {
                  fromMm: form.wallHeightMm * 0.2,
                  toMm: form.wallHeightMm * 0.8,
                },
              },
              'notch',
            )
          }
        >
          Notch the paper round the handle
        </Button>
      )}
      {handleNotch && (
        <>
          <Pair>
            <LengthField
              label="Handle starts below rim"
              value={handleNotch.fromMm}
              min={0}
              max={1000}
              onValue={(fromMm) => set({ handleNotch: { ...handleNotch, fromMm } }, 'notch')}
            />
            <LengthField
              label="Handle ends below rim"
              value={handleNotch.toMm}
              min={0}
              max={1000}
              onValue={(toMm) => set({ handleNotch: { ...handleNotch, toMm } }, 'notch')}
            />
          </Pair>
          <Button size="small" onClick={() => set({ handleNotch: null }, '')}>
            No notches
          </Button>
        </>
      )}
    </>
  );
}
