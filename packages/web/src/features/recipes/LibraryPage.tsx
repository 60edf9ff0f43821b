import { Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { checkRecipe, flatten, hazardOf, knowledgeOf, lineEvidence, type Recipe } from '@lupin/core';
import { problemWords, usePutRecipeMutation, useRecipesQuery } from '../../app/api.ts';
import { rowKeys } from '../../shared/rowKeys.ts';
import { freshId } from '../../shared/words.ts';
import { blankRecipe } from './edits.ts';
import { ImportPanel } from './ImportPanel.tsx';

const noLabels = knowledgeOf({ labels: [], ownFoods: [], date: '2000-01-01' });
const order = ['Starters', 'Mains', 'Sides', 'Desserts'];

interface Row {
  readonly recipe: Recipe;
  readonly holds: readonly string[];
  /** Foods whose label decides. */
  readonly labels: number;
  readonly byHand: number;
  readonly total: number;
  readonly dangers: number;
  readonly odd: number;
  readonly words: string;
}

function rowOf(recipe: Recipe, find: (id: string) => Recipe | undefined): Row {
  const flat = flatten(recipe, find);
  const holds = new Set(
    flat.lines
      .flatMap((line) => lineEvidence(line, noLabels))
      .flatMap(({ about, level }) =>
        about.kind === 'hazard' && level === 'contained' && hazardOf(about.hazard).kind === 'allergen'
          ? [about.hazard]
          : [],
      ),
  );
  // A group says what its members say.
  const names = [...holds]
    .filter((hazard) => ![...holds].some((other) => other !== hazard && hazardOf(other).groups.includes(hazard)))
    .map((hazard) => hazardOf(hazard).name);
  const findings = checkRecipe(recipe, find);
  return {
    recipe,
    holds: names,
    labels: flat.lines.filter((line) =>
      lineEvidence(line, noLabels).some(
        ({ level, about }) => level === 'possible' || about.kind === 'unread' || about.kind === 'unknown',
      ),
    ).length,
    byHand: flat.steps.filter((step) => step.hands === 'on').reduce((sum, step) => sum + step.durationMin.likely, 0),
    total: flat.steps.reduce((sum, step) => sum + step.durationMin.likely, 0),
    dangers: findings.filter((each) => each.weight === 'danger').length,
    odd: findings.filter((each) => each.weight === 'odd').length,
    words: `${recipe.name} ${recipe.usualCourse} ${recipe.lines.map((line) => line.text).join(' ')}`.toLowerCase(),
  };
}

const minutes = (value: number): string => (value >= 600 ? `${Math.round(value / 60)} h` : `${value} min`);

export function LibraryPage() {
  const { data, error } = useRecipesQuery();
  const [search, setSearch] = useState('');
  const [fresh, setFresh] = useState<readonly string[]>([]);
  const rows = useMemo(() => {
    const all = data?.map((each) => each.entry) ?? [];
    const find = (id: string) => all.find((each) => each.id === id);
    return all.map((recipe) => rowOf(recipe, find)).sort((a, b) => (a.recipe.name < b.recipe.name ? -1 : 1));
  }, [data]);
  const wanted = search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = rows.filter((row) =>
    wanted.every((word) =>
      word.startsWith('-') && word.length > 1 ? !row.words.includes(word.slice(1)) : row.words.includes(word),
    ),
  );
  const courses = [
    ...order,
    ...new Set(shown.map((row) => row.recipe.usualCourse).filter((course) => !order.includes(course))),
  ];
  return (
    <div className="shell">
      <header className="mast">
        <Link className="home" to="/" aria-label="All occasions">
          <img src="/lupin.svg" alt="" width={30} height={30} />
        </Link>
        <h1>Recipes</h1>
        <span className="when">{data ? `${rows.length} in the library` : ''}</span>
        <Link to="/swaps">Swaps</Link>
        <span className="grow" />
        <Input.Search
          allowClear
          aria-label="Search"
          placeholder="name or ingredient, -without"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          style={{ width: 280 }}
        />
      </header>
      <div className="split library">
        <div className="main">
          {error && (
            <p className="fault" role="alert">
              {problemWords(error)}
            </p>
          )}
          {data && rows.length === 0 && (
            <p style={{ margin: '20px 0' }}>
              The library is empty. Paste a recipe at the side, or drop a file on this page.
            </p>
          )}
          {data && rows.length > 0 && shown.length === 0 && (
            <p style={{ margin: '20px 0' }}>
              No recipe has all of “{search}”.{' '}
              <Button size="small" onClick={() => setSearch('')}>
                Show all
              </Button>
            </p>
          )}
          <table className="library-table" onKeyDown={rowKeys('a.recipe-link')}>
            {courses.map((course) => {
              const mine = shown.filter((row) => row.recipe.usualCourse === course);
              return mine.length === 0 ? null : (
                <tbody key={course}>
                  <tr>
                    <th colSpan={4} scope="rowgroup">
                      {course || 'Any course'}
                    </th>
                  </tr>
                  {mine.map((row) => (
                    <tr key={row.recipe.id} className={fresh.includes(row.recipe.id) ? 'fresh' : ''}>
                      <td>
                        <Link className="recipe-link" to={`/recipes/${row.recipe.id}`}>
                          {row.recipe.name}
                        </Link>
                        {(row.dangers > 0 || row.odd > 0) && (
                          <span
                            className="small"
                            style={{ color: row.dangers > 0 ? 'var(--clay)' : 'var(--straw)', marginLeft: 10 }}
                          >
                            {row.dangers + row.odd} to look at
                          </span>
                        )}
                      </td>
                      <td className="small soft">
                        {row.holds.length > 0 ? `holds ${row.holds.join(', ')}` : 'no declared allergen by itself'}
                        {row.labels > 0 && (
                          <>
                            <br />
                            {row.labels} {row.labels === 1 ? 'label decides' : 'labels decide'}
                          </>
                        )}
                      </td>
                      <td className="small soft num">feeds {row.recipe.portions}</td>
                      <td className="small soft num">
                        {minutes(row.byHand)} by hand
                        <br />
                        {minutes(row.total)} in all
                      </td>
                    </tr>
                  ))}
                </tbody>
              );
            })}
          </table>
          <NewRecipe taken={rows.map((row) => row.recipe.id)} />
          <p className="soft small" style={{ marginTop: 18 }}>
            What a recipe holds is told from its foods as usually made; the labels of what you buy decide.
          </p>
        </div>
        <aside aria-label="Bring recipes in">
          <ImportPanel taken={rows.map((row) => row.recipe.id)} onKept={setFresh} />
        </aside>
      </div>
    </div>
  );
}

function NewRecipe({ taken }: { taken: readonly string[] }) {
  const [name, setName] = useState('');
  const [first, setFirst] = useState('');
  const [put, { error }] = usePutRecipeMutation();
  const navigate = useNavigate();
  const submit = async () => {
    const entry = blankRecipe(freshId(name, taken), name.trim(), first.trim());
    const kept = await put({ baseRevision: 0, entry })
      .unwrap()
      .catch(() => undefined);
    if (kept) await navigate(`/recipes/${entry.id}`);
  };
  return (
    <form
      aria-label="New recipe"
      style={{ marginTop: 22 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() && first.trim()) void submit();
      }}
    >
      <h3>Write one</h3>
      <div className="row" style={{ marginTop: 6 }}>
        <Input
          aria-label="Name"
          placeholder="its name"
          style={{ width: 240 }}
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Input
          aria-label="First ingredient"
          placeholder="its first ingredient, with the amount"
          style={{ width: 280 }}
          maxLength={300}
          value={first}
          onChange={(event) => setFirst(event.target.value)}
        />
        <Button htmlType="submit" disabled={!name.trim() || !first.trim()}>
          Begin
        </Button>
      </div>
      {error && (
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      )}
    </form>
  );
}
