/** What is chosen, pressed or where one is. */
const CHOSEN = '[aria-pressed="true"], [aria-selected="true"], [aria-current]';

/**
 * Where the person's own colours take the place of ours, grounds are gone: what was told by a ground is told by the colours kept
 * for it (CSS Color Adjustment 1).
 * @param ground what drawings are made for.
 */
export const forcedColours = (ground: string) => ({
  '@media (forced-colors: active)': {
    [`:is(${CHOSEN}):not(svg *), :is(${CHOSEN}):not(svg *) *`]: {
      forcedColorAdjust: 'none',
      backgroundColor: 'SelectedItem !important',
      color: 'SelectedItemText !important',
    },
    '.MuiSwitch-track, .MuiSlider-rail, .MuiLinearProgress-root': {
      border: '1px solid CanvasText',
    },
    '.MuiSwitch-thumb, .MuiSlider-thumb, .MuiLinearProgress-bar': {
      forcedColorAdjust: 'none',
      backgroundColor: 'ButtonText',
    },
    // drawings keep their colours, on a ground of their own
    'svg:has(text):not(.main-svg), .js-plotly-plot': {
      forcedColorAdjust: 'none',
      backgroundColor: ground,
    },
    '.Mui-checked .MuiSwitch-thumb, .MuiLinearProgress-bar': { backgroundColor: 'Highlight' },
  },
});

/** The ground of a sample of a colour, which stays that colour. */
export const sampleOf = (colour: string) => ({ bgcolor: colour, forcedColorAdjust: 'none' });
