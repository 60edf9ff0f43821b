import { heatCurve, inTime, rules, type Oven, type Plan, type PlannedOven } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

interface OvenCurveProps {
  readonly plan: Plan;
  /** Which of the kitchen's ovens, and what it is. */
  readonly oven: number;
  readonly kitchenOven: Oven;
  readonly x: (moment: number) => number;
  readonly fromMin: number;
  readonly toMin: number;
  readonly top: number;
  readonly height: number;
}

const mostC = 260;

/** The oven's temperature as a line: where it is turned up, held, and let go. */
export function OvenCurve({ plan, oven, kitchenOven, x, fromMin, toMin, top, height }: OvenCurveProps) {
  const units = useUnits();
  const phases = inTime(plan.tasks).filter((task): task is PlannedOven => task.kind === 'oven' && task.oven === oven);
  const heats = phases.filter((heat) => heat.untilMin > fromMin && heat.startMin < toMin);
  const y = (celsius: number) => height - 6 - ((celsius - rules.roomC) / (mostC - rules.roomC)) * (height - 22);
  const points = heatCurve(kitchenOven, phases, fromMin, toMin).map(
    ({ atMin, celsius }) => `${x(atMin)},${y(celsius)}`,
  );
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
