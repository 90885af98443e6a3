import { JSDOM } from 'jsdom';

/** Has jsdom stand in for the browser's own sanitising, parsing and writing of markup, from here on. */
export function standInForTheBrowser(): void {
  const { window } = new JSDOM('');
  const { document, DOMParser, XMLSerializer } = window;
  Object.assign(globalThis, { window, document, DOMParser, XMLSerializer });
}
