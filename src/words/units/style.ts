import type { LengthUnit } from '@/core/units';
import type { TemperatureUnit } from './temperature';

/** How figures are written in sentences meant for the user. */
export interface UnitStyle {
  readonly length: LengthUnit;
  readonly temperature: TemperatureUnit;
}

/** The trade speaks inches and °F. */
export const TRADE_UNITS: UnitStyle = { length: 'in', temperature: '°F' };
