import { Checkbox } from 'antd';
import { canBeHeatedAgain, recipeOf, type Dish } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';

/** The wish that a dish is made ahead and heated through again, where it can be. */
export function MadeAhead({ dish, onChange }: { dish: Dish; onChange: (part: Partial<Dish>) => void }) {
  const { occasion } = useOccasionView();
  const { ahead, ...onTheDay } = dish;
  if (dish.brought || !canBeHeatedAgain(recipeOf(occasion, onTheDay))) return null;
  return (
    <section aria-label="Made ahead" style={{ marginTop: 14 }}>
      <Checkbox checked={ahead === true} onChange={(event) => onChange({ ahead: event.target.checked || undefined })}>
        Make it ahead, and heat it through again
      </Checkbox>
      <p className="soft small" style={{ margin: '2px 0 0 24px', maxWidth: '64ch' }}>
        {ahead
          ? 'It is cooked at least three hours before, or on a day before, cools and stands in the fridge; the timetable has its second heat, to 74 °C in the middle. What was crisp will not be.'
          : 'As it is, it comes from the heat shortly before it is served.'}
      </p>
    </section>
  );
}
