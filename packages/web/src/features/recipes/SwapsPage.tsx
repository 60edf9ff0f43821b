import { Button, Input, InputNumber, Select } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import * as v from 'valibot';
import {
  foodOf,
  foods,
  hazardOf,
  OwnSubstitution,
  roleNames,
  settingNames,
  substitutions,
  type FoodId,
  type Kept,
  type Role,
  type Setting,
} from '@lupin/core';
import { problemWords, usePutSwapMutation, useRemoveSwapMutation, useSwapsQuery } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';

interface Row {
  readonly id: string;
  readonly role: Role | undefined;
  readonly replaces: readonly FoodId[];
  readonly with: readonly { readonly food: FoodId; readonly ratio: number }[];
  readonly technique: string;
  readonly addMin: number;
  readonly closeness: number;
  readonly source: string;
  readonly only?: readonly Setting[] | undefined;
  readonly never?: readonly Setting[] | undefined;
  readonly own?: Kept<OwnSubstitution> | undefined;
}

const nameOf = (food: FoodId): string => foodOf(food)?.name ?? food;
const foodOptions = foods.map((food) => ({ value: food.id as string, label: food.name }));
const closenessWords = [
  '',
  'another dish',
  'tastes of something else',
  'a little different',
  'close',
  'nobody notices',
];

/** Every swap there is, by the job it does, the cook's own among them. */
export function SwapsPage() {
  const { data: own, error } = useSwapsQuery();
  const [remove] = useRemoveSwapMutation();
  const [search, setSearch] = useState('');
  const [editing, setEditing] = useState<Kept<OwnSubstitution>>();
  const rows = useMemo(
    (): readonly Row[] => [
      ...(own ?? []).map((each): Row => ({
        ...each.entry,
        role: each.entry.role,
        source: `your own, ${each.entry.changedOn}`,
        own: each,
      })),
      ...substitutions.filter(({ retired }) => !retired),
    ],
    [own],
  );
  const wanted = search.toLowerCase().trim();
  const shown = rows.filter(
    (row) =>
      wanted === '' ||
      [...row.replaces, ...row.with.map((part) => part.food)].some((food) =>
        nameOf(food).toLowerCase().includes(wanted),
      ) ||
      (row.role !== undefined && roleNames[row.role].includes(wanted)),
  );
  const roles = [...new Set(shown.map((row) => row.role))];
  return (
    <div className="shell">
      <header className="mast">
        <Link className="home" to="/" aria-label="All occasions">
          <img src="/lupin.svg" alt="" width={30} height={30} />
        </Link>
        <Link to="/recipes">Recipes</Link>
        <h1>Swaps</h1>
        <span className="when">{rows.length} known</span>
        <span className="grow" />
        <Input.Search
          allowClear
          aria-label="Search"
          placeholder="a food or a job"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          style={{ width: 260 }}
        />
      </header>
      <div className="split library">
        <div className="main">
          {error && (
            <p className="fault" role="alert">
              {problemWords(error)}
            </p>
          )}
          {shown.length === 0 && (
            <p style={{ margin: '20px 0' }}>No swap for “{search}” is known. Add yours at the side.</p>
          )}
          {roles.map((role) => (
            <section key={role ?? 'any'}>
              <h3 className="aisle">{role ? roleNames[role] : 'any job'}</h3>
              <table className="plain-table">
                <tbody>
                  {shown
                    .filter((row) => row.role === role)
                    .map((row) => (
                      <tr key={row.id}>
                        <td style={{ width: '24%' }}>{row.replaces.map(nameOf).join(', ')}</td>
                        <td style={{ width: '26%' }}>
                          <strong>
                            {row.with
                              .map((part) => `${part.ratio === 1 ? '' : `${part.ratio} × `}${nameOf(part.food)}`)
                              .join(' + ')}
                          </strong>
                          <Brings foods={row.with.map((part) => part.food)} />
                        </td>
                        <td>
                          {row.technique}
                          {row.addMin !== 0 && (
                            <span className="soft">
                              {' '}
                              {row.addMin > 0 ? '+' : '−'}
                              {Math.abs(row.addMin)} min.
                            </span>
                          )}
                          <Places only={row.only ?? []} never={row.never ?? []} />
                        </td>
                        <td className="soft small" style={{ width: '16%' }}>
                          {closenessWords[row.closeness]}
                          <br />
                          {row.source}
                          {row.own && (
                            <>
                              <br />
                              <Button size="small" type="text" onClick={() => setEditing(row.own)}>
                                Change
                              </Button>
                              <Button
                                size="small"
                                type="text"
                                onClick={() => {
                                  if (editing?.entry.id === row.id) setEditing(undefined);
                                  void remove(row.id);
                                }}
                              >
                                Take out
                              </Button>
                            </>
                          )}
                        </td>
                      </tr>
                    ))}
                </tbody>
              </table>
            </section>
          ))}
        </div>
        <aside aria-label="Add a swap">
          <OwnSwap
            key={editing ? `${editing.entry.id}-${editing.revision}` : 'new'}
            taken={rows.map((row) => row.id)}
            before={editing}
            onDone={() => setEditing(undefined)}
          />
        </aside>
      </div>
    </div>
  );
}

/** Where alone a swap does its job, and where it does not. */
function Places({ only, never }: { only: readonly Setting[]; never: readonly Setting[] }) {
  if (only.length + never.length === 0) return null;
  const inWords = (settings: readonly Setting[]) => settings.map((setting) => settingNames[setting]).join(', ');
  return (
    <span className="small soft">
      <br />
      {only.length > 0 && `Only ${inWords(only)}.`} {never.length > 0 && `Not ${inWords(never)}.`}
    </span>
  );
}

/** The declared allergens that a swap brings in. */
function Brings({ foods: some }: { foods: readonly FoodId[] }) {
  const held = [...new Set(some.flatMap((food) => foodOf(food)?.contains ?? []))]
    .map((hazard) => hazardOf(hazard))
    .filter((hazard) => hazard.kind === 'allergen')
    .map((hazard) => hazard.name);
  return held.length === 0 ? null : (
    <span className="small" style={{ color: 'var(--clay)' }}>
      <br />
      brings {held.join(', ')}
    </span>
  );
}

function OwnSwap({
  taken,
  before,
  onDone,
}: {
  taken: readonly string[];
  before: Kept<OwnSubstitution> | undefined;
  onDone: () => void;
}) {
  const [put, { error }] = usePutSwapMutation();
  const old = before?.entry;
  const [replaces, setReplaces] = useState<string[]>(old ? [...old.replaces] : []);
  const [into, setInto] = useState<string | undefined>(old?.with[0]?.food);
  const [ratio, setRatio] = useState<number | null>(old?.with[0]?.ratio ?? 1);
  const [role, setRole] = useState<string>(old?.role ?? '');
  const [technique, setTechnique] = useState(old?.technique ?? '');
  const [fault, setFault] = useState('');
  const save = () => {
    const name = into ? nameOf(into as FoodId) : '';
    const made = v.safeParse(OwnSubstitution, {
      ...old,
      id: old?.id ?? freshId(`${name} for ${replaces[0] ?? ''}`, taken),
      name: name || ' ',
      replaces,
      with: into ? [{ food: into, ratio: ratio ?? 0 }, ...(old?.with.slice(1) ?? [])] : [],
      role: role || undefined,
      technique,
      changedOn: dayjs().format('YYYY-MM-DD'),
    });
    if (!made.success)
      return setFault(
        replaces.length === 0
          ? 'Which food does it replace?'
          : !into
            ? 'What goes in instead?'
            : made.issues[0].message,
      );
    setFault('');
    void put({ baseRevision: before?.revision ?? 0, entry: made.output })
      .unwrap()
      .then(
        () => {
          setReplaces([]);
          setInto(undefined);
          setTechnique('');
          onDone();
        },
        () => undefined,
      );
    return undefined;
  };
  return (
    <div className="stack">
      <h2>{old ? `Change ${old.name}` : 'A swap of your own'}</h2>
      <p className="soft small">
        It is offered beside the others, and judged for every guest like them: what it brings in is told from its foods
        and their labels.
      </p>
      <label className="field">
        <span>Instead of</span>
        <Select
          mode="multiple"
          aria-label="Instead of"
          value={replaces}
          onChange={setReplaces}
          options={foodOptions}
          showSearch={{ optionFilterProp: 'label' }}
        />
      </label>
      <div className="row" style={{ alignItems: 'flex-end' }}>
        <label className="field" style={{ flex: 1 }}>
          <span>Take</span>
          <Select
            aria-label="Take"
            value={into}
            onChange={setInto}
            options={foodOptions}
            showSearch={{ optionFilterProp: 'label' }}
          />
        </label>
        <label className="field">
          <span>g for each g</span>
          <InputNumber
            aria-label="Grams for each gram"
            min={0.001}
            max={20}
            step={0.1}
            value={ratio}
            onChange={setRatio}
            style={{ width: 90 }}
          />
        </label>
      </div>
      <label className="field">
        <span>Its job</span>
        <Select
          aria-label="Its job"
          value={role}
          onChange={setRole}
          options={[
            { value: '', label: 'whatever the food does' },
            ...Object.entries(roleNames).map(([value, label]) => ({ value, label })),
          ]}
        />
      </label>
      <label className="field">
        <span>What the cook does differently</span>
        <Input.TextArea
          aria-label="What the cook does differently"
          value={technique}
          maxLength={2000}
          autoSize={{ minRows: 2, maxRows: 5 }}
          onChange={(event) => setTechnique(event.target.value)}
        />
      </label>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      {error && (
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      )}
      <div className="row">
        <Button type="primary" onClick={save}>
          {old ? 'Keep it' : 'Add it'}
        </Button>
        {old && <Button onClick={onDone}>Leave it</Button>}
      </div>
    </div>
  );
}
