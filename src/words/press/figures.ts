import type { DisplaySetting, HeatName, Settings } from '@/core/model';
import { countOf, type AreaDwell, type PlateRows, type PressPlan, type Recipe } from '@/core/press';
import { type LengthUnit } from '@/core/units';
import {
  formatDegrees,
  formatDuration,
  formatLength,
  formatTemperature,
  type UnitStyle,
} from '../units';

/** What each heat is called. */
export const HEAT_WORDS: Readonly<Record<HeatName, string>> = {
  fixed: 'fixed heat',
  'hottest-cotton': 'hottest cotton',
};

type Figures = Pick<Settings, 'temperatureC' | 'dwellS' | 'pressure'> &
  Partial<Pick<Settings, 'heatName'>>;

/** The settings in one line, e.g. `400 °F · 3 min · medium`. */
export function settingsLine(settings: Figures, units: UnitStyle): string {
  const { temperatureC, dwellS, pressure, heatName = 'fixed' } = settings;
  return [
    temperatureC === null
      ? HEAT_WORDS[heatName]
      : formatTemperature(temperatureC, units.temperature),
    formatDuration(dwellS),
    ...(pressure === null ? [] : [pressure]),
  ].join(' · ');
}

/** What stands on the machine's display, in its own unit. */
export const displayText = ({ figure, unit }: Pick<DisplaySetting, 'figure' | 'unit'>): string =>
  `${figure} ${unit}`;

/** Why the display differs from what is wanted, in sentences; empty where it does not. */
export function displayReasons(display: DisplaySetting, units: UnitStyle): string[] {
  const { unit, errorC, offsetC, dropC, coarseStep, wantedC } = display;
  const degrees = (c: number) => formatDegrees(c, unit);
  return [
    ...(offsetC === null
      ? []
      : [`Its plate is ${degrees(offsetC)} ${offsetC < 0 ? 'cooler' : 'hotter'} than it shows.`]),
    ...(dropC === null ? [] : [`${degrees(dropC)} more, since the plate cools on contact.`]),
    ...(coarseStep === null
      ? []
      : [
          `It steps by ${coarseStep}: the plate is ${degrees(errorC)} ${errorC > 0 ? 'hotter' : 'cooler'} than ${formatTemperature(wantedC, units.temperature)}.`,
        ]),
  ];
}

/** What to set and why, in a line; null where the display simply shows what is wanted. */
export function displayLine(display: DisplaySetting | null, units: UnitStyle): string | null {
  const why = display ? displayReasons(display, units) : [];
  return display && why.length > 0 ? `Set ${displayText(display)}. ${why.join(' ')}` : null;
}

/** How many lie on the plate at once and how, in a sentence; null where no two do. */
export function rowsLine(rows: PlateRows | null, unit: LengthUnit): string | null {
  if (!rows || countOf(rows) < 2) return null;
  const gap = formatLength(rows.gapMm, unit);
  return `${countOf(rows)} of these lie on the plate at once: ${rows.across} across and ${rows.down} down, ${gap} apart.`;
}

/** How often it is done for a batch; null for a single thing. */
export function roundsLine(rounds: PressPlan['rounds']): string | null {
  if (!rounds) return null;
  const { items, loads } = rounds;
  if (loads === null)
    return `${items} to make: as many at once as stand free, none touching another or the walls.`;
  return loads === 1
    ? `All ${items} lie on the plate at once, none overlapping.`
    : `${items} to make in ${loads} rounds; the machine stays hot between them, fresh cover paper each.`;
}

/** A place's side in the crafter's unit: whole inches as such. */
const square = (inch: number, unit: LengthUnit): string =>
  unit === 'in'
    ? `${inch} × ${inch} in`
    : `${Math.round(inch * 25.4)} × ${Math.round(inch * 25.4)} mm`;

/** By what rule the time goes with the picture's size; null where it does not. */
export function areaLine(area: AreaDwell | null, unit: LengthUnit): string | null {
  if (!area) return null;
  switch (area.rule) {
    case 'table':
      return 'By its maker’s table of sizes.';
    case 'small':
      return `Up to ${square(4, unit)}: 60 s.`;
    case 'large':
      return `Up to ${square(8, unit)}: 90 s.`;
    case 'each placement':
      return `Over ${square(8, unit)}: 90 s for each place the plate is put down.`;
    case 'least':
      return 'Never under about 15 s a piece, however small.';
    case 'most':
      return 'Never over two hours, however large: make it smaller, or press it in parts.';
    case 'share':
      return `${Math.round(area.share * 100)} % of a full page (180 s), in proportion: half a page 90 s, a quarter 45 s.`;
  }
}

/** What the two schools of figures differ in. */
export const schoolsLine = (
  a: Pick<Recipe, 'temperatureC'>,
  schoolB: NonNullable<Recipe['schoolB']>,
  units: UnitStyle,
): string => {
  const heat = (c: number | null) => formatTemperature(c ?? 0, units.temperature);
  return `One school presses pens at ${heat(a.temperatureC)} for a minute; the other as hot and long as a sheet, ${heat(schoolB.temperatureC)} for four minutes, which brings more colour and risks yellowing.`;
};
