'use client';

import '@/ui/chartStyles';
import Plotly, { type Layout } from 'plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { useMemo } from 'react';
import type { HeatAt, Heated } from '@/core/heat';
import { DYE_MOVES_FROM_C } from '@/core/press';
import { celsiusToF } from '@/core/units';
import { COLOURS, FONTS } from '@/ui/theme';
import type { UnitStyle } from '@/words/units';

const Plot = createPlotlyComponent(Plotly);

/** The part that counts is where these shares of the dose come in (own choice). */
const COUNTS = [0.05, 0.95] as const;

interface Drawn {
  readonly name: string;
  readonly course: readonly HeatAt[];
  readonly of: (at: HeatAt) => number;
  readonly colour: string;
  readonly dash?: 'dash' | 'dot';
  readonly width?: number;
}

/** When a pressing has got a share of its dose, s. */
const whenOf = ({ course, doseS }: Heated, share: number): number =>
  course.find((at) => at.doseS >= share * doseS)?.s ?? 0;

/** The lines: what heats, the picture, the inside of the blank, and the picture as it was planned. */
function linesOf(before: Heated, after: Heated | null): Drawn[] {
  const { course } = after ?? before;
  const picture = { of: (at: HeatAt) => at.faceC, colour: COLOURS.ember };
  const planned: Drawn = {
    ...{ name: 'Picture, as planned', course: before.course },
    ...{ ...picture, dash: 'dash', width: 1.8 },
  };
  return [
    { name: 'Heat', course, of: (at) => at.heaterC, colour: COLOURS.graphite, width: 1.5 },
    { name: 'Picture', course, ...picture, width: 3.5 },
    {
      ...{ name: 'Blank, inside', course, of: (at) => at.blankC },
      ...{ colour: COLOURS.ink, dash: 'dot', width: 2 },
    },
    ...(after ? [planned] : []),
  ];
}

/** Where dye moves, shaded; and when the most of it does, along the foot. */
function shadesOf(main: Heated, shown: (c: number) => number): Partial<Layout['shapes'][number]>[] {
  const [from, to] = COUNTS.map((share) => whenOf(main, share));
  const hottest = Math.max(...main.course.map(({ heaterC }) => heaterC));
  return [
    {
      ...{ type: 'rect', xref: 'paper', x0: 0, x1: 1, line: { width: 0 } },
      ...{ y0: shown(DYE_MOVES_FROM_C), y1: shown(hottest + 12) },
      ...{ fillcolor: COLOURS.ember, opacity: 0.1, layer: 'below' },
    },
    {
      ...{ type: 'rect', yref: 'paper', y0: 0, y1: 0.03, line: { width: 0 } },
      ...{ x0: from ?? 0, x1: to ?? 0, fillcolor: COLOURS.ember, opacity: 0.8 },
    },
  ];
}

/** What is written beside the shades. */
function notesOf(main: Heated, shown: (c: number) => number) {
  const [from, to] = COUNTS.map((share) => whenOf(main, share));
  const font = { color: COLOURS.ember, size: 13 };
  return [
    {
      ...{ xref: 'paper' as const, x: 1, xanchor: 'right' as const, showarrow: false, font },
      ...{ y: shown(DYE_MOVES_FROM_C), yanchor: 'bottom' as const, text: 'dye moves' },
    },
    {
      ...{ yref: 'paper' as const, y: 0.03, yanchor: 'bottom' as const, showarrow: false, font },
      ...{ x: ((from ?? 0) + (to ?? 0)) / 2, text: 'what counts' },
    },
  ];
}

/** How warm plate, face and blank are over the time of a pressing, the change beside the plan. */
export function HeatChart({
  before,
  after,
  dye,
  units,
}: {
  before: Heated;
  after: Heated | null;
  /** Whether what is pressed is dye. */
  dye: boolean;
  units: UnitStyle;
}) {
  const { data, layout } = useMemo(() => {
    const shown = (c: number) => (units.temperature === '°F' ? celsiusToF(c) : c);
    const main = after ?? before;
    const quiet = { gridcolor: COLOURS.hairline, zeroline: false };
    return {
      data: linesOf(before, after).map(({ name, course, of, colour, dash, width }) => ({
        ...{ type: 'scatter' as const, mode: 'lines' as const, name, cliponaxis: false },
        ...{ x: course.map(({ s }) => s), y: course.map((at) => shown(of(at))) },
        line: { color: colour, dash: dash ?? 'solid', width: width ?? 2 },
        hovertemplate: `%{x:.0f} s: %{y:.0f} ${units.temperature}<extra>${name}</extra>`,
      })),
      layout: {
        margin: { l: 70, r: 16, t: 40, b: 50 },
        ...{ paper_bgcolor: COLOURS.paper, plot_bgcolor: COLOURS.card },
        font: { family: FONTS.text, color: COLOURS.ink, size: 13 },
        xaxis: {
          ...{ ...quiet, rangemode: 'tozero' as const },
          title: { text: 'Seconds since it was closed' },
        },
        yaxis: { ...quiet, ticksuffix: ` ${units.temperature}` },
        shapes: dye ? shadesOf(main, shown) : [],
        annotations: dye ? notesOf(main, shown) : [],
        legend: { orientation: 'h' as const, x: 0, y: 1.16, itemclick: false as const },
      },
    };
  }, [before, after, dye, units]);
  return (
    <Plot
      data={data}
      layout={layout}
      config={{ displayModeBar: false, responsive: true }}
      style={{ width: '100%', height: 320 }}
      useResizeHandler
    />
  );
}
