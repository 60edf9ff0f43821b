import { CustomChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components';
import { init, use as withParts, type ECharts } from 'echarts/core';
import type { EChartsOption } from 'echarts';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { inks, type Inks } from './inks.ts';

withParts([CustomChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, SVGRenderer]);

interface ChartProps {
  /** What it shows, in a sentence: for those who do not see it. */
  readonly label: string;
  readonly height: number;
  readonly draw: (ink: Inks, widthPx: number) => EChartsOption;
}

/** A drawing in the house's colours, light or dark, that follows the width it is given. */
export default function Chart({ label, height, draw }: ChartProps) {
  const place = useRef<HTMLDivElement>(null);
  const chart = useRef<ECharts>(undefined);
  useEffect(() => {
    const element = place.current!;
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    const paint = (): void =>
      chart.current?.setOption({ animation: false, ...draw(inks(element), element.clientWidth) }, true);
    chart.current = init(element, undefined, { renderer: 'svg' });
    paint();
    const observer = new ResizeObserver(() => {
      chart.current?.resize();
      paint();
    });
    observer.observe(element);
    dark.addEventListener('change', paint);
    return () => {
      dark.removeEventListener('change', paint);
      observer.disconnect();
      chart.current?.dispose();
    };
  }, [draw]);
  return <div ref={place} role="img" aria-label={label} style={{ height }} />;
}
