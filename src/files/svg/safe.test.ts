import sharp, { type Sharp } from 'sharp';
import { standInForTheBrowser } from '@tests/support/dom';
import { beginsAsSvg } from './sniff';
import { ownStyle } from './styles';

standInForTheBrowser();

const svg = (body: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="80mm" height="40mm" viewBox="0 0 80 40">${body}</svg>`;

async function readFrom(text: string) {
  const { readSvg } = await import('.');
  const read = readSvg(text);
  if (!read.ok) throw new Error(read.reason);
  return read.value;
}
const markupOf = async (body: string) => (await readFrom(svg(body))).markup;
const styleOf = async (body: string, id: string) =>
  (await readFrom(svg(body))).root.querySelector(`#${id}`)?.getAttribute('style') ?? null;

describe('style sheets are written on the elements they choose', () => {
  test('the weaker first, the element’s own word last (CSS Cascade 4, §6)', async () => {
    const body = `<style>#one{fill:red} .a{fill:green;stroke:blue} rect{fill:black}</style>
      <rect id="one" class="a" style="stroke:gold"/><circle id="two" class="b"/>`;
    expect(await styleOf(body, 'one')).toBe(
      'fill:black;fill:green;stroke:blue;fill:red;stroke:gold',
    );
    expect(await styleOf(body, 'two')).toBeNull();
  });

  test('within CDATA, with signs written as entities, and through custom properties', async () => {
    const body = `<style type="text/css"><![CDATA[ :root{--ink:#b50} g &gt; .a{fill:var(--ink)} ]]></style>
      <g><rect id="one" class="a"/></g>`;
    const { root } = await readFrom(svg(body));
    expect(root.getAttribute('style')).toBe('--ink:#b50');
    expect(root.querySelector('#one')?.getAttribute('style')).toBe('fill:var(--ink)');
  });

  test.each([
    ['@import url(https://elsewhere.example/x.css); rect{fill:red}', 'fill:red'],
    ['rect{fill:url(https://elsewhere.example/x);stroke:blue}', 'stroke:blue'],
    ['rect{fill:\\75rl(https://elsewhere.example);stroke:blue}', 'stroke:blue'],
    ['@font-face{font-family:x;src:url(x)} rect{fill:url( "#g" )}', 'fill:url( "#g" )'],
    ['@media print{rect{fill:red}} rect{fill:blue}', 'fill:blue'],
    ['rect:unheard(of{fill:red}', null],
    ['rect{fill:red', null],
  ])('%s', async (css, kept) => {
    expect(await styleOf(`<style>${css}</style><rect id="one"/>`, 'one')).toBe(kept);
  });

  test('no more of them than a drawing needs', async () => {
    const { readSvg } = await import('.');
    const long = 'fill:url(#g);'.repeat(20_000);
    for (const css of ['.a{fill:red}'.repeat(2001), '{'.repeat(2_000_001), `*{${long}}`]) {
      const many = readSvg(svg(`<style>${css}</style>${'<rect class="a"/>'.repeat(100)}`));
      expect(many.ok ? '' : many.reason).toMatch(/style sheet/);
    }
  });

  test('a pen follows what they give a stroke', async () => {
    const { penLinesOf } = await import('.');
    const body = `<style>.cut{fill:none;stroke:#000} .none{fill:none}</style>
      <style>.off{stroke:none !important;fill:none}</style>
      <line class="cut" x2="80" y2="40"/><rect class="none" width="9" height="9"/>
      <rect class="cut off" style="stroke:red" width="9" height="9"/>`;
    expect(penLinesOf(await readFrom(svg(body)))).toEqual([
      { points: [[0, 0], [1, 1]], closed: false }, // prettier-ignore
    ]);
  });
});

describe('what a drawing uses of itself', () => {
  test('stands where it is used, again within what is used', async () => {
    const { ringsOf } = await import('.');
    const body = `<defs><rect id="r" width="4" height="2"/><g id="two"><use href="#r"/><use xlink:href="#r" x="6"/></g></defs>
      <use href="#two" transform="scale(2)" x="10" y="5"/>`;
    const rings = ringsOf(await readFrom(svg(body)));
    expect(rings.map(([corner]) => corner)).toEqual([
      { x: 20, y: 10 },
      { x: 32, y: 10 },
    ]);
    expect(rings[1]?.[2]).toEqual({ x: 40, y: 14 });
  });

  test('a shape that clips stays a shape', async () => {
    const markup = await markupOf(
      '<defs><circle id="c" r="9" transform="scale(2)"/></defs><clipPath id="k"><use xlink:href="#c" x="4"/></clipPath>',
    );
    expect(markup).toContain(
      '<clipPath id="k"><circle r="9" transform="translate(4 0) scale(2)"/></clipPath>',
    );
  });

  test('a symbol is a drawing of its own (SVG 2, §5.5)', async () => {
    const markup = await markupOf(
      '<symbol id="s" viewBox="0 0 10 10"><circle r="5"/></symbol><use href="#s" x="3" width="20" height="20"/>',
    );
    expect(markup).toMatch(
      /<g transform="translate\(3 0\)"><svg[^>]*viewBox="0 0 10 10"[^>]*width="20"/,
    );
  });

  test('nothing holds itself, and copies of copies are bounded', async () => {
    const { readSvg } = await import('.');
    expect(
      await markupOf('<g id="a"><use href="#a"/><use href="#none"/><path d="M0 0"/></g>'),
    ).not.toContain('use');
    const turn = '<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>';
    expect(await markupOf(turn)).not.toContain('use');
    const levels = Array.from(
      { length: 12 },
      (_, i) => `<g id="l${i + 1}">${`<use href="#l${i}"/>`.repeat(10)}</g>`,
    );
    const bomb = readSvg(svg(`<g id="l0"><path d="M0 0"/></g>${levels.join('')}`));
    expect(bomb.ok ? '' : bomb.reason).toMatch(/parts/);
  });
});

describe('pictures in a drawing', () => {
  const link = async (make: (picture: Sharp) => Sharp, mime: string) => {
    const picture = sharp({ create: { width: 8, height: 4, channels: 3, background: '#c33' } });
    return `data:${mime};base64,${(await make(picture).toBuffer()).toString('base64')}`;
  };
  const linkOf = (drawing: { root: Element }) =>
    drawing.root.querySelector('image')?.getAttribute('xlink:href') ?? null;

  test('stay where they are written into it', async () => {
    for (const own of [
      await link((p) => p.png(), 'image/png'),
      await link((p) => p.jpeg(), 'image/jpeg'),
    ]) {
      const read = await readFrom(svg(`<image width="8" height="4" xlink:href="${own}"/>`));
      expect(linkOf(read)).toBe(own);
      expect(read.lost).toEqual([]);
    }
  });

  test.each([
    ['https://elsewhere.example/x.png'],
    ['x.png'],
    ['data:image/svg+xml;base64,PHN2Zy8+'],
    ['data:image/png;base64,iVBORw0KGgo='],
    ['data:image/png;base64,@@@'],
  ])('%s is left out, and that is said', async (other) => {
    const read = await readFrom(svg(`<image width="8" height="4" xlink:href="${other}"/>`));
    expect(linkOf(read)).toBeNull();
    expect(read.lost).toEqual(['elsewhere']);
  });
});

describe('effects', () => {
  const through = (effect: string, times = 1) =>
    svg(`<filter id="f">${effect}</filter>${'<rect filter="url(#f)"/>'.repeat(times)}`);

  test('simple ones stay with all that they say', async () => {
    const { markup, lost } = await readFrom(through('<feGaussianBlur stdDeviation="6"/>'));
    expect(markup).toContain('<feGaussianBlur stdDeviation="6"/>');
    expect(lost).toEqual([]);
  });

  test.each([
    ['of other kinds', through('<feTurbulence numOctaves="99999"/>')],
    ['of too many elements', through('<feOffset/>', 61)],
  ])('%s go, whole, and that is said', async (_, text) => {
    const { markup, lost } = await readFrom(text);
    expect(markup).not.toMatch(/filter|fe[A-Z]/);
    expect(lost).toEqual(['effects']);
  });

  test('what a style sheet draws through one that went is drawn without it', async () => {
    const { root, lost } = await readFrom(
      svg(
        '<style>.a{filter:url(#f)!important;fill:red}</style><filter id="f"><feTurbulence/></filter><rect class="a"/>',
      ),
    );
    expect(ownStyle(root.getElementsByTagName('rect')[0] as Element, 'filter')).toBe('none');
    expect(lost).toEqual(['effects']);
  });
});

test('what moves, and parts of web pages, are said to be missing; what one program alone shows is not', async () => {
  const web = '<p xmlns="http://www.w3.org/1999/xhtml">x</p>';
  const lost = async (body: string) => (await readFrom(svg(body))).lost;
  expect(await lost('<rect><animate attributeName="x" to="9"/></rect>')).toEqual(['movement']);
  expect(await lost(`<foreignObject>${web}</foreignObject>`)).toEqual(['page']);
  expect(await lost(`<foreignObject requiredExtensions="x">${web}</foreignObject>`)).toEqual([]);
});

test('a drawing copied out of a web page says what its names are of', async () => {
  const { markup, root } = await readFrom(
    '<svg width="9" height="9"><path id="p" d="M0 0h1"/><use xlink:href="#p" x="3"/></svg>',
  );
  expect(root.namespaceURI).toBe('http://www.w3.org/2000/svg');
  expect(markup).toContain('translate(3 0)');
  const { markup: own } = await readFrom(svg('<rect/>'));
  expect(own.match(/xmlns=/g)).toHaveLength(1);
});

test('entities of its own document type are written out once, none that grows', async () => {
  const type = `<?xml version="1.0"?><!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "x.dtd" [
    <!ENTITY ink "#2a8"> <!ENTITY ns 'http://elsewhere.example/'> <!ENTITY lol "&ink;&ink;"> ]>`;
  expect(beginsAsSvg(`${type}<svg/>`)).toBe(true);
  expect(beginsAsSvg('<!DOCTYPE svg [ <svg/>')).toBe(false);
  const { markup } = await readFrom(type + svg('<g xmlns:x="&ns;"><rect fill="&ink;"/></g>'));
  expect(markup).toContain('fill="#2a8"');
  const { readSvg } = await import('.');
  expect(readSvg(type + svg('<rect fill="&lol;"/>')).ok).toBe(false);
});
