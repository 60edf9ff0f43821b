import { Button, Input } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { linkedTo, type Recipe, type RecipeReading, type RecipesRead } from '@lupin/core';
import { problemWords, useReadRecipeMutation } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';
import { Proposals } from './Proposals.tsx';

const mostBytes = 3_000_000;

/** Recipes come in by file, by paste or by hand; what was read is shown on the text before anything is kept. */
export function ImportPanel({
  library,
  onKept,
}: {
  /** Not given while it is still on its way. */
  library: readonly Recipe[] | undefined;
  onKept: (ids: readonly string[]) => void;
}) {
  const [text, setText] = useState('');
  const [over, setOver] = useState(false);
  const [fault, setFault] = useState('');
  const [read, reading] = useReadRecipeMutation();
  const [result, setResult] = useState<RecipesRead>();
  /** With "1 batch shortcrust pastry" tied to what the library makes: nothing is shown, or kept, before the library is there. */
  const readings = useMemo(() => library && result?.recipes.map((one) => linkedTo(one, library)), [library, result]);
  const isLibraryThere = library !== undefined;
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
  // A reading takes the width of the page, and moves what stands beside it below: the eye is led there.
  const panel = useRef<HTMLElement>(null);
  useEffect(() => {
    if (result && isLibraryThere) panel.current?.scrollIntoView({ block: 'start' });
  }, [result, isLibraryThere]);
  const clear = () => {
    setText('');
    setResult(undefined);
    reading.reset();
  };
  return (
    <section ref={panel} aria-label="Bring recipes in" className={over ? 'import over' : 'import'}>
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
        rows={12}
        // Until it is read it keeps its height: a field that grows moves the button away from under a press.
        autoSize={result ? { minRows: 2, maxRows: 4 } : false}
        style={{ marginTop: 8 }}
      />
      <div className="row" style={{ marginTop: 8 }}>
        <Button
          type="primary"
          disabled={!text.trim()}
          loading={reading.isLoading || (result && !library)}
          onClick={() => void take(text)}
        >
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
      {library && readings && readings.length > 0 && (
        <Proposals
          key={readings.map((each) => each.recipe.id).join()}
          readings={readings}
          library={library}
          onKept={(ids) => {
            clear();
            onKept(ids);
          }}
        />
      )}
    </section>
  );
}
