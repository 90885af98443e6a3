import { labOf, linearOf, type Ground } from '@/core/colour';

/** Hues by the angle of a* and b* they begin at, degrees (own choice, for sRGB's own colours). */
const HUES: readonly (readonly [fromDeg: number, name: string])[] = [
  [0, 'pink'],
  [20, 'red'],
  [48, 'orange'],
  [76, 'yellow'],
  [108, 'green'],
  [175, 'turquoise'],
  [235, 'blue'],
  [305, 'purple'],
  [335, 'pink'],
];

/** Less chroma than this is grey (own choice). */
const GREY_BELOW = 7;

/** What a colour like `#f8c8d8` is called: `pale pink`, `dark blue`, `grey`. */
export function colourNameOf(hex: string): string {
  const { l, a, b } = labOf(linearOf(hex));
  const chroma = Math.hypot(a, b);
  if (chroma < GREY_BELOW) {
    if (l > 96) return 'white';
    if (l < 12) return 'black';
    return l > 75 ? 'pale grey' : l < 38 ? 'dark grey' : 'grey';
  }
  const angle = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const hue = HUES.findLast(([from]) => angle >= from)?.[1] ?? 'pink';
  // a light red is a pink, a dark orange or yellow a brown
  if (hue === 'red' && l > 65) return l > 78 ? 'pale pink' : 'pink';
  if ((hue === 'orange' || hue === 'red') && l < 50 && chroma < 55) return 'brown';
  return l > 78 && chroma < 60 ? `pale ${hue}` : l < 32 ? `dark ${hue}` : hue;
}

/** What the forecast on a blank goes by, in a sentence, and that it is none. */
export function forecastLine({ transparent, takes, spread }: Ground, colourName: string): string {
  const how = transparent
    ? `Dye lets ${colourName} shine through: every colour is multiplied by it, white becomes ${colourName}.`
    : 'It covers: the colour below does not matter.';
  const cotton =
    takes <= 0.005
      ? ' Nothing of this cloth takes dye: it washes out.'
      : takes < 1
        ? ` Only ${Math.round(100 * takes)} % of the cloth takes dye, the rest stays.`
        : '';
  const sparkles = spread > 5 ? ' The glitter hides small differences.' : '';
  return `${how}${cotton}${sparkles} A forecast, not a promise; paper always looks dull before heat.`;
}
