import { AutoComplete, Button, Input } from 'antd';
import { useState } from 'react';
import { foods, sourceOfLine, type DishId, type FoodId, type LineId } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';
import { OwnFoodForm } from './OwnFoodForm.tsx';

/** Every name a catalogue food goes by, and the food. */
const byName = new Map(
  foods
    .flatMap((food) =>
      [food.name, food.plural, food.us, ...food.aka].flatMap((name) =>
        name ? [[name.toLowerCase(), food] as const] : [],
      ),
    )
    .reverse(),
);
const options = foods.map((food) => ({
  value: food.name,
  also: [food.plural, food.us, ...food.aka].filter(Boolean).join(' ').toLowerCase(),
}));

/** Says which food a line of a recipe means, from the catalogue or of one's own. */
export function LineForm({
  dish,
  line,
  words,
  onDone,
}: {
  dish: DishId;
  line: LineId;
  words: string;
  onDone: () => void;
}) {
  const { occasion, edit } = useOccasionView();
  const [text, setText] = useState('');
  const [adding, setAdding] = useState(false);
  const [fault, setFault] = useState('');
  const recipe = occasion.dishes.find((each) => each.id === dish)?.recipe;
  const mean = (food: FoodId) => {
    const source = recipe && sourceOfLine(occasion.recipes, recipe, line);
    if (!source) return setFault('The line came in with a swap: choose another swap instead.');
    const refused = edit((one) => ({
      ...one,
      recipes: one.recipes.map((each) =>
        each.id === source.recipe
          ? { ...each, lines: each.lines.map((one2) => (one2.id === source.line ? { ...one2, food } : one2)) }
          : each,
      ),
    }));
    if (refused === undefined) onDone();
    else setFault(refused);
  };
  const choose = (name: string) => {
    const food =
      byName.get(name.trim().toLowerCase()) ??
      occasion.ownFoods.find((own) => own.name.toLowerCase() === name.trim().toLowerCase());
    if (food) mean(food.id);
    else setFault(`“${name}” is not in the catalogue. Choose another name for it, or add it as a food of your own.`);
  };
  if (adding) return <OwnFoodForm name={words} onCancel={() => setAdding(false)} onKept={mean} />;
  return (
    <div className="offer">
      <h4>What is “{words}”?</h4>
      <p className="small soft" style={{ marginBottom: 6 }}>
        As long as nobody says, it is a question for everybody who avoids anything.
      </p>
      <AutoComplete
        aria-label="Food"
        style={{ width: '100%' }}
        value={text}
        onChange={(value) => {
          setText(value);
          setFault('');
        }}
        onSelect={choose}
        options={[...occasion.ownFoods.map((own) => ({ value: own.name, also: '' })), ...options]}
        showSearch={{
          filterOption: (input, option) =>
            input.trim().length > 1 &&
            (option!.value.toLowerCase().includes(input.trim().toLowerCase()) ||
              option!.also.includes(input.trim().toLowerCase())),
        }}
      >
        <Input
          placeholder="its name in the catalogue"
          onPressEnter={(event) => choose(event.currentTarget.value)}
          maxLength={120}
        />
      </AutoComplete>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <Button type="primary" disabled={!text.trim()} onClick={() => choose(text)}>
          It is that
        </Button>
        <Button onClick={() => setAdding(true)}>A food of my own</Button>
        <Button type="text" onClick={onDone}>
          Cancel
        </Button>
      </div>
    </div>
  );
}
