'use client';

import '@/ui/chartStyles';
import Plotly, { type Data, type Layout } from 'plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { useMemo } from 'react';
import { HEAT_VERDICTS, type HeatVerdict, type Judged, type WindowSeen } from '@/core/log/window';
import { celsiusToF } from '@/core/units';
import { COLOURS, FONTS } from '@/ui/theme';
import { chanceWords, settingWords } from '@/words';
import type { UnitStyle } from '@/words/units';

const Plot = createPlotlyComponent(Plotly);

/** Each verdict has a shape of its own: it is told without its colour too. */
const VERDICTS: Readonly<Record<HeatVerdict, { word: string; symbol: string; colour: string }>> = {
  pale: { word: 'Was pale', symbol: 'triangle-down', colour: COLOURS.bluebell },
  good: { word: 'Came out well', symbol: 'circle', colour: COLOURS.clover },
  over: { word: 'Was too much', symbol: 'square', colour: COLOURS.ember },
};

/** Chances farther apart than this are not known (own choice). */
const UNKNOWN = 0.55;

type Place = (each: { readonly temperatureC: number | null; readonly dwellS: number }) => {
  x: number;
  y: number;
};

function placer(units: UnitStyle): Place {
  const shown = (c: number) => (units.temperature === '°F' ? celsiusToF(c) : c);
  return ({ temperatureC, dwellS }) => ({ x: dwellS, y: shown(temperatureC ?? 0) });
}

const marks = (
  points: readonly { x: number; y: number }[],
  name: string,
  marker: object,
  text?: readonly string[],
): Data => ({
  ...{ type: 'scatter', mode: 'markers', name, marker, cliponaxis: false },
  ...{ x: points.map(({ x }) => x), y: points.map(({ y }) => y) },
  ...(text ? { hovertext: [...text], hoverinfo: 'text' } : { hoverinfo: 'skip' }),
});

/** How likely it comes out well over time and heat: the more, the greener. */
function mapTraces(seen: WindowSeen, units: UnitStyle): Data[] {
  const at = placer(units);
  const told = ({ chances, ...setting }: Judged) =>
    `${settingWords(setting, units)}<br>good in ${chanceWords(chances)}`;
  const columns = seen.dwellsS.length;
  const rows = seen.temperaturesC.map((_, i) => seen.cells.slice(i * columns, (i + 1) * columns));
  const unknown = seen.cells.filter(({ chances }) => chances.most - chances.least > UNKNOWN);
  return [
    {
      ...{ type: 'heatmap', zmin: 0, zmax: 1, showscale: false, xgap: 1, ygap: 1 },
      x: [...seen.dwellsS],
      y: seen.temperaturesC.map((temperatureC) => at({ temperatureC, dwellS: 1 }).y),
      z: rows.map((row) => row.map(({ chances }) => chances.good)),
      // the library's types know one line of words only
      hovertext: rows.map((row) => row.map(told)) as unknown as string[],
      hoverinfo: 'text',
      colorscale: [
        [0, COLOURS.card],
        [0.5, '#d3e4d6'],
        [1, COLOURS.clover],
      ],
    } as Data,
    marks(unknown.map(at), 'Not known', {
      symbol: 'x-thin',
      size: 5,
      line: { color: COLOURS.graphite, width: 1 },
    }),
  ];
}

/** What was tried: a mark for each pressing. */
const triedTraces = (
  { tried }: WindowSeen,
  at: (each: WindowSeen['tried'][number]) => { x: number; y: number },
) =>
  HEAT_VERDICTS.flatMap((verdict) => {
    const own = tried.filter((each) => each.verdict === verdict);
    const { word, symbol, colour } = VERDICTS[verdict];
    const marker = { symbol, color: colour, size: 12, line: { color: '#ffffff', width: 1.5 } };
    return own.length > 0 ? [marks(own.map(at), word, marker)] : [];
  });

/** One heat only: how likely it comes out how, over time. */
function lineTraces(seen: WindowSeen): Data[] {
  const x = [...seen.dwellsS];
  const of = (part: (chances: Judged['chances']) => number) =>
    seen.cells.map(({ chances }) => part(chances));
  const line = (
    name: string,
    y: number[],
    color: string,
    dash: 'solid' | 'dash' | 'dot',
  ): Data => ({
    ...{ type: 'scatter', mode: 'lines', name, x, y, line: { color, dash, width: 2.5 } },
  });
  const edge = {
    type: 'scatter',
    mode: 'lines',
    x,
    line: { width: 0 },
    hoverinfo: 'skip',
    showlegend: false,
  } as const;
  return [
    { ...edge, y: of(({ least }) => least) },
    { ...edge, y: of(({ most }) => most), fill: 'tonexty', fillcolor: 'rgba(47, 107, 79, 0.18)' },
    line(
      'Good',
      of(({ good }) => good),
      COLOURS.clover,
      'solid',
    ),
    line(
      'Pale',
      of(({ pale }) => pale),
      COLOURS.bluebell,
      'dash',
    ),
    line(
      'Too much',
      of(({ over }) => over),
      COLOURS.ember,
      'dot',
    ),
  ];
}

function axes(seen: WindowSeen, units: UnitStyle): Partial<Layout> {
  const { dwellsS } = seen;
  const every = Math.max(1, Math.ceil(dwellsS.length / 7));
  const ticks = dwellsS.filter((_, i) => i % every === 0);
  const words = (s: number) =>
    s < 100 ? `${s} s` : `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
  const quiet = { gridcolor: COLOURS.hairline, zeroline: false };
  return {
    xaxis: {
      ...quiet,
      title: { text: 'Time pressed' },
      tickvals: ticks,
      ticktext: ticks.map(words),
    },
    yaxis:
      seen.temperaturesC[0] === null
        ? { ...quiet, range: [0, 1.02], tickformat: '.0%', title: { text: 'How often' } }
        : { ...quiet, title: { text: `Heat, ${units.temperature}` } },
  };
}

/** Where a pressing comes out well, what was tried, and where nothing is known. */
export function WindowMap({ seen, units }: { seen: WindowSeen; units: UnitStyle }) {
  const { data, layout } = useMemo(() => {
    const fixed = seen.temperaturesC[0] === null;
    const at: Place = fixed ? ({ dwellS }) => ({ x: dwellS, y: 0.02 }) : placer(units);
    const best = fixed ? { x: seen.best.dwellS, y: seen.best.chances.good } : at(seen.best);
    const ring = {
      symbol: 'circle-open',
      size: 24,
      line: { color: COLOURS.ink, width: 2.5 },
      color: COLOURS.ink,
    };
    return {
      data: [
        ...(fixed ? lineTraces(seen) : mapTraces(seen, units)),
        ...triedTraces(seen, at),
        marks([best], 'Best as far as is known', ring),
      ],
      layout: {
        margin: { l: 70, r: 16, t: 10, b: 50 },
        paper_bgcolor: COLOURS.card,
        plot_bgcolor: COLOURS.card,
        font: { family: FONTS.text, color: COLOURS.ink, size: 13 },
        legend: { orientation: 'h' as const, x: 0, y: 1.16, itemclick: false as const },
        ...axes(seen, units),
      },
    };
  }, [seen, units]);
  return (
    <Plot
      data={data}
      layout={layout}
      config={{ displayModeBar: false, responsive: true }}
      style={{ width: '100%', height: 340 }}
      useResizeHandler
    />
  );
}
