import { Button, Input, InputNumber, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import {
  foodOf,
  isNothing,
  listed,
  packingWords,
  readAmount,
  sumWords,
  type Pack,
  type Shopping,
  type ShoppingItem,
} from '@lupin/core';
import { problemWords, usePacksQuery, usePutPackMutation } from '../../app/api.ts';
import { troubleCame } from '../../app/notices.ts';
import { useAppDispatch } from '../../app/store.ts';
import { useUnits } from '../../shared/units.ts';
import { shortDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';

interface Props {
  readonly item: ShoppingItem;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onTick: () => void;
  readonly change: (part: Partial<Shopping>) => string | undefined;
}

/** One thing to buy: what, how much, in which packages, and what its label must not say. */
export function ItemRow({ item, open, onOpen, onTick, change }: Props) {
  const { occasion } = useOccasionView();
  const units = useUnits();
  const name = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  const amount = isNothing(item.inHouse ? item.need : item.buy)
    ? ''
    : sumWords(item.inHouse ? item.need : item.buy, item.food, units.measure);
  return (
    <li className={`shop-item${item.ticked ? ' ticked' : ''}${item.inHouse ? ' in-house' : ''}`}>
      <label className="tick-label">
        <input
          type="checkbox"
          checked={item.ticked || item.inHouse}
          disabled={item.inHouse}
          onChange={onTick}
          aria-label={`${item.name} ${amount}`}
        />
      </label>
      <div className="what">
        <button type="button" className="bare name" aria-expanded={open} onClick={onOpen}>
          {item.name}
        </button>
        {item.product && <span className="small soft"> as before: {item.product}</span>}
        {item.label.length > 0 && (
          <span className="label-wish">
            {item.label.map((wish) => (
              <span key={wish.words} className="tag open">
                label: {wish.words}
                {wish.guests.length > 0 && <span className="soft"> · {listed(wish.guests.map(name))}</span>}
              </span>
            ))}
          </span>
        )}
        {item.tooEarly && (
          <span className="small" style={{ color: 'var(--clay)' }}>
            {' '}
            keeps {item.keepsDays} {item.keepsDays === 1 ? 'day' : 'days'}: too early on that trip
          </span>
        )}
        {open && <Details item={item} change={change} />}
      </div>
      <div className="how-much">
        <strong>{amount}</strong>
        {item.packing && <span className="small soft">{packingWords(item.packing)}</span>}
        {item.packing?.price !== undefined && <span className="small soft">{item.packing.price.toFixed(2)}</span>}
      </div>
    </li>
  );
}

function Details({ item, change }: Pick<Props, 'item' | 'change'>) {
  const { occasion } = useOccasionView();
  const units = useUnits();
  const { shopping } = occasion;
  const [fault, setFault] = useState('');
  const dish = (id: string) =>
    occasion.recipes.find((recipe) => recipe.id === occasion.dishes.find((each) => each.id === id)?.recipe)?.name ?? id;
  const held = shopping.have.find((each) => each.item === item.key);
  const setHave = (text: string) => {
    const rest = shopping.have.filter((each) => each.item !== item.key);
    if (!text.trim()) return void change({ have: rest });
    if (held && text === units.amount(held.amount, item.food, undefined).text) return undefined;
    const { amount } = readAmount(text);
    if (amount.kind === 'words') return setFault('An amount, as “500 g” or “2”.');
    setFault('');
    return void change({ have: [...rest, { item: item.key, amount }] });
  };
  return (
    <div className="item-details small">
      {item.label
        .filter((wish) => wish.lookFor)
        .map((wish) => (
          <p key={wish.words}>
            On the label, {wish.words} stands as: {wish.lookFor}.
          </p>
        ))}
      <ul>
        {item.sources.map((source) => (
          <li key={`${source.dish}/${source.version}/${source.line}`}>
            {dish(source.dish)}: {units.amount(source.amount, item.food, undefined).text || 'as it takes'}{' '}
            <span className="soft">({source.text})</span>
          </li>
        ))}
      </ul>
      <div className="row" style={{ gap: 12 }}>
        <label className="row">
          In the house{' '}
          <Input
            size="small"
            aria-label={`In the house: ${item.name}`}
            placeholder="500 g"
            style={{ width: 90 }}
            defaultValue={held ? units.amount(held.amount, item.food, undefined).text : ''}
            onBlur={(event) => setHave(event.target.value)}
            onPressEnter={(event) => setHave(event.currentTarget.value)}
          />
        </label>
        <Button
          size="small"
          onClick={() =>
            change({
              have:
                item.inHouse || held
                  ? shopping.have.filter((each) => each.item !== item.key)
                  : [...shopping.have, ...wholeNeed(item)],
            })
          }
        >
          {item.inHouse || held ? 'Not in the house' : 'All of it is here'}
        </Button>
        {shopping.shops.length > 1 && (
          <label className="row">
            on{' '}
            <Select
              size="small"
              aria-label={`Trip for ${item.name}`}
              style={{ width: 170 }}
              value={shopping.at.find((each) => each.item === item.key)?.shop ?? ''}
              onChange={(shop: string) =>
                change({
                  at: [
                    ...shopping.at.filter((each) => each.item !== item.key),
                    ...(shop ? [{ item: item.key, shop }] : []),
                  ],
                })
              }
              options={[
                { value: '', label: 'the best trip' },
                ...shopping.shops.map((shop) => ({ value: shop.id, label: `${shop.name}, ${shortDay(shop.day)}` })),
              ]}
            />
          </label>
        )}
      </div>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      {item.food && <PackForm item={item} change={change} />}
      {item.packing && item.packing.leftOver > 0 && item.food && <LeftOver item={item} />}
    </div>
  );
}

/** Enough of it, in whatever it is counted, to need none. */
function wholeNeed({ key, need }: ShoppingItem): Shopping['have'] {
  const amounts: Shopping['have'] = [];
  if (need.massG > 0) amounts.push({ item: key, amount: { kind: 'mass', massG: Math.ceil(need.massG) } });
  if (need.volumeMl > 0) amounts.push({ item: key, amount: { kind: 'volume', volumeMl: Math.ceil(need.volumeMl) } });
  for (const [piece, count] of need.pieces)
    amounts.push({ item: key, amount: { kind: 'count', count: Math.ceil(count), piece } });
  // "To taste" has no figure: there is enough of it.
  return amounts.length > 0 ? amounts : [{ item: key, amount: { kind: 'words', words: 'enough' } }];
}

/** How this food is sold here, and what it cost; remembered for next time. */
function PackForm({ item, change }: Pick<Props, 'item' | 'change'>) {
  const { occasion } = useOccasionView();
  const { data: kept } = usePacksQuery();
  const [put] = usePutPackMutation();
  const dispatch = useAppDispatch();
  const mine =
    occasion.shopping.packs.find((each) => each.id === item.food) ??
    kept?.find((each) => each.entry.id === item.food)?.entry;
  const [size, setSize] = useState(mine ? sizeWords(mine) : '');
  const [price, setPrice] = useState<number | null>(mine?.price ?? null);
  const [fault, setFault] = useState('');
  const save = () => {
    const { amount } = readAmount(size);
    const holds =
      amount.kind === 'mass'
        ? { kind: 'mass' as const, massG: amount.massG }
        : amount.kind === 'volume'
          ? { kind: 'volume' as const, volumeMl: amount.volumeMl }
          : amount.kind === 'count' && amount.count >= 1
            ? { kind: 'count' as const, count: amount.count }
            : undefined;
    if (!holds) return setFault('What one package holds, as “400 g”.');
    const pack: Pack = {
      id: item.food!,
      holds,
      called: amount.kind === 'count' && amount.piece ? amount.piece : 'pack',
      ...(price !== null && { price }),
      notedOn: dayjs().format('YYYY-MM-DD'),
    };
    const refused = change({ packs: [...occasion.shopping.packs.filter((each) => each.id !== item.food), pack] });
    if (refused) return setFault(refused);
    setFault('');
    put({ baseRevision: kept?.find((each) => each.entry.id === item.food)?.revision ?? 0, entry: pack })
      .unwrap()
      .catch((error: unknown) =>
        dispatch(
          troubleCame(`The package counts here, and could not be remembered for next time. ${problemWords(error)}`),
        ),
      );
    return undefined;
  };
  return (
    <div className="row" style={{ marginTop: 6 }}>
      <span>Sold in packages of</span>
      <Input
        size="small"
        aria-label={`Package of ${item.name}`}
        placeholder="400 g"
        style={{ width: 90 }}
        value={size}
        maxLength={40}
        onChange={(event) => setSize(event.target.value)}
      />
      <span>for</span>
      <InputNumber
        size="small"
        aria-label={`Price of ${item.name}`}
        min={0}
        max={100_000}
        step={0.1}
        precision={2}
        value={price}
        onChange={setPrice}
        style={{ width: 84 }}
      />
      <Button size="small" disabled={!size.trim()} onClick={save}>
        Note it
      </Button>
      {fault && (
        <span className="fault" role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}

const sizeWords = ({ holds }: Pack): string =>
  holds.kind === 'mass' ? `${holds.massG} g` : holds.kind === 'volume' ? `${holds.volumeMl} ml` : String(holds.count);

/** Which other dishes of the menu could use what is left over. */
function LeftOver({ item }: Pick<Props, 'item'>) {
  const { occasion } = useOccasionView();
  const food = foodOf(item.food!);
  const users = new Set(item.sources.map((source) => source.dish as string));
  const kin = occasion.dishes
    .filter((dish) => !users.has(dish.id))
    .map((dish) => occasion.recipes.find((recipe) => recipe.id === dish.recipe))
    .filter((recipe) =>
      recipe?.lines.some(
        (line) => line.food && foodOf(line.food)?.families.some((family) => food?.families.includes(family)),
      ),
    );
  return (
    <p className="soft" style={{ marginTop: 4 }}>
      {packingWords(item.packing!)}; it keeps {item.keepsDays} days
      {kin.length > 0 && `, and something like it goes into ${listed(kin.map((recipe) => recipe!.name))}`}.
    </p>
  );
}
