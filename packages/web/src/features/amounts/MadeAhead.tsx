import { Checkbox } from 'antd';
import { canBeHeatedAgain, recipeOf, rules, span, type Dish } from '@lupin/core';
import { useUnits, type Units } from '../../shared/units.ts';
import { useOccasionView } from '../occasions/context.ts';

/** The wish that a dish is made ahead and heated through again, where it can be, or where it once could. */
export function MadeAhead({ dish, onChange }: { dish: Dish; onChange: (part: Partial<Dish>) => void }) {
  const { occasion } = useOccasionView();
  const units = useUnits();
  const { ahead, ...onTheDay } = dish;
  const can = !dish.brought && canBeHeatedAgain(recipeOf(occasion, onTheDay));
  if (!can && !ahead) return null;
  return (
    <section aria-label="Made ahead" style={{ marginTop: 14 }}>
      <Checkbox checked={ahead === true} onChange={(event) => onChange({ ahead: event.target.checked || undefined })}>
        Make it ahead, and heat it through again
      </Checkbox>
      <p className="soft small" style={{ margin: '2px 0 0 24px', maxWidth: '64ch' }}>
        {wordsOf(can, ahead === true, units)}
      </p>
    </section>
  );
}

function wordsOf(can: boolean, isWished: boolean, units: Units): string {
  if (!can) return 'As its recipe is now, it cannot be: the wish does nothing.';
  if (!isWished) return 'As it is, it comes from the heat shortly before it is served.';
  return `It is cooked ${span(rules.chillsLeastMin)} before at the latest, or on a day before, cools and stands in the fridge; the timetable has its second heat, to ${units.degrees(rules.reheatC)} in the middle. What was crisp will not be.`;
}
