import { Select } from 'antd';
import * as v from 'valibot';
import { Dish, SharedMedium } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';

const media = ['frying oil', 'cooking water', 'steamer', 'grill'] as const;

/** Oil, water or a grill that this dish shares with others: what one leaves in it the others pick up. */
export function SharedMediumField({ dishId }: { dishId: string }) {
  const { occasion, edit } = useOccasionView();
  const dish = occasion.dishes.find((each) => each.id === dishId)!;
  const name = (recipe: string) => occasion.recipes.find((each) => each.id === recipe)?.name ?? recipe;
  const options = media.map((medium) => ({
    label: medium,
    options: occasion.dishes
      .filter((other) => other.id !== dishId)
      .map((other) => ({ value: `${medium}/${other.id}`, label: `${medium} with ${name(other.recipe)}` })),
  }));
  const value = dish.shares.flatMap(({ medium, with: others }) => others.map((other) => `${medium}/${other}`));
  const change = (chosen: string[]) =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((each) => {
        if (each.id !== dishId) return each;
        const shares = media.flatMap((medium) => {
          const others = chosen
            .filter((key) => key.startsWith(`${medium}/`))
            .map((key) => key.slice(medium.length + 1));
          return others.length > 0 ? [v.parse(SharedMedium, { medium, with: others })] : [];
        });
        return v.parse(Dish, { ...each, shares });
      }),
    }));
  if (occasion.dishes.length < 2) return null;
  return (
    <div className="field" style={{ margin: '12px 0 4px' }}>
      <span>Shares oil, water or grill with</span>
      <Select
        mode="multiple"
        aria-label="Shares oil, water or grill with"
        value={value}
        options={options}
        optionFilterProp="label"
        onChange={change}
        placeholder="nothing"
      />
    </div>
  );
}
