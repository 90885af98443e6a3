'use client';

import '@/ui/chartStyles';
import Plotly, { type Layout } from 'plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { useMemo } from 'react';
import { tally, type SettingTally } from '@/core/log';
import { settingWords } from '@/words';
import type { Outcome, PressRecord } from '@/core/model';
import { celsiusToF } from '@/core/units';
import { type UnitStyle } from '@/words/units';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { COLOURS, FONTS } from '@/ui/theme';

const Plot = createPlotlyComponent(Plotly);

/** Each outcome has a shape of its own; seldom ones are drawn last, on the others. */
const SYMBOLS: Record<Outcome, string> = { good: 'circle', usable: 'diamond', spoiled: 'square' };
const DRAWN = ['good', 'usable', 'spoiled'] as const;
/** Width of a count over its setting, px. */
const COUNT_PX = 24;
const TICK_STEP = 20;

/** The temperature axis: round ticks, and a row below them for machines with a fixed program. */
function heatAxis(settings: readonly SettingTally[], units: UnitStyle) {
  const shown = (c: number) => Math.round(units.temperature === '°F' ? celsiusToF(c) : c);
  const heats = settings.flatMap((s) => (s.temperatureC === null ? [] : [shown(s.temperatureC)]));
  const low = Math.floor(Math.min(...heats, Infinity) / TICK_STEP) * TICK_STEP;
  const first = Number.isFinite(low) ? low : TICK_STEP;
  const last = Math.ceil(Math.max(...heats, first) / TICK_STEP) * TICK_STEP;
  const fixedRow = first - TICK_STEP * 1.5;
  const ticks = Array.from(
    { length: (last - first) / TICK_STEP + 1 },
    (_, i) => first + i * TICK_STEP,
  );
  const hasFixed = settings.some((s) => s.temperatureC === null);
  return {
    place: (c: number | null) => (c === null ? fixedRow : shown(c)),
    range: [(hasFixed ? fixedRow : first) - 12, last + 16],
    tickvals: [...(hasFixed ? [fixedRow] : []), ...ticks],
    ticktext: [
      ...(hasFixed ? ['fixed heat'] : []),
      ...ticks.map((t) => `${t} ${units.temperature}`),
    ],
  };
}

function traceOf(
  outcome: Outcome,
  settings: readonly SettingTally[],
  place: (c: number | null) => number,
  units: UnitStyle,
) {
  const { word, colour } = OUTCOMES[outcome];
  const seen = settings.filter(({ counts }) => counts[outcome] > 0);
  return {
    type: 'scatter' as const,
    mode: 'markers' as const,
    name: word,
    x: seen.map(({ dwellS }) => dwellS / 60),
    y: seen.map(({ temperatureC }) => place(temperatureC)),
    hovertext: seen.map(
      (s) =>
        `${s.machineName}<br>${settingWords(s, units)}<br>${s.counts[outcome]} of ${s.total} ${word.toLowerCase()}`,
    ),
    hoverinfo: 'text' as const,
    marker: {
      symbol: SYMBOLS[outcome],
      color: colour,
      opacity: 1,
      size: 11,
      line: { color: '#ffffff', width: 1 },
    },
    cliponaxis: false,
  };
}

/** How often each outcome was had, side by side over the setting's own place. */
const countsOver = (
  setting: SettingTally,
  place: (c: number | null) => number,
): Partial<Layout['annotations'][number]>[] => {
  const had = DRAWN.filter((outcome) => setting.counts[outcome] > 0);
  return had.map((outcome, i) => ({
    x: setting.dwellS / 60,
    y: place(setting.temperatureC),
    xshift: (i - (had.length - 1) / 2) * COUNT_PX,
    yshift: 20,
    showarrow: false,
    text: String(setting.counts[outcome]),
    font: { color: '#ffffff', size: 13, family: FONTS.figure },
    bgcolor: OUTCOMES[outcome].colour,
    width: COUNT_PX - 6,
    borderpad: 1,
  }));
};

/** Outcome over time and temperature: one mark a setting, over it how often each outcome was had. */
export function OutcomeChart({
  records,
  units,
}: {
  records: readonly PressRecord[];
  units: UnitStyle;
}) {
  const { data, layout } = useMemo(() => {
    const settings = tally(records);
    const { place, ...axis } = heatAxis(settings, units);
    return {
      data: DRAWN.map((o) => traceOf(o, settings, place, units)),
      layout: {
        margin: { l: 90, r: 20, t: 36, b: 50 },
        paper_bgcolor: COLOURS.paper,
        plot_bgcolor: COLOURS.card,
        font: { family: FONTS.text, color: COLOURS.ink, size: 13 },
        xaxis: {
          title: { text: 'Time pressed, minutes' },
          gridcolor: COLOURS.hairline,
          zeroline: false,
          rangemode: 'tozero' as const,
        },
        annotations: settings.flatMap((setting) => countsOver(setting, place)),
        yaxis: { gridcolor: COLOURS.hairline, zeroline: false, ...axis },
        legend: {
          orientation: 'h' as const,
          x: 0,
          y: 1.18,
          entrywidth: 56,
          itemclick: false as const,
        },
      },
    };
  }, [records, units]);

  return (
    <Plot
      data={data}
      layout={layout}
      config={{ displayModeBar: false, responsive: true }}
      style={{ width: '100%', height: 300 }}
      useResizeHandler
    />
  );
}
