import { waitsInWords, workLayout } from './workLayout.ts';
import { WorkPicture } from './WorkPicture.tsx';
import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { ReadRecipeStep, Recipe, RecipeReading, RecipesRead, StepNote } from '@lupin/core';
import { problemWords, usePutRecipeMutation, useReadRecipeMutation } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';
import { FindingList } from './FindingList.tsx';

const mostBytes = 3_000_000;

/** Recipes come in by file, by paste or by hand; what was read is shown on the text before anything is kept. */
export function ImportPanel({ taken, onKept }: { taken: readonly string[]; onKept: (ids: readonly string[]) => void }) {
  const [text, setText] = useState('');
  const [over, setOver] = useState(false);
  const [fault, setFault] = useState('');
  const [read, reading] = useReadRecipeMutation();
  const [result, setResult] = useState<RecipesRead>();
  /** Several texts are read one after the other, and shown together. */
  const take = async (...incoming: readonly string[]) => {
    setFault('');
    setText(incoming.join('\n\n'));
    setResult(undefined);
    const recipes: RecipeReading[] = [];
    const faults: string[] = [];
    for (const each of incoming) {
      if (each.length > mostBytes) faults.push('That is more than 3 million characters; bring it in in pieces.');
      else if (each.trim()) {
        const answer = await read(each)
          .unwrap()
          .catch(() => undefined);
        if (!answer) return;
        // Two files may hold recipes of one name; each keeps its own.
        for (const one of answer.recipes) {
          const id = freshId(
            one.recipe.id,
            recipes.map((other) => other.recipe.id),
          ) as Recipe['id'];
          recipes.push(id === one.recipe.id ? one : { ...one, recipe: { ...one.recipe, id } });
        }
        faults.push(...answer.faults);
      }
    }
    setResult({ recipes, faults });
  };
  // Dropped or pasted anywhere on the page, unless somebody is typing in a field.
  useEffect(() => {
    const files = async (list: FileList) => {
      await take(...(await Promise.all([...list].slice(0, 50).map((file) => file.text()))));
    };
    const onDrop = (event: DragEvent) => {
      event.preventDefault();
      setOver(false);
      if (event.dataTransfer?.files.length) void files(event.dataTransfer.files);
      else {
        const dropped = event.dataTransfer?.getData('text');
        if (dropped) void take(dropped);
      }
    };
    const onOver = (event: DragEvent) => {
      event.preventDefault();
      setOver(true);
    };
    const onLeave = (event: DragEvent) => {
      if (!event.relatedTarget) setOver(false);
    };
    const onPaste = (event: ClipboardEvent) => {
      if (event.target instanceof HTMLElement && ['INPUT', 'TEXTAREA'].includes(event.target.tagName)) return;
      const pasted = event.clipboardData?.getData('text/plain');
      if (pasted) void take(pasted);
    };
    window.addEventListener('drop', onDrop);
    window.addEventListener('dragover', onOver);
    window.addEventListener('dragleave', onLeave);
    window.addEventListener('paste', onPaste);
    return () => {
      window.removeEventListener('drop', onDrop);
      window.removeEventListener('dragover', onOver);
      window.removeEventListener('dragleave', onLeave);
      window.removeEventListener('paste', onPaste);
    };
  });
  const clear = () => {
    setText('');
    setResult(undefined);
    reading.reset();
  };
  return (
    <section aria-label="Bring recipes in" className={over ? 'import over' : 'import'}>
      <h2>Bring a recipe in</h2>
      <p className="soft small">
        Drop a file or paste anywhere on this page: a recipe in words, a saved web page, linked data, or a Lupin file.
        Or type it here.
      </p>
      <Input.TextArea
        aria-label="Text of a recipe"
        placeholder={'Name\n\nServes 4\n\nIngredients\n200 g …\n\nMethod\n…'}
        value={text}
        onChange={(event) => setText(event.target.value)}
        autoSize={{ minRows: result ? 3 : 9, maxRows: result ? 6 : 18 }}
        style={{ marginTop: 8 }}
      />
      <div className="row" style={{ marginTop: 8 }}>
        <Button type="primary" disabled={!text.trim()} loading={reading.isLoading} onClick={() => void take(text)}>
          Read it
        </Button>
        <label className="ant-btn ant-btn-default file-button">
          Choose a file
          <input
            type="file"
            multiple
            className="visually-hidden"
            aria-label="Choose a file"
            accept=".txt,.md,.html,.htm,.json,.jsonld"
            onChange={(event) => {
              const files = [...(event.target.files ?? [])];
              event.target.value = '';
              void Promise.all(files.map((file) => file.text())).then((texts) => take(...texts));
            }}
          />
        </label>
        {(text || result) && (
          <Button type="text" onClick={clear}>
            Clear
          </Button>
        )}
      </div>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      {reading.error && (
        <p className="fault" role="alert">
          {problemWords(reading.error)} Your text is still here.
        </p>
      )}
      {result?.faults.map((words) => (
        <p key={words} className="fault" role="alert">
          {words}
        </p>
      ))}
      {result && result.recipes.length > 0 && (
        <Proposals
          key={result.recipes.map((each) => each.recipe.id).join()}
          readings={result.recipes}
          taken={taken}
          onKept={(ids) => {
            clear();
            onKept(ids);
          }}
        />
      )}
    </section>
  );
}

function Proposals({
  readings,
  taken,
  onKept,
}: {
  readings: readonly RecipeReading[];
  taken: readonly string[];
  onKept: (ids: readonly string[]) => void;
}) {
  const [fixed, setFixed] = useState<ReadonlyMap<string, Recipe>>(new Map());
  const [put, keeping] = usePutRecipeMutation();
  const navigate = useNavigate();
  const keep = async (some: readonly RecipeReading[], open: boolean) => {
    const ids: string[] = [];
    const renamed = new Map<string, string>();
    for (const { recipe } of some) renamed.set(recipe.id, freshId(recipe.id, [...taken, ...renamed.values()]));
    try {
      // Components first, so that nothing is kept that names what is not there yet.
      for (const { recipe } of [...some].reverse()) {
        const mended = fixed.get(recipe.id) ?? recipe;
        const entry: Recipe = {
          ...mended,
          id: renamed.get(recipe.id) as Recipe['id'],
          lines: mended.lines.map((line) =>
            line.component && renamed.has(line.component)
              ? { ...line, component: renamed.get(line.component) as Recipe['id'] }
              : line,
          ),
        };
        await put({ baseRevision: 0, entry }).unwrap();
        ids.push(entry.id);
      }
      onKept(ids);
      if (open) await navigate(`/recipes/${ids.at(-1)}`);
    } catch {
      // Said below.
    }
  };
  return (
    <div style={{ marginTop: 14 }}>
      {keeping.error && (
        <p className="fault" role="alert">
          {problemWords(keeping.error)}
        </p>
      )}
      {readings.length > 1 && (
        <p className="row" style={{ marginBottom: 8 }}>
          <Button type="primary" loading={keeping.isLoading} onClick={() => void keep(readings, false)}>
            Keep all {readings.length}
          </Button>
        </p>
      )}
      {readings.slice(0, 40).map((reading) => {
        const recipe = fixed.get(reading.recipe.id) ?? reading.recipe;
        const open = reading.findings.filter((finding) => recipe === reading.recipe || finding.fix === undefined);
        return (
          <article key={reading.recipe.id} className="proposal">
            <div className="row" style={{ justifyContent: 'space-between' }}>
              <h3>{recipe.name}</h3>
              {readings.length === 1 && (
                <Button type="primary" loading={keeping.isLoading} onClick={() => void keep([reading], true)}>
                  Keep it and open it
                </Button>
              )}
            </div>
            <p className="soft small">
              Feeds {recipe.portions}
              {recipe.usualCourse && ` · ${recipe.usualCourse.toLowerCase()}`} · {recipe.lines.length} ingredients ·{' '}
              {recipe.steps.length} steps. A proposal: look at what is marked.
            </p>
            {reading.notes.map((note) => (
              <p key={note} className="small" style={{ color: 'var(--straw)' }}>
                {note}
              </p>
            ))}
            <ul className="read-lines">
              {reading.lines.map((line) => (
                <li key={line.id}>
                  <Marked
                    text={line.text}
                    spans={[
                      { ...line.amountSpan, kind: 'amount', means: 'the amount' },
                      ...line.foods.map((food) => ({
                        start: food.start,
                        end: food.end,
                        kind: 'food',
                        means: food.name,
                      })),
                      ...line.unknown.map((each) => ({
                        start: each.start,
                        end: each.end,
                        kind: 'unknown',
                        means: 'not understood',
                      })),
                    ]}
                  />
                  {line.doubts.length > 0 && (
                    <span className="small" style={{ color: 'var(--straw)' }}>
                      {' '}
                      {line.doubts.join(' ')}
                    </span>
                  )}
                </li>
              ))}
            </ul>
            <h4 style={{ margin: '12px 0 6px' }}>The work as Lupin understands it</h4>
            <WorkPicture recipe={reading.recipe} />
            <ol className="read-steps">
              {workLayout(reading.recipe)
                .map((cell, index) => ({ cell, step: reading.steps[index]! }))
                .map(({ cell, step }, index) => (
                  <li key={step.id}>
                    <StepText text={reading.recipe.steps[index]?.text ?? ''} step={step} />{' '}
                    <span className={step.guessed.includes('order') ? 'guess small' : 'soft small'}>
                      {waitsInWords(cell)}
                      {step.guessed.includes('order') && ' is a guess'}
                    </span>
                    {step.guessed.includes('time') && (
                      <span className="guess small">
                        {' '}
                        {reading.recipe.steps[index]?.durationMin.likely} min is a guess
                      </span>
                    )}
                  </li>
                ))}
            </ol>
            <FindingList
              findings={open}
              onFix={(mended) => setFixed((all) => new Map([...all, [reading.recipe.id, mended]]))}
            />
            {recipe !== reading.recipe && (
              <p className="small">
                Mended.{' '}
                <button
                  type="button"
                  className="bare"
                  style={{ color: 'var(--violet)' }}
                  onClick={() => setFixed((all) => new Map([...all].filter(([id]) => id !== reading.recipe.id)))}
                >
                  Take that back
                </button>
              </p>
            )}
            {reading.leftOver.length > 0 && (
              <section className="small" style={{ marginTop: 8 }}>
                <strong>Found no place</strong> (it stays in the original):
                <ul>
                  {reading.leftOver.map((each) => (
                    <li key={each.words}>
                      {each.words} <span className="soft">{each.why}</span>
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </article>
        );
      })}
    </div>
  );
}

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

function StepText({ text, step }: { text: string; step: ReadRecipeStep }) {
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
