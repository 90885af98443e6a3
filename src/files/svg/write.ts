import type { Purpose } from '@/core/jig';
import type { Pattern } from '@/words';
import { exportedAs } from '../exported';

/** Colours that cutting and plotting programs tell layers by; our own choice. */
const COLOURS: Readonly<Record<Purpose, string>> = {
  cut: '#c8411b',
  draw: '#3a5ba0',
  fold: '#8a5a12',
  mark: '#5e6470',
};
const HAIRLINE_MM = 0.2;
const ORDER: readonly Purpose[] = ['draw', 'cut', 'fold', 'mark'];

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** A drawing as SVG in real units, a group for each kind of line (SVG 2). */
export function patternToSvg(pattern: Pattern): string {
  const { widthMm: w, heightMm: h } = pattern;
  const figure = (mm: number) => String(Number(mm.toFixed(3)));
  const groups = ORDER.map((purpose) => {
    const paths = pattern.lines
      .filter((line) => line.purpose === purpose && line.points.length > 1)
      .map(
        ({ points, closed }) =>
          `<path d="M${points.map(({ x, y }) => `${figure(x)} ${figure(y)}`).join('L')}${closed ? 'Z' : ''}"/>`,
      );
    const dash = purpose === 'fold' ? ' stroke-dasharray="3 2"' : '';
    return paths.length === 0
      ? ''
      : `<g id="${purpose}" fill="none" stroke="${COLOURS[purpose]}" stroke-width="${HAIRLINE_MM}"${dash}>${paths.join('')}</g>`;
  });
  const texts = pattern.texts.map(
    ({ x, y, text, sizeMm }) =>
      `<text x="${figure(x)}" y="${figure(y)}" font-size="${sizeMm}" font-family="sans-serif">${escaped(text)}</text>`,
  );
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${figure(w)}mm" height="${figure(h)}mm" viewBox="0 0 ${figure(w)} ${figure(h)}">` +
    `<title>${escaped(pattern.name)}</title><metadata>${exportedAs('drawing')}</metadata>${groups.join('')}${texts.join('')}</svg>`
  );
}
