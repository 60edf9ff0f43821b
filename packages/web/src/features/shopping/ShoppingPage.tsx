import { DeleteOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, Segmented } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import {
  fromShoppingCsv,
  listed,
  scale,
  shoppingList,
  shoppingText,
  toShoppingCsv,
  type Shopping,
  type ShoppingItem,
} from '@lupin/core';
import { CopyButton } from '../../shared/CopyButton.tsx';
import { printText } from '../../shared/printText.ts';
import { rowKeys } from '../../shared/rowKeys.ts';
import { useUnits } from '../../shared/units.ts';
import { freshId, shortDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { ItemRow } from './ItemRow.tsx';

/** One list for the occasion, by aisle, ticked in the shop. */
export function ShoppingPage() {
  const { occasion, table, checks, edit } = useOccasionView();
  const units = useUnits();
  const [trip, setTrip] = useState('all');
  const [names, setNames] = useState(false);
  const [open, setOpen] = useState<string>();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const list = useMemo(() => shoppingList(occasion, scale(occasion, table), checks), [occasion, table, checks]);
  const { shopping } = occasion;
  const change = (part: Partial<Shopping>) => edit((one) => ({ ...one, shopping: { ...one.shopping, ...part } }));
  const shown = list.items.filter((item) => trip === 'all' || item.shop === trip);
  const toBuy = shown.filter((item) => !item.inHouse);
  const inHouse = shown.filter((item) => item.inHouse);
  const left = toBuy.filter((item) => !item.ticked).length;
  const aisles = [...new Set(toBuy.map((item) => item.aisle))];
  const tick = (item: ShoppingItem) =>
    change({
      ticked: item.ticked ? shopping.ticked.filter((key) => key !== item.key) : [...shopping.ticked, item.key],
    });
  const text = shoppingText(occasion, list, units.measure, { names, shop: trip === 'all' ? undefined : trip });
  const bring = async (file: File) => {
    const { shopping: next, faults: found } = fromShoppingCsv(await file.text(), list, shopping);
    const refused = change(next);
    setFaults([...found.map((fault) => `Row ${fault.row}: ${fault.words}`), ...(refused ? [refused] : [])]);
  };
  if (list.items.length === 0)
    return (
      <main className="page">
        <h2>Nothing to buy yet</h2>
        <p className="soft">The list follows from who eats which dish: put guests and dishes in first.</p>
      </main>
    );
  const row = (item: ShoppingItem) => (
    <ItemRow
      key={item.key}
      item={item}
      open={open === item.key}
      onOpen={() => setOpen(open === item.key ? undefined : item.key)}
      onTick={() => tick(item)}
      change={change}
    />
  );
  return (
    <div className="split shopping">
      <div className="main">
        <div className="row" style={{ gap: 16, marginBottom: 4 }}>
          <h2>{left === 0 ? 'Everything is in the basket' : `${left} to buy`}</h2>
          {shopping.shops.length > 0 && (
            <Segmented
              aria-label="Trip"
              value={trip}
              onChange={setTrip}
              options={[
                { value: 'all', label: 'all trips' },
                ...shopping.shops.map((shop) => ({ value: shop.id, label: `${shop.name}, ${shortDay(shop.day)}` })),
              ]}
            />
          )}
          {list.cost.known > 0 && (
            <span className="soft">
              costs {list.cost.known.toFixed(2)}
              {list.cost.without > 0 && ` and what ${list.cost.without} things without a price cost`}
            </span>
          )}
        </div>
        <div onKeyDown={rowKeys('input[type=checkbox]')}>
          {aisles.map((aisle) => (
            <section key={aisle}>
              <h3 className="aisle">{aisle}</h3>
              <ul className="shop-list">{toBuy.filter((item) => item.aisle === aisle).map(row)}</ul>
            </section>
          ))}
          {inHouse.length > 0 && (
            <section>
              <h3 className="aisle">In the house already</h3>
              <ul className="shop-list">{inHouse.map(row)}</ul>
            </section>
          )}
        </div>
      </div>
      <aside aria-label="Trips and lists">
        <div className="stack" style={{ gap: 20 }}>
          <Trips items={list.items} change={change} onRemoved={() => setTrip('all')} />
          <Besides change={change} />
          <section>
            <h3>Take it along</h3>
            <Checkbox checked={names} onChange={(event) => setNames(event.target.checked)}>
              write for whom (a shop is a public place)
            </Checkbox>
            <div className="row" style={{ marginTop: 6, gap: 6 }}>
              <Button size="small" onClick={() => printText(`${occasion.name}: shopping`, text)}>
                Print it
              </Button>
              <CopyButton text={text} label="Copy as text" />
              <Button
                size="small"
                onClick={() => download(`${occasion.id}-shopping.csv`, toShoppingCsv(occasion, list))}
              >
                CSV
              </Button>
              <label className="file-button small" style={{ padding: '0 8px' }}>
                CSV in
                <input
                  type="file"
                  accept=".csv,text/csv"
                  className="visually-hidden"
                  aria-label="CSV in"
                  onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file) void bring(file);
                    event.target.value = '';
                  }}
                />
              </label>
            </div>
            {faults.map((fault) => (
              <p key={fault} className="fault" role="alert">
                {fault}
              </p>
            ))}
            <p className="soft small" style={{ marginTop: 6 }}>
              A CSV with columns item, ticked, have brings back ticks and what is in the house.
            </p>
          </section>
          <p className="soft small">
            Read every label in the shop, also of what you have bought before: recipes of products change.
          </p>
        </div>
      </aside>
    </div>
  );
}

/** The days on which one goes shopping; with two, fresh things go on the later one. */
function Trips({
  items,
  change,
  onRemoved,
}: {
  items: readonly ShoppingItem[];
  change: (part: Partial<Shopping>) => string | undefined;
  onRemoved: () => void;
}) {
  const { occasion } = useOccasionView();
  const { shopping } = occasion;
  return (
    <section aria-label="Trips to the shops">
      <h3>Trips to the shops</h3>
      {shopping.shops.length === 0 && (
        <p className="soft small">One trip for everything. With two, fresh things go on the later one.</p>
      )}
      {shopping.shops.map((shop) => (
        <div key={shop.id} className="row" style={{ padding: '3px 0', flexWrap: 'nowrap' }}>
          <Input
            size="small"
            aria-label="Name of the trip"
            defaultValue={shop.name}
            maxLength={120}
            style={{ width: 104 }}
            onBlur={(event) => {
              const name = event.target.value.trim();
              if (name && name !== shop.name)
                change({ shops: shopping.shops.map((each) => (each.id === shop.id ? { ...each, name } : each)) });
            }}
          />
          <Input
            size="small"
            type="date"
            aria-label="Day of the trip"
            value={shop.day}
            style={{ width: 126, height: 28 }}
            onChange={(event) => {
              if (event.target.value)
                change({
                  shops: shopping.shops.map((each) =>
                    each.id === shop.id ? { ...each, day: event.target.value } : each,
                  ),
                });
            }}
          />
          <span className="soft small" title="things to buy on it">
            {items.filter((item) => item.shop === shop.id).length}
          </span>
          <Button
            size="small"
            type="text"
            icon={<DeleteOutlined />}
            aria-label={`Remove the trip ${shop.name}`}
            onClick={() => {
              onRemoved();
              change({
                shops: shopping.shops.filter((each) => each.id !== shop.id),
                at: shopping.at.filter((each) => each.shop !== shop.id),
              });
            }}
          />
        </div>
      ))}
      <Button
        size="small"
        style={{ marginTop: 4 }}
        disabled={shopping.shops.length >= 8}
        onClick={() =>
          change({
            shops: [
              ...shopping.shops,
              {
                id: freshId(
                  'trip',
                  shopping.shops.map((shop) => shop.id),
                ),
                name: shopping.shops.length === 0 ? 'Big shop' : 'Fresh things',
                day: dayjs(occasion.date)
                  .subtract(shopping.shops.length === 0 ? 5 : 1, 'day')
                  .format('YYYY-MM-DD'),
              },
            ],
          })
        }
      >
        Add a trip
      </Button>
    </section>
  );
}

/** Things no recipe asks for. */
function Besides({ change }: { change: (part: Partial<Shopping>) => string | undefined }) {
  const { occasion } = useOccasionView();
  const [text, setText] = useState('');
  const { extra } = occasion.shopping;
  const add = () => {
    const words = text
      .split(/[,\n]/)
      .map((each) => each.trim())
      .filter((each) => each !== '' && !extra.includes(each));
    if (words.length > 0 && change({ extra: [...extra, ...words] }) === undefined) setText('');
  };
  return (
    <section aria-label="Besides food">
      <h3>Besides food</h3>
      {extra.length > 0 && (
        <p className="small">
          {listed(extra)}{' '}
          <Button size="small" type="text" onClick={() => change({ extra: extra.slice(0, -1) })}>
            take the last off
          </Button>
        </p>
      )}
      <Input
        size="small"
        aria-label="Things besides food"
        placeholder="candles, foil, ice"
        value={text}
        maxLength={120}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={add}
        onBlur={add}
      />
    </section>
  );
}

function download(name: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/csv;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
