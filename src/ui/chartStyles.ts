'use client';

/** The element the chart library looks for before it makes one of its own. */
const STYLE_ID = 'plotly.js-style-global';

/**
 * Gives the chart library a style element under the page's nonce; its own would be refused by the
 * content security policy. Import this before the library.
 */
function prepare(): void {
  if (typeof document === 'undefined' || document.getElementById(STYLE_ID)) return;
  const style = document.createElement('style');
  style.id = STYLE_ID;
  style.nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce ?? '';
  document.head.append(style);
}

prepare();
