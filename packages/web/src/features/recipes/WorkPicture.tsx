import type { Recipe } from '@lupin/core';
import { workLayout, type WorkCell } from './workLayout.ts';

const cell = { width: 160, height: 46, gapX: 10, gapY: 22 } as const;
const longestTitle = 20;
const placeOf = ({ column, row }: WorkCell) => ({
  x: row * (cell.width + cell.gapX),
  y: column * (cell.height + cell.gapY),
});

const placeWords = ({ step }: WorkCell): string => {
  if (step.oven) return step.oven.grill ? 'grill' : `oven ${step.oven.temperatureC} °C`;
  if (step.burner) return 'hob';
  if (step.cold) return step.cold;
  return step.hands === 'on' ? 'by hand' : 'by itself';
};

/** The work of a recipe as it was understood: what waits for what, and what goes side by side. The words say the same beside it. */
export function WorkPicture({ recipe }: { recipe: Recipe }) {
  const cells = workLayout(recipe);
  const size = {
    width: (Math.max(...cells.map((each) => each.row)) + 1) * (cell.width + cell.gapX) - cell.gapX + 2,
    height: (Math.max(...cells.map((each) => each.column)) + 1) * (cell.height + cell.gapY) - cell.gapY + 2,
  };
  return (
    <div
      className="work-picture"
      role="img"
      aria-label="The work of this recipe, in the order in which it hangs together; the steps below say the same"
    >
      <svg width={size.width} height={size.height} viewBox={`-1 -1 ${size.width} ${size.height}`} aria-hidden="true">
        {cells.flatMap((to) =>
          to.after.map((at) => {
            const [a, b] = [placeOf(cells[at]!), placeOf(to)];
            const from = { x: a.x + cell.width / 2, y: a.y + cell.height };
            const end = { x: b.x + cell.width / 2, y: b.y };
            const bend = end.y - cell.gapY / 2;
            return (
              <path
                key={`${at}-${to.number}`}
                className="work-line"
                d={`M ${from.x} ${from.y} V ${bend} H ${end.x} V ${end.y}`}
              />
            );
          }),
        )}
        {cells.map((each) => {
          const { x, y } = placeOf(each);
          const { step } = each;
          const title = step.title.length > longestTitle ? `${step.title.slice(0, longestTitle - 1)}…` : step.title;
          return (
            <g key={step.id} className={step.hands === 'on' ? 'work-cell' : 'work-cell is-off'}>
              <title>{step.title}</title>
              <rect x={x} y={y} width={cell.width} height={cell.height} rx={6} />
              <text x={x + 8} y={y + 19}>
                {each.number} {title}
              </text>
              <text x={x + 8} y={y + 36} className="work-where">
                {step.durationMin.likely} min · {placeWords(each)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
