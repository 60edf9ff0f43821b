import { memo, type CSSProperties } from 'react';
import { hazardOf, markWords, type ResidueMark } from '@lupin/core';
import type { PlainAudit } from '../../planner/slice.ts';
import { labelWidth, placeOf, type Scale } from './layout.ts';

interface ResidueProps {
  readonly name: string;
  readonly states: PlainAudit['surfaces'][string];
  readonly scale: Scale;
  readonly minded: ReadonlySet<ResidueMark>;
  /** When it comes clean from a wash. */
  readonly washes: readonly number[];
}

/** What is on a piece of kit, as it changes. */
export const Residue = memo(function Residue({ name, ...strip }: ResidueProps) {
  return (
    <div className="tt-lane" style={{ height: 26 }}>
      <div className="tt-name small" style={{ paddingTop: 3 }}>
        {name}
      </div>
      <ResidueStrip {...strip} />
    </div>
  );
});

export const ResidueStrip = memo(function ResidueStrip({
  states,
  scale,
  minded,
  washes,
  top = 3,
}: Omit<ResidueProps, 'name'> & { readonly top?: number }) {
  const { fromMin, toMin } = scale;
  const x = (moment: number) => placeOf(scale, moment);
  const segments: { start: number; end: number; words: string; background: CSSProperties['background'] }[] = [];
  states.forEach((state, index) => {
    const end = Math.min(states[index + 1]?.fromMin ?? toMin, toMin);
    const start = Math.max(state.fromMin, fromMin);
    if (end <= start) return;
    const raw = state.marks.filter((mark) => mark !== 'unread' && hazardOf(mark).washAlways);
    const bad = state.marks.filter((mark) => minded.has(mark));
    const words = [...raw, ...bad].map(markWords).join(', ') || (state.marks.length === 0 ? 'clean' : '');
    const background =
      raw.length > 0
        ? 'var(--clay-soft)'
        : bad.length > 0
          ? 'var(--straw-soft)'
          : state.marks.length > 0
            ? 'var(--shade)'
            : 'var(--leaf-soft)';
    const last = segments.at(-1);
    if (last && last.end === start && last.words === words && last.background === background) last.end = end;
    else segments.push({ start, end, words, background });
  });
  return (
    <>
      {segments.map(({ start, end, words, background }) => (
        <div
          key={start}
          className="tt-res"
          style={{ left: x(start), width: x(end) - x(start), top, background }}
          title={words}
        >
          {labelWidth(words) - 8 <= x(end) - x(start) ? words : ''}
        </div>
      ))}
      {washes.map((at) => (
        <i key={at} className="tt-wash-line" style={{ left: x(at) - 2 }} />
      ))}
    </>
  );
});
