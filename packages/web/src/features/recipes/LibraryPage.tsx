import { Button, Checkbox, Input, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import * as v from 'valibot';
import { Guest } from '@lupin/core';
import { problemWords, usePutRecipeMutation, useRecipesQuery } from '../../app/api.ts';
import { rowKeys } from '../../shared/rowKeys.ts';
import { freshId } from '../../shared/words.ts';
import { blankRecipe } from './edits.ts';
import { needChoices, needFrom, strictnessOfChoice } from '../guests/needChoices.ts';
import { ImportPanel } from './ImportPanel.tsx';
import { rowOf, wantedOf } from './libraryRows.ts';

const order = ['Starters', 'Mains', 'Sides', 'Desserts'];

/** Somebody with these needs, as a host means them who only picks them; nobody where nothing is picked. */
const guestOf = (needs: readonly string[]): Guest | undefined =>
  needs.length === 0
    ? undefined
    : v.parse(Guest, {
        id: 'wanted',
        name: 'Whoever eats it',
        needs: needs.map((need, at) => needFrom(need, strictnessOfChoice(need), `n${at}`)),
      });

/** What a whole dish can be looked for: diets, ways of eating and allergens; single foods are searched by their name. */
const forWhom = needChoices
  .slice(0, 3)
  .map((group) => ({ label: group.label, options: group.options.map(({ value, label }) => ({ value, label })) }));

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
  // Where it cannot be had, what is read is shown all the same, tied to nothing.
  const library = useMemo(() => (data || error ? rows.map(({ recipe }) => recipe) : undefined), [data, error, rows]);
  const [needs, setNeeds] = useState<readonly string[]>([]);
  const [mostByHandMin, setMostByHand] = useState<number>();
  const [isAhead, setAhead] = useState(false);
  const guest = useMemo(() => guestOf(needs), [needs]);
  const shown = wantedOf(rows, { search, guest, mostByHandMin, isAhead });
  const showAll = () => {
    setSearch('');
    setNeeds([]);
    setMostByHand(undefined);
    setAhead(false);
  };
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
          {data && rows.length > 0 && (
            <div className="row library-filters" role="group" aria-label="Which recipes">
              <Select
                mode="multiple"
                allowClear
                aria-label="For whom"
                placeholder="for somebody who is, or avoids …"
                style={{ minWidth: 280, flex: '1 1 280px' }}
                value={[...needs]}
                onChange={setNeeds}
                options={forWhom}
                optionFilterProp="label"
              />
              <Select
                allowClear
                aria-label="Time by hand"
                placeholder="time by hand"
                style={{ width: 170 }}
                value={mostByHandMin}
                onChange={setMostByHand}
                options={[15, 30, 60].map((value) => ({ value, label: `up to ${value} min by hand` }))}
              />
              <Checkbox checked={isAhead} onChange={(event) => setAhead(event.target.checked)}>
                made the day before
              </Checkbox>
              <span className="soft small" role="status">
                {shown.length === rows.length ? '' : `${shown.length} of ${rows.length}`}
              </span>
            </div>
          )}
          {data && rows.length > 0 && shown.length === 0 && (
            <p style={{ margin: '20px 0' }}>
              No recipe is all of that as it is written.{' '}
              <Button size="small" onClick={showAll}>
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
                        {row.verdict === 'check' && (
                          <span style={{ color: 'var(--straw)' }}>
                            to check first
                            <br />
                          </span>
                        )}
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
          <ImportPanel library={library} onKept={setFresh} />
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
