import type { EChartsOption } from 'echarts';
import { rules, type DishChance } from '@lupin/core';
import type { Inks } from '../../shared/inks.ts';

export interface SureRow {
  readonly name: string;
  readonly chance: DishChance;
}

/** "58 in 100"; never more certain than a count of days can be. */
export function inHundred(share: number): string {
  if (share >= 0.995) return share === 1 ? '100 in 100' : 'over 99 in 100';
  if (share < 0.005) return share === 0 ? '0 in 100' : 'under 1 in 100';
  return `${Math.round(share * 100)} in 100`;
}

/** Under nine days in ten it asks for a look, under seven it wants mending. */
export const sureness = (share: number): 'leaf' | 'straw' | 'clay' =>
  share >= 0.9 ? 'leaf' : share >= 0.7 ? 'straw' : 'clay';

const rowHeightPx = 36;
export const chartHeightPx = (rows: number): number => rows * rowHeightPx + 44;

/** Each dish as the span from its best to its worst tenth of days, in minutes after its time; the dot is the middle day. */
export function sureChart(rows: readonly SureRow[]): (ink: Inks, widthPx: number) => EChartsOption {
  const least = Math.min(-15, ...rows.map(({ chance }) => chance.late.tenthMin));
  const most = Math.max(15, ...rows.map(({ chance }) => chance.late.nineTenthsMin));
  return (ink, widthPx) => {
    // On a phone the names stand in a narrower column, and fewer minutes are written.
    const isNarrow = widthPx < 520;
    const names = isNarrow ? 112 : 205;
    const gap = isNarrow || most - least > 60 ? 30 : 10;
    const to = (minutes: number, round: (value: number) => number) => round(minutes / gap) * gap;
    return {
      textStyle: { fontFamily: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif", color: ink.ink },
      grid: { left: names + 13, right: isNarrow ? 84 : 124, top: 8, bottom: 36 },
      xAxis: {
        type: 'value',
        min: to(least, Math.floor),
        max: to(most, Math.ceil),
        interval: gap,
        axisLabel: {
          color: ink['ink-soft'],
          formatter: (minutes: number) =>
            minutes === 0 ? 'its time' : minutes < 0 ? `${-minutes} early` : `${minutes} late`,
        },
        splitLine: { lineStyle: { color: ink.line } },
      },
      yAxis: {
        type: 'category',
        inverse: true,
        data: rows.map((row) => row.name),
        axisTick: { show: false },
        axisLine: { show: false },
        axisLabel: {
          interval: 0,
          color: ink.ink,
          fontSize: isNarrow ? 12 : 13.5,
          lineHeight: isNarrow ? 12 : 15,
          width: names,
          overflow: isNarrow ? 'truncate' : 'break',
        },
      },
      series: [
        {
          type: 'custom',
          silent: true,
          data: rows.map(({ chance }, at) => [chance.late.tenthMin, chance.late.nineTenthsMin, at, chance.onTime]),
          encode: { x: [0, 1], y: 2 },
          renderItem: (_, api) => {
            const [from, to, row, onTime] = [0, 1, 2, 3].map((dimension) => Number(api.value(dimension))) as [
              number,
              number,
              number,
              number,
            ];
            const [left, y] = api.coord([from, row]) as [number, number];
            const [right] = api.coord([to, row]) as [number, number];
            const colour = sureness(onTime);
            return {
              type: 'rect',
              shape: { x: left, y: y - 7, width: Math.max(3, right - left), height: 14, r: 4 },
              style: { fill: ink[`${colour}-soft`], stroke: ink[colour], lineWidth: 1.5 },
            };
          },
          markLine: {
            silent: true,
            symbol: 'none',
            label: { show: false },
            lineStyle: { color: ink.violet, width: 3, type: 'solid' },
            data: [{ xAxis: 0 }],
          },
          markArea: {
            silent: true,
            itemStyle: { color: ink['leaf-soft'], opacity: 0.55 },
            data: [[{ xAxis: 0 }, { xAxis: rules.onTimeWithinMin }]],
          },
        },
        {
          type: 'scatter',
          silent: true,
          symbolSize: 9,
          itemStyle: { color: ink.ink },
          data: rows.map(({ chance }, at) => [chance.late.middleMin, at]),
        },
        {
          type: 'scatter',
          silent: true,
          symbolSize: 0,
          data: rows.map((_, at) => [to(most, Math.ceil), at]),
          label: {
            show: true,
            position: 'right',
            distance: isNarrow ? 6 : 10,
            color: ink.ink,
            fontSize: isNarrow ? 12 : 14,
            fontWeight: 'bold',
            formatter: ({ dataIndex }) => inHundred(rows[dataIndex]!.chance.onTime),
          },
        },
      ],
    };
  };
}
