import type { EChartsOption } from 'echarts';
import { clockTime, dayWords, rules, span, type Occasion, type Pace } from '@lupin/core';
import type { Inks } from '../../shared/inks.ts';

/** How far behind the first plan the day ran, in words: for those who do not see the chart. */
export function paceWords(pace: readonly Pace[]): string {
  if (pace.length === 0) return 'Nothing was ticked.';
  const worst = pace.reduce((most, each) =>
    each.reallyMin - each.plannedMin > most.reallyMin - most.plannedMin ? each : most,
  );
  const late = Math.round(worst.reallyMin - worst.plannedMin);
  const last = pace.at(-1)!;
  const end = Math.round(last.reallyMin - last.plannedMin);
  return late <= rules.onTimeWithinMin
    ? 'The day kept to the first plan.'
    : `Furthest behind the first plan: ${span(late)}, at “${worst.title}” (${worst.dishName}). At the end ${end > 0 ? `${span(end)} behind` : 'in time'}.`;
}

const symbols = ['circle', 'diamond', 'rect', 'triangle'] as const;

/** Minutes behind the first plan (up) or before it (down), thing by thing in the order of that plan; each cook a shape, what goes by itself hollow. */
export function paceChart(occasion: Occasion, pace: readonly Pace[]): (ink: Inks, widthPx: number) => EChartsOption {
  const late = pace.map((each) => Math.round(each.reallyMin - each.plannedMin));
  const most = Math.max(15, ...late);
  const least = Math.min(-15, ...late);
  const step = most - least > 120 ? 60 : most - least > 60 ? 30 : 15;
  const cooks = occasion.kitchen.cooks;
  return (ink, widthPx) => ({
    textStyle: { fontFamily: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif", color: ink.ink },
    grid: { left: 86, right: 20, top: 12, bottom: 44 },
    xAxis: {
      type: 'category',
      data: pace.map((_, at) => String(at)),
      axisTick: { show: false },
      axisLine: { show: false },
      axisLabel: {
        color: ink['ink-soft'],
        interval: Math.max(0, Math.ceil(pace.length / Math.max(2, Math.floor(widthPx / 110))) - 1),
        formatter: (at: string) => {
          const moment = pace[Number(at)]!.plannedMin;
          return `${clockTime(occasion.serveAt, moment)}${dayWords(occasion.serveAt, moment) ? `\n${dayWords(occasion.serveAt, moment)}` : ''}`;
        },
      },
    },
    yAxis: {
      type: 'value',
      min: Math.floor(least / step) * step,
      max: Math.ceil(most / step) * step,
      interval: step,
      splitLine: { lineStyle: { color: ink.line } },
      axisLabel: {
        color: ink['ink-soft'],
        formatter: (minutes: number) =>
          minutes === 0 ? 'as planned' : minutes > 0 ? `${minutes} late` : `${-minutes} early`,
      },
    },
    series: [undefined, ...cooks.map((cook) => cook.id as string)].map((cook, at) => ({
      type: 'scatter' as const,
      silent: true,
      symbol: symbols[at % symbols.length]!,
      symbolSize: 10,
      itemStyle:
        cook === undefined
          ? { color: 'transparent', borderColor: ink['ink-soft'], borderWidth: 1.6 }
          : { color: at === 1 ? ink.violet : ink.leaf, opacity: 0.85 },
      data: pace.flatMap((each, index) => (each.cook === cook ? [[index, late[index]!]] : [])),
      ...(at === 0
        ? {
            markLine: {
              silent: true,
              symbol: 'none',
              label: { show: false },
              lineStyle: { color: ink.violet, width: 2, type: 'solid' as const },
              data: [{ yAxis: 0 }],
            },
          }
        : {}),
    })),
  });
}
