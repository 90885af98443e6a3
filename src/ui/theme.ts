'use client';

import { createTheme } from '@mui/material/styles';
import type { SyntheticEvent } from 'react';
import { AtOnce } from './AtOnce';
import { forcedColours } from './forcedColours';

/** The house colours; each has one meaning. */
export const COLOURS = {
  paper: '#FBF8F2',
  card: '#FFFFFF',
  ink: '#22252B',
  graphite: '#5E6470',
  hairline: '#E4DDD0',
  /** Acts, and means "ready". */
  clover: '#1F6F4A',
  /** Heat, and "stop". */
  ember: '#C8411B',
  /** "Take care". */
  saffron: '#8A5A12',
  saffronGround: '#FCEFD3',
  /** The station one is at; light enough for every sign on it (AA). */
  here: '#FFF8EA',
  /** Everything shown as printed (mirrored). */
  bluebell: '#3A5BA0',
} as const;

export const FONTS = {
  heading: '"Bricolage Grotesque Variable", "Atkinson Hyperlegible", sans-serif',
  text: '"Atkinson Hyperlegible", sans-serif',
  figure: '"DM Mono", monospace',
} as const;

/**
 * The mark of what the keyboard acts on. On a drawing in mm `--px` is the mm of one screen pixel; a
 * dark screen gives its own colour in `--focus`.
 */
const FOCUS = {
  outline: `calc(3px * var(--px, 1)) solid var(--focus, ${COLOURS.bluebell})`,
  outlineOffset: 'calc(2px * var(--px, 1))',
};

/** What a finger can hit: WCAG 2.2, success criterion 2.5.5. */
const FINGER_PX = 44;
/** Where fingers do the pointing, whatever is touched is as large as one. */
export const TOUCHED = {
  '@media (pointer: coarse)': { minHeight: FINGER_PX, minWidth: FINGER_PX },
};
const touched = { styleOverrides: { root: TOUCHED } };
/** A button that becomes ready is legible at once: half faded in, its label has too little contrast. */
const readyAtOnce = { styleOverrides: { root: { ...TOUCHED, transition: 'none' } } };

/**
 * How fields hear that the browser filled them in: its mark starts an animation by a name they know. Said once for
 * all; each field would bring a style sheet of its own.
 */
const FILLED_IN = {
  '@keyframes mui-auto-fill': { from: { display: 'block' } },
  '@keyframes mui-auto-fill-cancel': { from: { display: 'block' } },
  '.MuiInputBase-input': { animation: 'mui-auto-fill-cancel 10ms' },
  '.MuiInputBase-input:-webkit-autofill': { animation: 'mui-auto-fill 5000s' },
};

const heading = { fontFamily: FONTS.heading, fontWeight: 650, letterSpacing: '-0.01em' };

export const theme = createTheme({
  palette: {
    mode: 'light',
    primary: { main: COLOURS.clover },
    error: { main: COLOURS.ember },
    warning: { main: COLOURS.saffron },
    info: { main: COLOURS.bluebell },
    success: { main: COLOURS.clover },
    background: { default: COLOURS.paper, paper: COLOURS.card },
    text: { primary: COLOURS.ink, secondary: COLOURS.graphite },
    divider: COLOURS.hairline,
  },
  shape: { borderRadius: 10 },
  typography: {
    fontFamily: FONTS.text,
    fontSize: 15,
    h1: { ...heading, fontSize: '1.9rem' },
    h2: { ...heading, fontSize: '1.3rem' },
    h3: { ...heading, fontSize: '1.05rem' },
    button: { textTransform: 'none', fontWeight: 700 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        html: { height: '100%' },
        body: { height: '100%' },
        a: { color: COLOURS.clover },
        '*:focus-visible': FOCUS,
        ...FILLED_IN,
        ...forcedColours(COLOURS.paper),
        '@media (prefers-reduced-motion: reduce)': {
          '*': { animation: 'none !important', transition: 'none !important' },
        },
      },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      // marked by the browser's own word too: MUI's comes a moment later, or while the page is busy not at all
      styleOverrides: { root: { '&.Mui-focusVisible, &:focus-visible': FOCUS } },
    },
    MuiButton: { defaultProps: { disableElevation: true }, ...readyAtOnce },
    MuiIconButton: readyAtOnce,
    MuiToggleButton: readyAtOnce,
    MuiMenuItem: touched,
    MuiCheckbox: touched,
    MuiDialog: {
      defaultProps: {
        slots: { transition: AtOnce },
        slotProps: { backdrop: { slots: { transition: AtOnce } } },
      },
    },
    // as with dialogs: what grows into place moves away under the finger
    MuiMenu: { defaultProps: { transitionDuration: 0 } },
    // a list that opens under the pointer would take a slow click's release for a choice, and be gone
    // again: a choice is made by a click of its own
    MuiSelect: {
      defaultProps: {
        MenuProps: {
          slotProps: {
            paper: { onMouseUpCapture: (event: SyntheticEvent) => event.stopPropagation() },
          },
        },
      },
    },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiInputBase: { ...touched, defaultProps: { disableInjectingGlobalStyles: true } },
    MuiPaper: { defaultProps: { elevation: 0 } },
    MuiTooltip: { defaultProps: { arrow: true } },
  },
});
