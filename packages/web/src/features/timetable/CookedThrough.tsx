import { Button } from 'antd';
import { checkRecipe } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';

/** Recipes of the menu that do not say that what is raw in them gets hot enough, each with one press to say so. */
export function CookedThrough() {
  const { occasion, edit } = useOccasionView();
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const open = occasion.recipes.flatMap((recipe) =>
    checkRecipe(recipe, find)
      .filter((each) => each.code === 'poultry-core' || each.code === 'raw-core')
      .map((finding) => ({ recipe, finding })),
  );
  if (open.length === 0) return null;
  return (
    <ul className="finding-list" style={{ maxWidth: 760, marginTop: 14 }}>
      {open.map(({ recipe, finding }) => (
        <li key={recipe.id + finding.code} className="f-odd">
          <span className="weight">{recipe.name}</span>
          <span>
            {finding.words}{' '}
            {finding.fix && (
              <Button
                size="small"
                onClick={() =>
                  edit((one) => ({
                    ...one,
                    recipes: one.recipes.map((each) => (each.id === recipe.id ? finding.fix!.recipe : each)),
                  }))
                }
              >
                {finding.fix.label}
              </Button>
            )}
          </span>
        </li>
      ))}
      <li className="soft small" style={{ border: 0 }}>
        Say it only where it is so; the library keeps its own copy of the recipe.
      </li>
    </ul>
  );
}
