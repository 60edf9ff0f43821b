import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  familyOf,
  hazardOf,
  knowledgeOf,
  listed,
  madeWith,
  productFaults,
  type DishId,
  type LabelRecord,
  type OpenCheck,
} from '@lupin/core';
import { rowKeys } from '../../shared/rowKeys.ts';
import { useRevealOnPhone } from '../../shared/useRevealOnPhone.ts';
import { useOccasionView } from '../occasions/context.ts';
import { dayOrOld, found, LabelForm } from './LabelForm.tsx';
import { LineForm } from './LineForm.tsx';
import { MakerForm } from './MakerForm.tsx';
import { OwnFoodForm } from './OwnFoodForm.tsx';
import { OccasionFixes } from '../recipes/OccasionFixes.tsx';

const keyOf = (check: OpenCheck): string => {
  switch (check.kind) {
    case 'label':
      return `label/${check.food}`;
    case 'product':
      return `product/${check.food}`;
    case 'line':
      return `line/${check.dish}/${check.line}`;
    case 'recipe':
    case 'maker':
      return `${check.kind}/${check.dish}`;
    case 'guest':
      return `guest/${check.guest}`;
    default:
      return check satisfies never;
  }
};

/** All that is open, what decides most first; made for the shop aisle as much as for the table. */
export function LabelsPage() {
  const { occasion, checks } = useOccasionView();
  const [selected, setSelected] = useState<string>();
  const panel = useRevealOnPhone<HTMLElement>(selected);
  const check = checks.find((each) => keyOf(each) === selected);
  const again = selected?.startsWith('again/') ? selected.slice(6) : undefined;
  // The questions to a maker stay open until all are answered, also when fewer of them settle the check.
  const maker = selected?.startsWith('maker/')
    ? occasion.dishes.find((dish) => dish.id === selected.slice(6) && dish.brought)?.id
    : undefined;
  const correcting = selected?.startsWith('correct/') ? selected.slice(8) : undefined;
  const done = () => setSelected(undefined);
  return (
    <div className="split">
      <div className="main">
        <h2>What to read and ask</h2>
        {occasion.dishes.length === 0 && (
          <p className="soft" style={{ marginTop: 8 }}>
            Nothing is on the menu yet. <Link to="../menu">Choose the dishes</Link>; here you see which labels they hang
            on.
          </p>
        )}
        {occasion.dishes.length > 0 && <HowToRead isDecided={checks.length === 0} />}
        <ol className="check-list" onKeyDown={rowKeys('.check-row')}>
          {checks.map((each) => (
            <CheckRow
              key={keyOf(each)}
              check={each}
              selected={keyOf(each) === selected}
              onOpen={() => setSelected(keyOf(each))}
            />
          ))}
        </ol>
        <LabelsRead onAgain={(food) => setSelected(`again/${food}`)} />
      </div>
      <aside ref={panel} aria-label="Check">
        {(check?.kind === 'label' || check?.kind === 'product') && (
          <LabelForm key={check.food} food={check.food} onDone={done} />
        )}
        {check?.kind === 'label' && (
          <p style={{ marginTop: 10 }}>
            <Button size="small" type="text" onClick={() => setSelected(`correct/${check.food}`)}>
              The catalogue is wrong about it
            </Button>
          </p>
        )}
        {check?.kind === 'line' && (
          <LineForm key={check.line} dish={check.dish} line={check.line} words={check.words} onDone={done} />
        )}
        {check?.kind === 'recipe' && <RecipeWords dish={check.dish} />}
        {maker && <MakerForm key={maker} dish={maker} onDone={done} />}
        {check?.kind === 'guest' && <AskGuest check={check} />}
        {again && <LabelForm key={`again-${again}`} food={again} onDone={done} />}
        {correcting && <OwnFoodForm key={correcting} food={correcting as never} onCancel={done} onKept={done} />}
        {!check && !maker && !again && !correcting && (
          <>
            <p className="soft">
              Choose a line, take the packet in your hand, and answer what is asked. One label settles every plate it
              decides.
            </p>
            <p className="soft small" style={{ marginTop: 16 }}>
              A label of a product you know is asked for again after half a year, and for every new occasion where a
              guest may have no trace: recipes of products change without notice.
            </p>
          </>
        )}
      </aside>
    </div>
  );
}

function HowToRead({ isDecided }: { readonly isDecided: boolean }) {
  return isDecided ? (
    <p style={{ marginTop: 8 }}>Nothing is open: every plate is decided by what is known.</p>
  ) : (
    <p className="soft" style={{ margin: '2px 0 8px' }}>
      What decides most stands first: the number is that of the plates which become clear by this alone.
    </p>
  );
}

/** The labels that were read, each to be read again or taken back. */
function LabelsRead({ onAgain }: { readonly onAgain: (food: string) => void }) {
  const { occasion, edit } = useOccasionView();
  const knowledge = knowledgeOf(occasion);
  const remove = (label: LabelRecord) =>
    edit((one) => ({
      ...one,
      labels: one.labels.filter((each) => each.food !== label.food || each.product !== label.product),
    }));
  const labels = [...occasion.labels].sort((a, b) => (a.product < b.product ? -1 : 1));
  if (labels.length === 0) return null;
  return (
    <section style={{ marginTop: 26 }}>
      <h3>Labels that were read</h3>
      <table className="plain-table label-table">
        <thead>
          <tr>
            <th>Product</th>
            <th>What was found</th>
            <th>Read</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {labels.map((label) => {
            const old = knowledge.isOld(label);
            return (
              <tr key={`${label.food}/${label.product}`}>
                <td>
                  {label.product}
                  <br />
                  <span className="soft small">{knowledge.food(label.food)?.name}</span>
                  {productFaults(label).map((fault) => (
                    <span key={fault.claim} className="fault small" style={{ display: 'block' }}>
                      not {fault.claim}
                    </span>
                  ))}
                </td>
                <td>{found(label)}</td>
                <td style={old || label.carriedOver ? { color: 'var(--straw)', fontWeight: 650 } : {}}>
                  {dayOrOld(label, old)}
                </td>
                <td>
                  <span className="row" style={{ gap: 4, justifyContent: 'flex-end' }}>
                    <Button size="small" onClick={() => onAgain(label.food)}>
                      Read again
                    </Button>
                    <Button size="small" type="text" onClick={() => remove(label)}>
                      Take back
                    </Button>
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function AskGuest({ check }: { readonly check: Extract<OpenCheck, { kind: 'guest' }> }) {
  const { occasion } = useOccasionView();
  const name = nameOf(occasion, check.guest);
  return (
    <div className="stack">
      {check.why.map((why) => (
        <p key={why}>{why}</p>
      ))}
      <p className="soft">Only {name} can say. What they answer is noted with their need, as their own word.</p>
      <p>
        <Link to="../guests">Ask {name}</Link>
      </p>
    </div>
  );
}

/** Foods that the words of a recipe name and its list does not have. */
function RecipeWords({ dish }: { readonly dish: DishId }) {
  const { occasion } = useOccasionView();
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const recipe = find(occasion.dishes.find((each) => each.id === dish)!.recipe)!;
  return (
    <div className="stack">
      <h3>{recipe.name}</h3>
      <p>
        The words of the recipe name what its list of ingredients does not have. Say of each whether it is in the dish;
        until then it is clear for nobody whom it concerns.
      </p>
      {/* What it is made with has words of its own. */}
      <OccasionFixes codes={['unlisted-ingredient']} recipes={madeWith(recipe, find).parts} />
    </div>
  );
}

const nameOf = ({ guests }: { guests: readonly { id: string; name: string }[] }, id: string): string =>
  guests.find((guest) => guest.id === id)?.name ?? id;

function CheckRow({ check, selected, onOpen }: { check: OpenCheck; selected: boolean; onOpen: () => void }) {
  const { occasion } = useOccasionView();
  const dishes = check.dishes.map(
    (id) =>
      occasion.recipes.find((recipe) => recipe.id === occasion.dishes.find((dish) => dish.id === id)?.recipe)?.name ??
      id,
  );
  const title = {
    label: () => (check.kind === 'label' ? `Label of ${check.name}` : ''),
    product: () =>
      check.kind === 'product'
        ? `${check.name.charAt(0).toUpperCase()}${check.name.slice(1)}: find another than ${check.product}`
        : '',
    line: () => (check.kind === 'line' ? `What is “${check.words}”?` : ''),
    recipe: () => (check.kind === 'recipe' ? `Is it in ${check.name}?` : ''),
    maker: () => (check.kind === 'maker' ? `Ask ${check.by}` : ''),
    guest: () => (check.kind === 'guest' ? `Ask ${nameOf(occasion, check.guest)}` : ''),
  }[check.kind]();
  return (
    <li>
      <button type="button" className="bare check-row" aria-current={selected} onClick={onOpen}>
        <span className="count">
          <strong>{check.decides || '·'}</strong>
          <span className="small soft">
            {check.decides > 0
              ? `${check.decides === 1 ? 'plate' : 'plates'} decided`
              : `one of several for ${check.touches}`}
          </span>
        </span>
        <span className="what">
          <strong>{title}</strong>
          {check.kind === 'label' && (
            <span className="sought">
              {check.sought
                .filter(
                  (each) =>
                    !hazardOf(each.hazard).groups.some(
                      (group) => group === 'gluten' && check.sought.some((other) => other.hazard === group),
                    ),
                )
                .map((each) => (
                  <span key={each.hazard} className="tag">
                    {hazardOf(each.hazard).name}
                  </span>
                ))}
              {check.foods.map((food) => (
                <span key={food} className="tag">
                  {knowledgeOf(occasion).food(food)?.name ?? food}
                </span>
              ))}
              {check.families.map((family) => (
                <span key={family} className="tag">
                  {familyOf(family).name}
                </span>
              ))}
              {check.certified && <span className="tag">says gluten-free</span>}
            </span>
          )}
          {check.kind !== 'label' && <span className="small">{check.why[0]}</span>}
          <span className="small soft">
            {listed(dishes)} · for {listed(check.guests.map((guest) => nameOf(occasion, guest)))}
          </span>
        </span>
      </button>
    </li>
  );
}
