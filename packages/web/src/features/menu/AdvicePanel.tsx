import { Button, Checkbox, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import {
  adviseMenu,
  foodOf,
  listed,
  openChecks,
  fit,
  scale,
  shoppingList,
  type MenuAdvice,
  type Occasion,
  type Policy,
} from '@lupin/core';
import { useRecipesQuery, useSwapsQuery } from '../../app/api.ts';
import { guestNames } from './guestNames.ts';
import { useOccasionView } from '../occasions/context.ts';

const policyWords: Readonly<Record<Policy, string>> = {
  'one-menu': 'one menu for all',
  'split-where-it-matters': 'split where it matters',
  'separate-plates': 'separate plates',
};

const policyShort: Readonly<Record<Policy, string>> = {
  'one-menu': 'one for all',
  'split-where-it-matters': 'split',
  'separate-plates': 'own plates',
};

/** All dishes as their recipes have them, nobody left out: where advice can begin from nothing. */
const asWritten = (one: Occasion): Occasion => ({
  ...one,
  dishes: one.dishes.map((dish) =>
    dish.brought
      ? dish
      : { ...dish, notFor: [], versions: [{ ...dish.versions[0]!, name: 'as written', swaps: [], guests: [] }] },
  ),
});

/** Ways to make the menu do for everybody, side by side; each is taken with one press and undone with one key. */
export function AdvicePanel() {
  const { occasion, edit } = useOccasionView();
  const { data: library } = useRecipesQuery();
  const { data: swaps } = useSwapsQuery();
  const [policy, setPolicy] = useState<Policy>('split-where-it-matters');
  const [fromNothing, setFromNothing] = useState(false);
  const answers = useMemo(
    () =>
      occasion.guests.length === 0 || occasion.dishes.length === 0
        ? []
        : adviseMenu(fromNothing ? asWritten(occasion) : occasion, {
            policy,
            library: library?.map((each) => each.entry) ?? [],
            own: swaps?.map((each) => each.entry) ?? [],
          }),
    [occasion, policy, fromNothing, library, swaps],
  );
  if (answers.length === 0) return null;
  const idle = answers.every((answer) => answer.changes.length === 0);
  return (
    <section aria-label="Advice for the menu">
      <h3>So that it does for everybody</h3>
      <Segmented
        size="small"
        aria-label="Policy"
        value={policy}
        onChange={(value) => setPolicy(value as Policy)}
        options={Object.entries(policyShort).map(([value, label]) => ({ value, label }))}
        style={{ margin: '6px 0' }}
      />
      <div>
        <Checkbox checked={fromNothing} onChange={(event) => setFromNothing(event.target.checked)}>
          begin from the recipes as written
        </Checkbox>
      </div>
      {idle && (
        <p className="small" style={{ marginTop: 6 }}>
          {idleWords(answers[0]!)}
        </p>
      )}
      {!idle &&
        answers.map((answer) => (
          <Answer
            key={answer.policy}
            answer={answer}
            onTake={() => edit((one) => ({ ...one, dishes: answer.after.dishes, recipes: answer.after.recipes }))}
          />
        ))}
      {answers[0]!.unsure.length > 0 && (
        <p className="small" style={{ color: 'var(--straw)' }}>
          Enough for {guestNames(occasion, [...new Set(answers[0]!.unsure.map(({ guest }) => guest))])} only once labels
          are read and questions answered.
        </p>
      )}
      {answers[0]!.gaps.length > 0 && (
        <p className="small" style={{ color: 'var(--clay)' }}>
          Still too little for{' '}
          {listed([
            ...new Set(answers[0]!.gaps.map((gap) => occasion.guests.find((guest) => guest.id === gap.guest)!.name)),
          ])}
          .
        </p>
      )}
    </section>
  );
}

const idleWords = ({ gaps, unsure }: MenuAdvice): string => {
  if (gaps.length > 0) return 'No swap, split or dish of the library is known that would help.';
  return unsure.length === 0
    ? 'Nothing needs changing: everybody can have enough in every course.'
    : 'Nothing needs changing, if what is open turns out well.';
};

function Answer({ answer, onTake }: { answer: MenuAdvice; onTake: () => void }) {
  const { occasion } = useOccasionView();
  const { cost, changes, after } = answer;
  const hasPrices = occasion.shopping.packs.some((pack) => pack.price !== undefined);
  const price = useMemo(() => {
    if (!hasPrices) return undefined;
    const table = fit(after);
    return shoppingList(after, scale(after, table), openChecks(after, table)).cost;
  }, [after, hasPrices]);
  const batches =
    cost.extraBatches === 0
      ? 'no more batches'
      : cost.extraBatches > 0
        ? `${cost.extraBatches} more ${cost.extraBatches === 1 ? 'batch' : 'batches'}`
        : `${-cost.extraBatches} fewer ${cost.extraBatches === -1 ? 'batch' : 'batches'}`;
  return (
    <div className="offer" aria-label={policyWords[answer.policy]} role="group">
      <h4>{policyWords[answer.policy]}</h4>
      {changes.length === 0 ? (
        <p className="small">Leave it as it is.</p>
      ) : (
        <ul className="advice-changes">
          {changes.map((change) => (
            <li key={change.words}>{change.words}</li>
          ))}
        </ul>
      )}
      <p className="small soft">
        {batches}
        {cost.extraWashes > 0 && `, ${cost.extraWashes} more ${cost.extraWashes === 1 ? 'wash' : 'washes'} at least`}
        {cost.oddFoods.length > 0 &&
          `; buys besides: ${listed(cost.oddFoods.slice(0, 8).map((food) => foodOf(food)?.name ?? food))}${cost.oddFoods.length > 8 ? ' …' : ''}`}
        {cost.changedPlates > 0 && `; ${cost.changedPlates} plates taste a little different`}
        {price &&
          `; shopping ${price.known.toFixed(2)}${price.without > 0 ? ` and ${price.without} unpriced` : ''}`}.{' '}
        {answer.exact
          ? 'No better answer is known.'
          : `May be off by up to ${Math.round(((answer.weight - answer.bound) / Math.max(answer.weight, 1)) * 100)} %.`}
      </p>
      {changes.length > 0 && (
        <p style={{ marginTop: 6 }}>
          <Button size="small" type="primary" onClick={onTake}>
            Do it like this
          </Button>{' '}
          <span className="soft small">undo with Z</span>
        </p>
      )}
    </div>
  );
}
