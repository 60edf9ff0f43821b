import { checkRecipe, type Recipe, type RecipeFinding, type RecipeFindingCode } from '@lupin/core';
import { Button } from 'antd';
import { useOccasionView } from '../occasions/context.ts';

/** What is odd in recipes of an occasion, each with one press to put it right in the occasion's own copy. */
export function OccasionFixes({
  codes,
  recipes,
}: {
  readonly codes: readonly RecipeFindingCode[];
  /** Of these alone; absent: of all. */
  readonly recipes?: readonly Recipe[] | undefined;
}) {
  const { occasion, edit } = useOccasionView();
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const open = (recipes ?? occasion.recipes).flatMap((recipe) =>
    checkRecipe(recipe, find)
      .filter((finding) => codes.includes(finding.code) && finding.weight !== 'hint')
      .map((finding) => ({ recipe, finding })),
  );
  if (open.length === 0) return null;
  const press = (fix: RecipeFinding['fix']) =>
    fix && (
      <>
        {' '}
        <Button
          size="small"
          onClick={() =>
            edit((one) => ({
              ...one,
              recipes: one.recipes.map((each) => (each.id === fix.recipe.id ? fix.recipe : each)),
            }))
          }
        >
          {fix.label}
        </Button>
      </>
    );
  return (
    <ul className="finding-list" style={{ maxWidth: 760, marginTop: 14 }}>
      {open.map(({ recipe, finding }) => (
        <li key={recipe.id + finding.code + finding.words} className="f-odd">
          {recipes?.length !== 1 && <span className="weight">{recipe.name}</span>}
          <span>
            {finding.words}
            {press(finding.fix)}
            {press(finding.otherwise)}
          </span>
        </li>
      ))}
      <li className="soft small" style={{ border: 0 }}>
        Say it only where it is so; the library keeps its own copy of the recipe.
      </li>
    </ul>
  );
}
