'use client';

import '@/ui/chartStyles';
import Plotly from 'plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { useMemo } from 'react';
import { settingWords, tally, type SettingTally } from '@/core/log';
import type { Outcome, PressRecord } from '@/core/model';
import { celsiusToF, type UnitStyle } from '@/core/units';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { COLOURS, FONTS } from '@/ui/theme';

const Plot = createPlotlyComponent(Plotly);

/** Each outcome has a shape of its own, and stands beside the others of its setting, not on them. */
const LOOKS: Record<Outcome, { symbol: string; shiftMin: number }> = {
  good: { symbol: 'circle', shiftMin: 0 },
  usable: { symbol: 'diamond', shiftMin: -0.4 },
  spoiled: { symbol: 'square', shiftMin: 0.4 },
};
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
    range: [(hasFixed ? fixedRow : first) - 12, last + 12],
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
    mode: 'text+markers' as const,
    name: word,
    x: seen.map(({ dwellS }) => dwellS / 60 + LOOKS[outcome].shiftMin),
    y: seen.map(({ temperatureC }) => place(temperatureC)),
    text: seen.map(({ counts }) => String(counts[outcome])),
    textfont: { color: '#ffffff', size: 13, family: FONTS.figure },
    hovertext: seen.map(
      (s) =>
        `${s.machineName}<br>${settingWords(s, units)}<br>${s.counts[outcome]} of ${s.total} ${word.toLowerCase()}`,
    ),
    hoverinfo: 'text' as const,
    marker: {
      symbol: LOOKS[outcome].symbol,
      color: colour,
      opacity: 1,
      size: seen.map(({ counts }) => 20 + 3 * counts[outcome]),
      line: { color: '#ffffff', width: 1 },
    },
    cliponaxis: false,
  };
}

/** Outcome over time and temperature: one mark a setting and outcome, with how often. */
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
      data: (['good', 'usable', 'spoiled'] as const).map((o) => traceOf(o, settings, place, units)),
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
        yaxis: { gridcolor: COLOURS.hairline, zeroline: false, ...axis },
        legend: { orientation: 'h' as const, x: 0, y: 1.18, itemclick: false as const },
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
