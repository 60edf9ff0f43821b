import { foodOf, looseStart, measureEggs, type LineAmount } from '@lupin/core';
import { useUnits } from './units.ts';

/** An amount as a cook can measure it, the exact figure beside it, and why it does not grow in a straight line. `exact` fills a column of its own; `beside` says only what the measure does not, as large as it is read from afar. */
export function AmountText({
  scaled,
  factor,
  part = 'both',
}: {
  scaled: LineAmount;
  factor: number;
  part?: 'measure' | 'exact' | 'beside' | 'both';
}) {
  const units = useUnits();
  const { line, amount, massG, bent } = scaled;
  const food = line.food ? foodOf(line.food) : undefined;
  const measured = units.amount(amount, line.food, massG);
  // “2, about 360 g” beside a 2 says the 2 twice.
  const beside =
    measured.exact === measured.text
      ? ''
      : measured.exact.startsWith(`${measured.text}, `)
        ? measured.exact.slice(measured.text.length + 2)
        : measured.exact;
  const eggs =
    amount.kind === 'count' &&
    amount.toCount === undefined &&
    food?.pieceG !== undefined &&
    ['egg', 'egg-yolk', 'egg-white'].includes(food.id)
      ? measureEggs(
          amount.count,
          amount.eachG ?? food.pieceG,
          food.id === 'egg' ? 'egg' : food.id === 'egg-yolk' ? 'yolk' : 'white',
        )
      : undefined;
  const start = amount.kind === 'words' ? looseStart(amount.words, food, factor) : undefined;
  const off = measured.error !== undefined && Math.abs(measured.error) > 0.06 && !eggs ? measured.error : undefined;
  const straight = bent ? units.amount(bent.straight, line.food, undefined).text : undefined;
  return (
    <>
      {(part === 'measure' || part === 'both') && (
        <span className={part === 'both' ? 'measured-inline' : undefined}>
          {eggs?.text ?? (measured.text || 'as it takes')}
        </span>
      )}
      {part !== 'measure' && (
        <span
          className={part === 'beside' ? 'soft' : 'soft small'}
          style={part === 'beside' ? { fontSize: '0.75em' } : undefined}
        >
          {part === 'both' && ' '}
          {part === 'exact' ? measured.exact : beside}
          {off !== undefined && (
            <span style={{ color: 'var(--straw)' }}>
              {' '}
              ({off > 0 ? '+' : '−'}
              {Math.round(Math.abs(off) * 100)} %)
            </span>
          )}
          {eggs?.orWhole && <span> or {eggs.orWhole}</span>}
          {start && <span>{start}</span>}
          {bent && straight !== measured.text && (
            <span style={{ color: 'var(--straw)' }}>
              {' '}
              not {straight}: {bent.rule.why}
            </span>
          )}
        </span>
      )}
    </>
  );
}
