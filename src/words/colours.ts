import { labOf, linearOf, type ChartFault, type Ground } from '@/core/colour';

/** Hues by the angle of a* and b* they begin at, degrees (own choice, for sRGB's own colours). */
const HUES: readonly (readonly [fromDeg: number, name: string])[] = [
  [0, 'pink'],
  [20, 'red'],
  [48, 'orange'],
  [76, 'yellow'],
  [108, 'green'],
  [175, 'turquoise'],
  [235, 'blue'],
  [312, 'purple'],
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
  return l > 78 && chroma < 42 ? `pale ${hue}` : l < 32 ? `dark ${hue}` : hue;
}

/** Why our chart cannot be read from a photo, and what to do. */
export function chartFaultWords(fault: ChartFault): string {
  switch (fault.code) {
    case 'marks':
      return `${fault.found} of the four corner marks were found. Take the photo from above, the whole chart in sight and in focus, with some of the blank round it.`;
    case 'not-the-chart':
      return 'Between the marks there is something else than the chart, or part of it is covered. Take the photo again.';
    case 'light':
      return `The bare blank is ${fault.share > 0.5 ? 'overexposed: no colour can be told from it' : 'too dark'} (${Math.round(100 * fault.share)} % of full light). Take it in daylight, without flash or direct sun.`;
  }
}

/** What the forecast on a blank goes by, in a sentence, and that it is none. */
export function forecastLine({ transparent, takes, spread }: Ground, colourName: string): string {
  const onWhite = transparent && colourName === 'white';
  const how = onWhite
    ? 'On white, dye shows its own colours; white is what the blank has.'
    : transparent
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
