import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, Select } from 'antd';
import * as v from 'valibot';
import { useState } from 'react';
import { Link } from 'react-router';
import { Dish, forOccasion, neededRecipes, RecipeId, withoutDish, type Recipe } from '@lupin/core';
import { problemWords, useRecipesQuery } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { AdvicePanel } from './AdvicePanel.tsx';
import { AskPanel } from './AskPanel.tsx';
import { BroughtForm } from './BroughtForm.tsx';
import { CoverPanel } from './CoverPanel.tsx';
import type { Spot } from './MenuPage.tsx';

/** The menu as a list: dishes in and out, from the recipe library. */
export function DishPicker({ onSpot }: { onSpot: (spot: Spot) => void }) {
  const { occasion, edit } = useOccasionView();
  const { data: library, error } = useRecipesQuery();
  const recipes = library?.map((each) => each.entry);
  const [search, setSearch] = useState('');
  const [fault, setFault] = useState('');
  const [bringing, setBringing] = useState(false);
  const [course, setCourse] = useState(occasion.courses[0]!.id as string);
  const add = (recipe: Recipe) =>
    edit((one) => {
      const home = one.courses.find((each) => each.name === recipe.usualCourse)?.id ?? course;
      const parts = forOccasion(recipe, (wanted) => recipes?.find((each) => each.id === wanted));
      // What somebody brings may go by the same id and be another thing altogether.
      const isOther = one.dishes.some((dish) => dish.recipe === recipe.id && dish.brought);
      const id = isOther
        ? v.parse(
            RecipeId,
            freshId(
              recipe.id,
              one.recipes.map((each) => each.id),
            ),
          )
        : recipe.id;
      const dish = v.parse(Dish, {
        id: freshId(
          recipe.id,
          one.dishes.map((each) => each.id),
        ),
        course: home,
        recipe: id,
        versions: [{ id: 'as-written', name: 'as written', swaps: [], guests: [] }],
      });
      const needed = parts
        .map((part) => (part.id === recipe.id ? { ...part, id } : part))
        .filter((part) => !one.recipes.some((each) => each.id === part.id));
      return { ...one, dishes: [...one.dishes, dish], recipes: [...one.recipes, ...needed] };
    });
  const remove = (id: string) => edit((one) => withoutDish(one, id));
  const move = (id: string, to: string) =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((dish) =>
        dish.id === id ? { ...dish, course: one.courses.find((each) => each.id === to)!.id } : dish,
      ),
    }));
  const wanted = search.toLowerCase().split(/\s+/).filter(Boolean);
  const all = recipes?.filter((recipe) => !occasion.dishes.some((dish) => dish.recipe === recipe.id)) ?? [];
  /** The recipe as the library has it now, with its parts, as an occasion would keep it. */
  const asInLibrary = (id: string) => {
    const recipe = recipes?.find((each) => each.id === id);
    return recipe ? forOccasion(recipe, (part) => recipes?.find((each) => each.id === part)) : [];
  };
  const isNewer = (id: string) =>
    asInLibrary(id).some((part) => {
      const mine = occasion.recipes.find((each) => each.id === part.id);
      return JSON.stringify(mine ? forOccasion(mine, () => undefined)[0] : undefined) !== JSON.stringify(part);
    });
  const takeOver = (id: string) =>
    setFault(
      edit((one) => {
        const fresh = asInLibrary(id);
        return {
          ...one,
          recipes: neededRecipes(
            [...one.recipes.filter((each) => !fresh.some((part) => part.id === each.id)), ...fresh],
            one.dishes.map((dish) => dish.recipe),
          ),
        };
      }) ?? '',
    );
  const spare = all.filter((recipe) =>
    wanted.every((word) =>
      `${recipe.name} ${recipe.usualCourse} ${recipe.lines.map((line) => line.text).join(' ')}`
        .toLowerCase()
        .includes(word),
    ),
  );
  return (
    <div className="stack">
      <h2>The menu</h2>
      <p className="soft">Press a mark in the table to see why, or a plate to see what that guest may eat.</p>
      {occasion.guests.length > 0 && <CoverPanel onSpot={onSpot} />}
      <AdvicePanel />
      <AskPanel />
      {occasion.courses.map((each) => (
        <section key={each.id}>
          <h3 style={{ color: 'var(--violet)' }}>{each.name}</h3>
          {occasion.dishes
            .filter((dish) => dish.course === each.id)
            .map((dish) => (
              <div
                className="row"
                key={dish.id}
                style={{
                  flexWrap: 'nowrap',
                  justifyContent: 'space-between',
                  borderBottom: '1px solid var(--line)',
                  padding: '2px 0',
                }}
              >
                <span>
                  {occasion.recipes.find((recipe) => recipe.id === dish.recipe)?.name}
                  {!dish.brought && isNewer(dish.recipe) && (
                    <>
                      <br />
                      <button
                        type="button"
                        className="bare small"
                        style={{ color: 'var(--violet)' }}
                        aria-label={`Take over ${occasion.recipes.find((recipe) => recipe.id === dish.recipe)?.name} as the library has it now`}
                        onClick={() => takeOver(dish.recipe)}
                      >
                        the library’s has changed: take it over
                      </button>
                    </>
                  )}
                </span>
                <span className="row" style={{ flexWrap: 'nowrap', gap: 2 }}>
                  <Select
                    size="small"
                    variant="borderless"
                    aria-label="Course"
                    value={dish.course as string}
                    options={occasion.courses.map((one) => ({ value: one.id as string, label: one.name }))}
                    onChange={(to: string) => move(dish.id, to)}
                    style={{ width: 102 }}
                  />
                  <Button
                    type="text"
                    size="small"
                    icon={<DeleteOutlined />}
                    aria-label={`Take ${dish.id} off the menu`}
                    onClick={() => remove(dish.id)}
                  />
                </span>
              </div>
            ))}
        </section>
      ))}
      {fault && (
        <p className="fault" role="alert">
          It cannot be taken over as it is: {fault}
        </p>
      )}
      {bringing ? (
        <BroughtForm onDone={() => setBringing(false)} />
      ) : (
        <div>
          <Button size="small" icon={<PlusOutlined />} onClick={() => setBringing(true)}>
            A dish that others bring
          </Button>
        </div>
      )}
      <section>
        <h3>
          From the library{' '}
          <Link to="/recipes" className="small" style={{ fontFamily: 'inherit', fontWeight: 400, marginLeft: 8 }}>
            open it, or bring recipes in
          </Link>
        </h3>
        {error && <p className="fault">{problemWords(error)}</p>}
        {all.length > 6 && (
          <Input
            size="small"
            allowClear
            aria-label="Search the library"
            placeholder="name, course or ingredient"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            style={{ margin: '4px 0' }}
          />
        )}
        {recipes && spare.length === 0 && (
          <p className="soft small">
            {all.length === 0
              ? 'Every recipe of the library is on the menu.'
              : `No other recipe has all of “${search}”.`}
          </p>
        )}
        {spare.map((recipe) => (
          <div
            className="row"
            key={recipe.id}
            style={{
              flexWrap: 'nowrap',
              justifyContent: 'space-between',
              borderBottom: '1px solid var(--line)',
              padding: '4px 0',
            }}
          >
            <span>
              {recipe.name}
              <br />
              <span className="soft small">
                {recipe.usualCourse || 'any course'} · feeds {recipe.portions}
              </span>
            </span>
            <Button
              size="small"
              icon={<PlusOutlined />}
              aria-label={`Add ${recipe.name}`}
              onClick={() => add(recipe)}
            />
          </div>
        ))}
        {spare.some((recipe) => !occasion.courses.some((one) => one.name === recipe.usualCourse)) && (
          <label className="row small" style={{ marginTop: 8 }}>
            Others go to{' '}
            <Select
              size="small"
              value={course}
              onChange={setCourse}
              options={occasion.courses.map((one) => ({ value: one.id as string, label: one.name }))}
            />
          </label>
        )}
      </section>
    </div>
  );
}
