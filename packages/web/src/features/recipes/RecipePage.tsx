import { Button, Input, InputNumber, Segmented, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { checkRecipe, readAmount, toText, type Kept, type Recipe } from '@lupin/core';
import { problemWords, useRecipesQuery, useRemoveRecipeMutation } from '../../app/api.ts';
import { unitsSwitched } from '../../app/prefs.ts';
import { useAppDispatch, useAppSelector } from '../../app/store.ts';
import { CopyButton } from '../../shared/CopyButton.tsx';
import { printText } from '../../shared/printText.ts';
import { courseOptions } from './courses.ts';
import { FindingList } from './FindingList.tsx';
import { LinesEditor } from './LinesEditor.tsx';
import { PanField } from './PanField.tsx';
import { SizePanel } from './SizePanel.tsx';
import { StepsEditor } from './StepsEditor.tsx';
import { useRecipeDraft } from './useRecipeDraft.ts';
import { WorkView } from './work/WorkView.tsx';

export function RecipePage() {
  const { id = '' } = useParams();
  const { data, error } = useRecipesQuery();
  const kept = data?.find((each) => each.entry.id === id);
  if (error)
    return (
      <main className="page">
        <h1>The library cannot be opened</h1>
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      </main>
    );
  if (!data) return <main className="page soft">Opening …</main>;
  if (!kept)
    return (
      <main className="page">
        <h1>There is no such recipe</h1>
        <p>It was taken out, or the address is wrong.</p>
        <p>
          <Link to="/recipes">All recipes</Link>
        </p>
      </main>
    );
  return <Editor key={id} kept={kept} others={data.map((each) => each.entry)} />;
}

function Editor({ kept, others }: { kept: Kept<Recipe>; others: readonly Recipe[] }) {
  const draft = useRecipeDraft(kept);
  const { recipe, change } = draft;
  const dispatch = useAppDispatch();
  const { measure } = useAppSelector((state) => state.prefs);
  const [remove, removal] = useRemoveRecipeMutation();
  const [asking, setAsking] = useState(false);
  const [nameFault, setNameFault] = useState('');
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const isWork = search.get('see') === 'work';
  const findings = useMemo(
    () => checkRecipe(recipe, (id) => (id === recipe.id ? recipe : others.find((each) => each.id === id))),
    [recipe, others],
  );
  const total = recipe.steps.reduce((sum, step) => sum + step.durationMin.likely, 0);
  const byHand = recipe.steps
    .filter((step) => step.hands === 'on')
    .reduce((sum, step) => sum + step.durationMin.likely, 0);
  return (
    <div className="shell">
      <header className="mast">
        <Link className="home" to="/" aria-label="All occasions">
          <img src="/lupin.svg" alt="" width={30} height={30} />
        </Link>
        <Link to="/recipes">Recipes</Link>
        <Segmented
          size="small"
          aria-label="See"
          value={isWork ? 'work' : 'words'}
          onChange={(see) => setSearch(see === 'work' ? { see: 'work' } : {}, { replace: true })}
          options={[
            { value: 'words', label: 'In words' },
            { value: 'work', label: 'The work as a picture' },
          ]}
        />
        <span className="grow" />
        <span className="soft small status" role="status" style={{ minWidth: 44 }}>
          {draft.saving ? 'saving' : ''}
        </span>
        <Segmented
          size="small"
          aria-label="Units"
          value={measure}
          onChange={(value) => dispatch(unitsSwitched(value === 'us' ? 'us' : 'metric'))}
          options={[
            { value: 'metric', label: 'g · °C' },
            { value: 'us', label: 'cup · °F' },
          ]}
        />
        <Button size="small" className="undo" disabled={!draft.canUndo} onClick={draft.undo}>
          Undo <kbd>Z</kbd>
        </Button>
      </header>
      {draft.trouble && (
        <div className="trouble" role="alert">
          <strong>Not saved.</strong>
          <span>{draft.trouble} What you typed is still here.</span>
          <Button size="small" onClick={draft.keepMine}>
            Keep mine
          </Button>
        </div>
      )}
      {isWork ? (
        <WorkView recipe={recipe} findings={findings} change={change} />
      ) : (
        <div className="split recipe-page">
          <div className="main">
            <Input
              key={`n-${recipe.name}`}
              className="recipe-name"
              variant="borderless"
              aria-label="Name of the recipe"
              defaultValue={recipe.name}
              maxLength={120}
              onBlur={(event) => {
                if (event.target.value !== recipe.name)
                  setNameFault(change((one) => ({ ...one, name: event.target.value })) ?? '');
              }}
            />
            {nameFault && (
              <p className="fault" role="alert">
                {nameFault} The old name is kept until then.
              </p>
            )}
            <div className="row" style={{ gap: '6px 20px', marginBottom: 6 }}>
              <label className="row">
                Feeds{' '}
                <InputNumber
                  size="small"
                  aria-label="Portions"
                  min={0.25}
                  max={500}
                  value={recipe.portions}
                  onChange={(portions) => {
                    if (portions !== null) change((one) => ({ ...one, portions }));
                  }}
                  style={{ width: 70 }}
                />
              </label>
              <label className="row">
                Makes{' '}
                <Input
                  size="small"
                  key={`m-${JSON.stringify(recipe.makes)}`}
                  aria-label="Makes"
                  placeholder="such as 12 rolls"
                  defaultValue={makesWords(recipe)}
                  maxLength={60}
                  style={{ width: 120 }}
                  onBlur={(event) => {
                    const makes = madeFrom(event.target.value);
                    if (JSON.stringify(makes) !== JSON.stringify(recipe.makes)) change((one) => ({ ...one, makes }));
                  }}
                />
              </label>
              <label className="row">
                Course{' '}
                <Select
                  size="small"
                  aria-label="Course"
                  style={{ width: 110 }}
                  value={recipe.usualCourse}
                  onChange={(usualCourse: string) => change((one) => ({ ...one, usualCourse }))}
                  options={courseOptions(recipe.usualCourse)}
                />
              </label>
              <span className="soft small">
                {byHand} min by hand, {total} min in all
              </span>
            </div>
            <Input.TextArea
              key={`a-${recipe.about}`}
              variant="borderless"
              aria-label="About it"
              placeholder="A word about it"
              defaultValue={recipe.about}
              autoSize={{ minRows: 1, maxRows: 6 }}
              maxLength={2000}
              onBlur={(event) => {
                if (event.target.value !== recipe.about) change((one) => ({ ...one, about: event.target.value }));
              }}
              style={{ padding: '2px 0', color: 'var(--ink-soft)' }}
            />
            <LinesEditor recipe={recipe} others={others} findings={findings} change={change} />
            <StepsEditor recipe={recipe} findings={findings} change={change} />
            <Afterwards recipe={recipe} change={change} />
          </div>
          <aside aria-label="About this recipe">
            <div className="stack" style={{ gap: 20 }}>
              <FindingList findings={findings} onFix={(fixed) => change(() => fixed)} />
              <SizePanel recipe={recipe} others={others} />
              <section>
                <h3>Give it away</h3>
                <div className="row" style={{ marginTop: 6, gap: 6 }}>
                  <Button size="small" onClick={() => printText(recipe.name, toText(recipe))}>
                    Print it
                  </Button>
                  <CopyButton text={toText(recipe)} label="Copy as text" />
                  <a className="small" href={`/api/recipes/${recipe.id}/json-ld`} download={`${recipe.id}.jsonld`}>
                    linked data
                  </a>
                  <a className="small" href={`/api/recipes/${recipe.id}/file`} download={`${recipe.id}.lupin.json`}>
                    Lupin file
                  </a>
                </div>
              </section>
              {recipe.original && (
                <section>
                  <h3>As it came</h3>
                  <pre className="original">{recipe.original.text}</pre>
                </section>
              )}
              <div>
                {asking ? (
                  <span className="row">
                    <Button
                      danger
                      size="small"
                      onClick={() =>
                        void remove(recipe.id)
                          .unwrap()
                          .then(
                            () => navigate('/recipes'),
                            () => undefined,
                          )
                      }
                    >
                      Take it out for good
                    </Button>
                    <Button size="small" onClick={() => setAsking(false)}>
                      Keep
                    </Button>
                  </span>
                ) : (
                  <Button type="text" size="small" onClick={() => setAsking(true)}>
                    Take it out of the library
                  </Button>
                )}
                {removal.error && (
                  <p className="fault" role="alert">
                    {problemWords(removal.error)}
                  </p>
                )}
                <p className="soft small">Occasions keep the copies they were planned with.</p>
              </div>
            </div>
          </aside>
        </div>
      )}
    </div>
  );
}

const makesWords = ({ makes }: Recipe): string => {
  switch (makes?.kind) {
    case 'mass':
      return `${makes.massG} g`;
    case 'volume':
      return `${makes.volumeMl} ml`;
    case 'count':
      return `${makes.count} ${makes.piece}`.trim();
    default:
      return '';
  }
};

function madeFrom(text: string): Recipe['makes'] {
  const { amount, end } = readAmount(text);
  if (amount.kind === 'count')
    return { ...amount, piece: [amount.piece, text.slice(end).trim()].filter(Boolean).join(' ').slice(0, 40) };
  return amount.kind === 'mass' || amount.kind === 'volume' ? amount : undefined;
}

/** How long it waits, how long it keeps, and what goes with it. */
function Afterwards({
  recipe,
  change,
}: {
  recipe: Recipe;
  change: (next: (one: Recipe) => Recipe) => string | undefined;
}) {
  return (
    <section aria-label="Afterwards" style={{ marginTop: 22 }}>
      <h2>When it is done</h2>
      <div className="row" style={{ gap: '8px 18px', marginTop: 6 }}>
        <label className="row">
          It may stand{' '}
          <InputNumber
            size="small"
            aria-label="May stand, minutes"
            min={0}
            max={4320}
            precision={0}
            value={recipe.hold.mostMin}
            onChange={(mostMin) => {
              if (mostMin !== null) change((one) => ({ ...one, hold: { ...one.hold, mostMin } }));
            }}
            style={{ width: 76 }}
          />{' '}
          min,
        </label>
        <Input
          size="small"
          key={`h-${recipe.hold.how}`}
          aria-label="How it stands"
          style={{ width: 300 }}
          maxLength={120}
          defaultValue={recipe.hold.how}
          onBlur={(event) => {
            if (event.target.value !== recipe.hold.how)
              change((one) => ({ ...one, hold: { ...one.hold, how: event.target.value } }));
          }}
        />
        {(['fridge', 'freezer'] as const).map((where) => (
          <label key={where} className="row">
            keeps{' '}
            <InputNumber
              size="small"
              aria-label={`Days in the ${where}`}
              min={1}
              max={365}
              precision={0}
              value={recipe.keeps.find((each) => each.where === where)?.days ?? null}
              onChange={(days) =>
                change((one) => ({
                  ...one,
                  keeps: [...one.keeps.filter((each) => each.where !== where), ...(days ? [{ where, days }] : [])],
                }))
              }
              style={{ width: 64 }}
            />{' '}
            days in the {where}
          </label>
        ))}
      </div>
      <PanField recipe={recipe} change={change} />
      <label className="field" style={{ marginTop: 8, maxWidth: 520 }}>
        <span>Usually served with</span>
        <Select
          mode="tags"
          size="small"
          aria-label="Usually served with"
          value={recipe.servedWith}
          onChange={(servedWith: string[]) =>
            change((one) => ({
              ...one,
              servedWith: servedWith
                .map((each) => each.trim().slice(0, 80))
                .filter(Boolean)
                .slice(0, 10),
            }))
          }
          open={false}
        />
      </label>
    </section>
  );
}
