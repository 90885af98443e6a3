'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Machine, Readings } from '@/core/model';
import { celsiusToF, fahrenheitToC } from '@/core/units';
import { NumberField } from '@/ui/fields/NumberField';
import { ninePlaces, readingAt, type PlaceToRead } from './ninePlaces';

type Plate = NonNullable<Machine['plate']>;
type Unit = Machine['displayUnit'];

/** What a display is usually set to while a plate is measured, °C (own choice). */
const USUAL_C = fahrenheitToC(400);

const shown = (c: number, unit: Unit): number =>
  Math.round((unit === '°F' ? celsiusToF(c) : c) * 10) / 10;
const toC = (figure: number, unit: Unit): number =>
  unit === '°F' ? fahrenheitToC(figure) : figure;

/** Reads a temperature that a thermometer may show. */
const readFor = (unit: Unit) => (text: string) => {
  const figure = Number(text.trim().replace(',', '.'));
  const c = toC(figure, unit);
  return text.trim() !== '' && c >= 0 && c <= 400 ? figure : null;
};

/** Nine places of the plate, laid out as they lie, and what the display showed meanwhile. */
export function PlaceFields({
  plate,
  unit,
  readings,
  onPlaces,
}: {
  plate: Plate;
  unit: Unit;
  readings: Readings;
  onPlaces: (places: Readings['places']) => void;
}) {
  const { places } = readings;
  const [displayC, setDisplayC] = useState(places[0]?.displayC ?? USUAL_C);
  const others = places.filter((each) =>
    ninePlaces(plate).every((place) => readingAt({ places: [each] }, place) === null),
  );
  const without = (place: PlaceToRead) => {
    const old = readingAt(readings, place);
    return places.filter((each) => each !== old);
  };
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
      <Typography component="legend" variant="h3" sx={{ mb: 1 }}>
        Over the plate
      </Typography>
      <Typography sx={{ fontSize: 15, mb: 1.5 }}>
        Let it rest at its heat for ten minutes, then read each place with a probe or strips. As you
        stand before it.
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
        <Box sx={{ gridColumn: '1 / -1', mb: 0.5 }}>
          <NumberField
            label={`The display shows, ${unit}`}
            value={shown(displayC, unit)}
            read={readFor(unit)}
            asks="What stands on the display, from 0 to 400 °C."
            onValue={(figure) => {
              setDisplayC(toC(figure, unit));
              onPlaces(places.map((each) => ({ ...each, displayC: toC(figure, unit) })));
            }}
          />
        </Box>
        {ninePlaces(plate).map((place) => {
          const reading = readingAt(readings, place);
          return (
            <NumberField
              key={place.called}
              label={place.called}
              value={reading && shown(reading.plateC, unit)}
              read={readFor(unit)}
              asks="0 to 400 °C."
              onClear={() => onPlaces(without(place))}
              onValue={(figure) => {
                const { xMm, yMm } = place;
                onPlaces([...without(place), { xMm, yMm, displayC, plateC: toC(figure, unit) }]);
              }}
            />
          );
        })}
      </Box>
      {others.length > 0 && (
        <Typography sx={{ fontSize: 14, mt: 1 }}>
          {others.length} more from your file, drawn beside.
        </Typography>
      )}
    </Box>
  );
}
