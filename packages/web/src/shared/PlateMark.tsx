import type { Plate } from '@lupin/core';

const radius = 13;

function arc(from: number, to: number): string {
  const point = (turn: number) =>
    `${18 + radius * Math.sin(turn * 2 * Math.PI)} ${18 - radius * Math.cos(turn * 2 * Math.PI)}`;
  return `M${point(from)} A${radius} ${radius} 0 ${to - from > 0.5 ? 1 : 0} 1 ${point(to)}`;
}

export const plateWords: Record<Plate['state'], string> = {
  full: 'full and clear',
  checks: 'full once the open checks turn out well',
  short: 'not enough in some course',
};

/** A guest's plate: one segment a course, whole when enough is clear, broken when it hangs on a check, empty when short. */
export function PlateMark({ plate, name, size = 36 }: { plate: Plate; name: string; size?: number }) {
  const courses = plate.courses.filter((course) => course.enough > 0);
  const count = Math.max(1, courses.length);
  return (
    <svg
      className="plate"
      width={size}
      height={size}
      viewBox="0 0 36 36"
      role="img"
      aria-label={`${name}'s plate: ${plateWords[plate.state]}`}
    >
      <circle cx="18" cy="18" r="17" stroke="var(--line-strong)" strokeWidth="1" style={{ fill: 'var(--card)' }} />
      {courses.map((course, index) => {
        const gap = count === 1 ? 0.001 : 0.02;
        const d = arc(index / count + gap, (index + 1) / count - gap);
        if (course.clear >= course.enough)
          return <path key={course.course} d={d} fill="none" stroke="var(--leaf)" strokeWidth="6" />;
        if (course.clear + course.hopeful >= course.enough)
          return (
            <path
              key={course.course}
              d={d}
              fill="none"
              stroke="var(--straw)"
              strokeWidth="6"
              strokeDasharray="2.4 1.7"
            />
          );
        return <path key={course.course} d={d} fill="none" stroke="var(--clay)" strokeWidth="1.6" />;
      })}
      {plate.state !== 'full' && (
        <text
          x="18"
          y="23"
          textAnchor="middle"
          fontSize="14"
          fontWeight="800"
          fill={plate.state === 'short' ? 'var(--clay)' : 'var(--straw)'}
        >
          {plate.state === 'short' ? '!' : '?'}
        </text>
      )}
    </svg>
  );
}
