import type { Plan } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

interface OvenCurveProps {
  readonly plan: Plan;
  /** Which of the kitchen's ovens. */
  readonly oven: number;
  readonly x: (moment: number) => number;
  readonly fromMin: number;
  readonly toMin: number;
  readonly top: number;
  readonly height: number;
}

const roomC = 20;
const mostC = 260;

/** The oven's temperature as a line: where it is turned up, held, and let go. */
export function OvenCurve({ plan, oven, x, fromMin, toMin, top, height }: OvenCurveProps) {
  const units = useUnits();
  const heats = plan.tasks
    .filter((task) => task.kind === 'oven')
    .filter((heat) => heat.oven === oven && heat.untilMin > fromMin && heat.startMin < toMin);
  const y = (celsius: number) => height - 6 - ((celsius - roomC) / (mostC - roomC)) * (height - 22);
  let at = roomC;
  const points: string[] = [`${x(fromMin)},${y(roomC)}`];
  heats.forEach((heat, index) => {
    const before = heats[index - 1];
    if (before && heat.startMin - before.untilMin > 90) {
      points.push(`${x(before.untilMin + 40)},${y(roomC)}`);
      at = roomC;
    }
    points.push(
      `${x(heat.startMin)},${y(at)}`,
      `${x(heat.endMin)},${y(heat.temperatureC)}`,
      `${x(heat.untilMin)},${y(heat.temperatureC)}`,
    );
    at = heat.temperatureC;
  });
  const last = heats.at(-1);
  if (last) points.push(`${x(Math.min(toMin, last.untilMin + 40))},${y(roomC)}`);
  // Heats close to each other at nearly one temperature need but one number.
  const labelled = heats.filter((heat, index) => {
    const before = heats[index - 1];
    return !before || before.temperatureC !== heat.temperatureC || x(heat.startMin) - x(before.endMin) > 160;
  });
  return (
    <svg style={{ position: 'absolute', left: 0, top }} width={x(toMin) + 20} height={height} aria-hidden>
      <polyline
        points={points.join(' ')}
        fill="var(--clay-soft)"
        fillOpacity="0.6"
        stroke="var(--clay)"
        strokeWidth="2"
      />
      {labelled.map((heat) => (
        <text
          key={heat.id}
          x={x(heat.endMin) + 3}
          y={y(heat.temperatureC) - 5}
          fontSize="12.5"
          fontWeight="650"
          fill="var(--clay)"
        >
          {units.degrees(heat.temperatureC)}
        </text>
      ))}
    </svg>
  );
}
