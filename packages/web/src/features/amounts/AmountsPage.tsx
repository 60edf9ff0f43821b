import { Button, InputNumber, Segmented } from 'antd';
import { useMemo, useState } from 'react';
import {
  bakesIn,
  flatten,
  foodOf,
  inLoads,
  isTooMuch,
  loadsOf,
  leftOutOf,
  leftOutWay,
  listed,
  panChoices,
  recipeOf,
  scale,
  takingStep,
  timesIn,
  usualShare,
  vesselNeed,
  type Dish,
  type IngredientLine,
  type Kitchen,
  type Recipe,
  type ScaledVersion,
  type Step,
  type StepId,
  type VesselNeed,
} from '@lupin/core';
import { AmountText } from '../../shared/AmountText.tsx';
import { useUnits } from '../../shared/units.ts';
import { useOccasionView } from '../occasions/context.ts';
import { MadeAhead } from './MadeAhead.tsx';
import { TakenField } from './TakenField.tsx';

const round1 = (value: number) => Math.round(value * 10) / 10;

export function AmountsPage() {
  const { occasion, table } = useOccasionView();
  const scaled = useMemo(() => scale(occasion, table), [occasion, table]);
  const [selected, setSelected] = useState('');
  const keyOf = (each: ScaledVersion) => `${each.dish}/${each.version}`;
  const current = scaled.find((each) => keyOf(each) === selected) ?? scaled[0];
  if (!current)
    return (
      <main className="page">
        <h2>Nothing to measure yet</h2>
        <p className="soft">Amounts follow from who eats which dish: put guests and dishes in first.</p>
      </main>
    );
  const nameOf = (each: ScaledVersion) =>
    versionName(
      occasion.dishes.find((dish) => dish.id === each.dish)!,
      each,
    );
  return (
    <main className="page amounts">
      <nav aria-label="Dishes">
        {occasion.courses.map((course) => {
          const mine = scaled.filter(
            (each) => occasion.dishes.find((dish) => dish.id === each.dish)!.course === course.id,
          );
          return mine.length === 0 ? null : (
            <section key={course.id}>
              <h3 style={{ color: 'var(--violet)', margin: '8px 0 2px' }}>{course.name}</h3>
              <ul className="index">
                {mine.map((each) => (
                  <li key={keyOf(each)}>
                    <button
                      type="button"
                      className="bare"
                      aria-current={each === current}
                      onClick={() => setSelected(keyOf(each))}
                    >
                      <span>
                        {each.recipe.name}
                        {nameOf(each) && (
                          <span className="soft small">
                            <br />
                            {nameOf(each)}
                          </span>
                        )}
                      </span>
                      <span className="soft">×{round1(each.factor)}</span>
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </nav>
      <Sheet key={keyOf(current)} scaled={current} versionName={nameOf(current)} />
    </main>
  );
}

const versionName = (dish: Dish, each: ScaledVersion): string =>
  dish.versions.length > 1 ? dish.versions.find((version) => version.id === each.version)!.name : '';

function Sheet({ scaled, versionName: name }: { scaled: ScaledVersion; versionName: string }) {
  const { occasion, edit } = useOccasionView();
  const units = useUnits();
  const dish = occasion.dishes.find((each) => each.id === scaled.dish)!;
  const change = (part: Partial<Dish>) =>
    edit((one) => ({ ...one, dishes: one.dishes.map((each) => (each.id === dish.id ? { ...each, ...part } : each)) }));
  const eaters = scaled.eaters.map((id) => occasion.guests.find((guest) => guest.id === id)!.name);
  const together = occasion.dishes.filter((each) => each.course === dish.course).length;
  const usual = usualShare(together);
  const version = dish.versions.find((each) => each.id === scaled.version)!;
  const isOwn = (step: Step) => step.carriedFrom === undefined;
  const ovens = scaled.recipe.steps.filter((step) => isOwn(step) && step.oven);
  const plain = useMemo(() => recipeOf(occasion, { ...dish, takes: [] }), [occasion, dish]);
  const isTaken = ({ id }: IngredientLine) => scaled.recipe.steps.some((step) => step.id === takingStep(id));
  const saidAs = ({ id }: IngredientLine) => plain.lines.find((line) => line.id === id)?.text;
  return (
    <section aria-label={`Amounts of ${scaled.recipe.name}`}>
      <h2>
        {scaled.recipe.name}
        {name && <span className="soft">, {name}</span>}
      </h2>
      <p style={{ margin: '4px 0 12px' }}>
        <strong>{round1(scaled.portions)} portions</strong> for{' '}
        {eaters.length === occasion.guests.length ? `all ${eaters.length}` : listed(eaters)}; the recipe makes{' '}
        {scaled.recipe.portions}.
      </p>
      <div className="row" style={{ gap: '8px 18px', marginBottom: 14 }}>
        <label className="row">
          Each eater takes{' '}
          <InputNumber
            aria-label="Share of a portion"
            min={0.1}
            max={4}
            step={0.1}
            value={dish.share}
            onChange={(share) => {
              if (share !== null) change({ share });
            }}
            style={{ width: 80 }}
          />{' '}
          of a portion
        </label>
        {dish.share !== usual && (
          <Button
            size="small"
            type="text"
            title={`${together} ${together === 1 ? 'dish' : 'dishes'} in this course`}
            onClick={() => change({ share: usual })}
          >
            usual here: {usual}
          </Button>
        )}
        {name && (
          <label className="row">
            More of this version{' '}
            <InputNumber
              aria-label="Extra portions of this version"
              min={0}
              max={100}
              step={1}
              value={version.extraPortions}
              onChange={(extraPortions) => {
                if (extraPortions !== null)
                  change({
                    versions: dish.versions.map((each) => (each.id === version.id ? { ...each, extraPortions } : each)),
                  });
              }}
              style={{ width: 80 }}
            />
          </label>
        )}
        <label className="row">
          Extra portions{' '}
          <InputNumber
            aria-label="Extra portions"
            min={0}
            max={100}
            step={1}
            value={dish.extraPortions}
            onChange={(extraPortions) => {
              if (extraPortions !== null) change({ extraPortions });
            }}
            style={{ width: 80 }}
          />
        </label>
      </div>
      <table className="amount-table">
        <thead>
          <tr>
            <th style={{ width: 190 }}>Measure</th>
            <th style={{ width: 280 }}>Exactly</th>
            <th>Of</th>
            <th style={{ width: 220 }}>The recipe says</th>
          </tr>
        </thead>
        <tbody>
          {scaled.lines.map((each) => {
            const { line } = each;
            return (
              <tr key={line.id}>
                <td className="measured">
                  <AmountText scaled={each} factor={scaled.factor} part="measure" />
                </td>
                <td>
                  <AmountText scaled={each} factor={scaled.factor} part="exact" />
                </td>
                <td>
                  {isTaken(line) ? line.text : nameInLine(line.text, line.food)}
                  {line.heading && (
                    <span className="soft small">
                      <br />
                      {line.heading}
                    </span>
                  )}
                </td>
                <td className="soft small">{isTaken(line) ? saidAs(line) : line.text}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Pans recipe={scaled.recipe} factor={scaled.dishFactor} made={scaled.factor} />
      <Loads recipe={scaled.recipe} factor={scaled.factor} />
      <Ways dish={dish} recipe={scaled.recipe} onChoose={(choices) => change({ choices })} />
      <TakenField dish={dish} onChange={change} />
      <MadeAhead dish={dish} onChange={change} />
      {ovens.length > 0 && (
        <p className="soft" style={{ marginTop: 12 }}>
          Oven:{' '}
          {ovens
            .map((step) => `${units.degrees(step.oven!.temperatureC)} (${step.title.toLowerCase()})`)
            .join(', then ')}
          .
        </p>
      )}
    </section>
  );
}

/** What the timetable reserves for it. */
function vesselWords(need: VesselNeed, kitchen: Kitchen): string {
  const { kind, count, units, racks, rounds } = need;
  const { kit } = kitchen;
  const noun = `${kind.replace('-', ' ')}${count > 1 ? (kind.endsWith('dish') ? 'es' : 's') : ''}`;
  const reserved = `The timetable reserves ${count === 1 ? 'one' : count} ${noun}${racks > 1 ? ` and ${racks} oven racks` : ''} for it`;
  if (isTooMuch(need))
    return `${reserved}. Nothing here is large enough for so much: make less of it, or borrow a larger one.`;
  const turns = rounds > 1 ? `. It is baked in ${rounds} rounds, one after the other` : '';
  const others = kit.filter((unit) => unit.kind === kind && !units.includes(unit.id));
  return `${reserved}${turns}${others.length > 0 ? `; too small ${count > 1 ? 'for that ' : ''}${others.length > 1 ? 'are' : 'is'} ${listed(others.map((unit) => unit.name))}` : ''}.`;
}

/** Which pans of this kitchen it fits, best first, and what that does to the time. */
function Pans({ recipe, factor, made }: { recipe: Recipe; factor: number; made: number }) {
  const { occasion } = useOccasionView();
  if (!recipe.pan) return null;
  const need = vesselNeed(recipe, made, occasion.kitchen);
  // Of what bakes in rounds, each piece holds its share of one.
  const choices = panChoices(recipe, factor / (need?.rounds ?? 1), occasion.kitchen);
  const percent = (ratio: number) => `${Math.round(ratio * 100)}`;
  return (
    <section aria-label="Pans" style={{ marginTop: 14 }}>
      <h3>In which pan</h3>
      {choices.length === 0 && <p className="soft small">No pan of this kitchen has its measures noted.</p>}
      {need && (
        <p>
          {vesselWords(need, occasion.kitchen)}
          {recipe.steps.some((step) => bakesIn(need, step)) && timeWords(need)}
        </p>
      )}
      <ul className="questions">
        {choices.map((choice, index) => (
          <li
            key={choice.units.map((unit) => unit.id).join()}
            className={choice.overfull || choice.crowded ? 'q-contradiction' : ''}
          >
            {index === 0 ? <strong>{choice.words}</strong> : choice.words}
            {choice.timeRatio && (
              <span className="soft">
                {' '}
                Time about {percent(choice.timeRatio.least)}–{percent(choice.timeRatio.most)} % of the recipe’s: an
                estimate, look early.
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What goes on the hob in loads, one after the other, because there is more of it than the pan has room for. */
function Loads({ recipe, factor }: { recipe: Recipe; factor: number }) {
  const { occasion } = useOccasionView();
  const need = vesselNeed(recipe, factor, occasion.kitchen);
  const steps = recipe.steps.flatMap((step) => {
    if (step.carriedFrom !== undefined) return [];
    const loads = loadsOf(step, factor, need);
    const here = inLoads({ ...recipe, steps: [step] }, factor, need).steps[0]!;
    return loads > 1 ? [{ step, loads, min: here.durationMin.likely }] : [];
  });
  if (steps.length === 0) return null;
  return (
    <section aria-label="Loads" style={{ marginTop: 14 }}>
      <h3>In loads</h3>
      <ul className="questions">
        {steps.map(({ step, loads, min }) => (
          <li key={step.id}>
            <strong>{step.title}</strong>: {loads} loads, one after the other, about {min} min in all.{' '}
            <span className="soft">
              {step.loads === undefined
                ? 'The recipe’s pan is taken to be full with what it makes as written.'
                : `The recipe has ${step.loads}.`}{' '}
              A larger pan, or a second one with a second cook, saves time.
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What the timetable makes of the depth of the food in the pieces that fit it best; empty where it lies as the recipe has it. */
function timeWords(need: VesselNeed): string {
  const { least, likely } = timesIn(need, need.units.slice(0, need.count));
  const percent = (ratio: number) => `${Math.round(ratio * 100)} %`;
  if (likely > 1)
    return ` It lies deeper than the recipe has it: the timetable gives it ${percent(likely)} of the recipe’s baking time. An estimate.`;
  return least < 1
    ? ` It lies shallower than the recipe has it: the timetable keeps the recipe’s baking time, and says to look from ${percent(least)} of it on. An estimate.`
    : '';
}

/** "Leave it out: no almonds then": whoever presses sees what goes with it. */
function withoutWords(written: Recipe, step: StepId): string {
  const { lines } = leftOutOf(written, [{ step, alternative: leftOutWay }]);
  return lines.length === 0
    ? 'leave it out'
    : `leave it out: no ${listed(lines.map(({ text, food }) => nameInLine(text, food)))} then`;
}

/** Steps that can be done in more than one way, or not at all. */
function Ways({
  dish,
  recipe,
  onChoose,
}: {
  dish: Dish;
  recipe: Recipe;
  onChoose: (choices: Dish['choices']) => void;
}) {
  const { occasion } = useOccasionView();
  const written = flatten(occasion.recipes.find((each) => each.id === dish.recipe) ?? recipe, (id) =>
    occasion.recipes.find((each) => each.id === id),
  );
  const steps = written.steps.filter((step) => step.alternatives.length > 0 || step.canOmit);
  if (steps.length === 0) return null;
  return (
    <section aria-label="Ways to do it" style={{ marginTop: 14 }}>
      <h3>One way or another</h3>
      {steps.map((step) => (
        <div key={step.id} className="row" style={{ marginTop: 4 }}>
          <Segmented
            aria-label={step.title}
            value={(dish.choices.find((each) => each.step === step.id)?.alternative as string | undefined) ?? ''}
            options={[
              ...(step.alternatives.length > 0 ? [{ value: '', label: 'as the timetable needs' }] : []),
              {
                value: step.alternatives.length > 0 ? (step.id as string) : '',
                label: `${step.title} (${step.durationMin.likely} min)`,
              },
              ...(step.canOmit ? [{ value: leftOutWay as string, label: withoutWords(written, step.id) }] : []),
              ...step.alternatives.map((each) => ({
                value: each.id as string,
                label: `${each.name} (${each.durationMin.likely} min)`,
              })),
            ]}
            onChange={(value) =>
              onChoose([
                ...dish.choices.filter((each) => each.step !== step.id),
                ...(value === ''
                  ? []
                  : [
                      {
                        step: step.id,
                        alternative:
                          [step.id, leftOutWay].find((each) => each === value) ??
                          step.alternatives.find((each) => each.id === value)!.id,
                      },
                    ]),
              ])
            }
          />
        </div>
      ))}
    </section>
  );
}

/** The food of a line, in catalogue words; the line itself where it was not understood. */
function nameInLine(text: string, food: string | undefined): string {
  return (food ? foodOf(food)?.name : undefined) ?? text;
}
