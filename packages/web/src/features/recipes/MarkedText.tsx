import type { ReadRecipeLine, ReadRecipeStep, StepNote } from '@lupin/core';

interface Marking {
  readonly start: number;
  readonly end: number;
  readonly kind: string;
  readonly means: string;
}

const stepKinds: Readonly<Record<StepNote['what'], string>> = {
  time: 'amount',
  heat: 'amount',
  core: 'amount',
  kit: 'kit',
  look: 'amount',
  sign: 'sign',
  uses: 'food',
  cover: 'kit',
  door: 'kit',
  split: 'sign',
  alternative: 'sign',
  keeps: 'sign',
  'not understood': 'unknown',
};

export function StepText({ text, step }: { text: string; step: ReadRecipeStep }) {
  return (
    <Marked
      text={text}
      spans={step.notes.map((note) => ({
        start: note.start,
        end: note.end,
        kind: stepKinds[note.what],
        means: `${note.what}: ${note.means}`,
      }))}
    />
  );
}

/** Text with what was read in it marked; of overlapping marks the earlier and longer stands. Always text, never HTML. */
function Marked({ text, spans }: { text: string; spans: readonly Marking[] }) {
  const sorted = [...spans].filter((span) => span.end > span.start).sort((a, b) => a.start - b.start || b.end - a.end);
  const pieces: React.ReactNode[] = [];
  let at = 0;
  for (const span of sorted) {
    if (span.start < at || span.end > text.length) continue;
    pieces.push(
      text.slice(at, span.start),
      <mark key={span.start} className={`r-${span.kind}`} title={span.means}>
        {text.slice(span.start, span.end)}
      </mark>,
    );
    at = span.end;
  }
  return (
    <>
      {pieces}
      {text.slice(at)}
    </>
  );
}

/** An ingredient line with its amount and foods marked, and what was not understood. */
export function LineText({ line }: { line: ReadRecipeLine }) {
  return (
    <Marked
      text={line.text}
      spans={[
        { ...line.amountSpan, kind: 'amount', means: 'the amount' },
        ...line.foods.map(({ start, end, name }) => ({ start, end, kind: 'food', means: name })),
        ...line.unknown.map(({ start, end }) => ({ start, end, kind: 'unknown', means: 'not understood' })),
      ]}
    />
  );
}
