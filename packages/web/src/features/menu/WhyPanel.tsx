import { Button, Select } from 'antd';
import * as v from 'valibot';
import { useMemo, useState } from 'react';
import {
  applyOffer,
  cellKey,
  knowledgeOf,
  listed,
  nameFaults,
  offersFor,
  VersionId,
  type Guest,
  type LineId,
  type Offer,
  type Reason,
  type Swap,
} from '@lupin/core';
import { useSwapsQuery } from '../../app/api.ts';
import { VerdictMark } from '../../shared/VerdictMark.tsx';
import { freshId } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { Choices } from './Choices.tsx';
import { guestNames } from './guestNames.ts';
import { Instead } from './Instead.tsx';
import { JobField } from './JobField.tsx';
import { LabelForm } from '../labels/LabelForm.tsx';
import { MakerForm } from '../labels/MakerForm.tsx';
import { SharedMediumField } from './SharedMediumField.tsx';

const headline = {
  clear: 'may eat it',
  check: 'may eat it, once this is settled',
  adaptable: 'cannot eat it as written',
  conflict: 'cannot eat it',
} as const;

/** Why a guest may or may not eat a dish, in a chain from need to label, and what would change it. */
export function WhyPanel({ dishId, guestId }: { dishId: string; guestId: string }) {
  const { occasion, table, shown, edit } = useOccasionView();
  const row = table.rows.find((each) => each.dish.id === dishId)!;
  const guest = occasion.guests.find((each) => each.id === guestId)!;
  const cell = row.cells.get(guest.id)!;
  const made = row.versions.find((each) => each.version.id === cell.version)!;
  const verdict = shown.get(cellKey(dishId, guestId))!;
  const { data: own } = useSwapsQuery();
  const mine = useMemo(() => own?.map((each) => each.entry) ?? [], [own]);
  const offers = useMemo(() => offersFor(occasion, row, guest.id, mine), [occasion, row, guest.id, mine]);
  const served = !row.dish.notFor.includes(guest.id);
  const setServed = (to: boolean) =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((dish) =>
        dish.id === row.dish.id
          ? { ...dish, notFor: to ? dish.notFor.filter((id) => id !== guest.id) : [...dish.notFor, guest.id] }
          : dish,
      ),
    }));
  return (
    <div>
      <h2>
        {guest.name} and the {shortName(made.recipe.name)}
      </h2>
      <p className="row" style={{ margin: '6px 0 4px' }}>
        <VerdictMark verdict={verdict} /> <strong>{verdict}</strong>{' '}
        <span className="soft">
          {guest.name} {headline[verdict]}
        </span>
      </p>
      {cell.version !== row.dish.versions[0]!.id && (
        <p className="soft">
          {guest.name} gets it {made.version.name}. <BackToFirst dishId={dishId} guest={guest} />
        </p>
      )}
      {row.versions
        .flatMap((each) => nameFaults(each.recipe.name, each.evidence))
        .slice(0, 2)
        .map((fault) => (
          <p key={fault.words} className="fault">
            {fault.words}
          </p>
        ))}
      <Reasons reasons={cell.judgement.reasons} guest={guest} dishId={dishId} offers={offers} />
      {row.dish.brought && <MakerForm dish={row.dish.id} />}
      {verdict === 'clear' && cell.judgement.notes.length === 0 && <Grounds dishId={dishId} guestId={guestId} />}
      {cell.judgement.notes.map((note, index) => (
        <p key={index} className="soft">
          {note.need.kind !== 'open' && note.need.strictness === 'prefers-not'
            ? 'A wish, not a rule'
            : 'Agreed with them'}
          : {note.chain.join(' · ')}
        </p>
      ))}
      {offers.length > 0 && (
        <h3 style={{ marginTop: 14 }}>
          {offers.some((offer) => offer.lines.length > 1)
            ? 'What would do the same jobs'
            : 'What would do the same job'}
        </h3>
      )}
      {offers.map((offer) => (
        <OfferCard key={offer.scope} offer={offer} dishId={dishId} guest={guest} />
      ))}
      {verdict === 'conflict' && <Instead row={row} guest={guest} own={mine} />}
      <p style={{ marginTop: 14 }}>
        <Button size="small" onClick={() => setServed(!served)}>
          {served ? `Do not serve this to ${guest.name}` : `Serve it to ${guest.name} after all`}
        </Button>
      </p>
      <SharedMediumField dishId={dishId} />
    </div>
  );
}

const shortName = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

function BackToFirst({ dishId, guest }: { dishId: string; guest: Guest }) {
  const { edit } = useOccasionView();
  const back = () =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((dish) =>
        dish.id === dishId
          ? {
              ...dish,
              versions: dish.versions
                .map((version) => ({ ...version, guests: version.guests.filter((id) => id !== guest.id) }))
                .filter((version, index) => index === 0 || version.guests.length > 0),
            }
          : dish,
      ),
    }));
  return (
    <button type="button" className="bare" style={{ color: 'var(--violet)', fontWeight: 600 }} onClick={back}>
      Back to as written
    </button>
  );
}

function Reasons({
  reasons,
  guest,
  dishId,
  offers,
}: {
  reasons: readonly Reason[];
  guest: Guest;
  dishId: string;
  offers: readonly Offer[];
}) {
  const { occasion } = useOccasionView();
  const [all, setAll] = useState(false);
  const [reading, setReading] = useState<string>();
  const groups = grouped(reasons);
  // What an offer has, with a second version as well, is not offered twice.
  const isOffered = (id: LineId) => offers.some(({ lines }) => lines.some(({ line }) => line === id));
  // A conflict is never behind a fold; long lists of questions may be.
  const conflicts = groups.filter((group) => group.verdict === 'conflict');
  const questions = groups.filter((group) => group.verdict === 'check');
  const list = all
    ? [...conflicts, ...questions]
    : [...conflicts, ...questions.slice(0, Math.max(1, 3 - conflicts.length))];
  return (
    <>
      {list.map(({ key, verdict, head, tails, line, food, readable }) => (
        <div key={key}>
          <ul className={`chain v-${verdict}`}>
            {head.map((words, at) => (
              <li key={at}>
                <span style={{ color: 'var(--ink)' }}>{at === 1 ? <span className="words">{words}</span> : words}</span>
              </li>
            ))}
            {tails.map((words) => (
              <li key={words}>
                <span style={{ color: 'var(--ink)' }}>{words}</span>
              </li>
            ))}
          </ul>
          {line && !isOffered(line) && <Choices dishId={dishId} guest={guest} line={line} />}
          {readable &&
            food &&
            (reading === key ? (
              <LabelForm food={food} onDone={() => setReading(undefined)} />
            ) : (
              <Button size="small" style={{ marginBottom: 8 }} onClick={() => setReading(key)}>
                I have read the label of {knowledgeOf(occasion).food(food)?.name}
              </Button>
            ))}
        </div>
      ))}
      {list.length < groups.length && (
        <Button size="small" type="text" onClick={() => setAll(true)}>
          {groups.length - list.length} more to check for {guest.name}
        </Button>
      )}
    </>
  );
}

interface Group {
  readonly key: string;
  readonly verdict: Reason['verdict'];
  readonly head: readonly string[];
  readonly tails: readonly string[];
  readonly line: Reason['line'];
  readonly food: Reason['food'];
  readonly readable: boolean;
}

/** All that stands in the way of one need at one line, said once: the gravest first. */
function grouped(reasons: readonly Reason[]): readonly Group[] {
  const groups = new Map<string, Reason[]>();
  for (const reason of reasons) {
    const key = `${reason.need.id}/${reason.line ?? ''}/${reason.chain[1] ?? ''}/${reason.verdict}`;
    groups.set(key, [...(groups.get(key) ?? []), reason]);
  }
  return [...groups].map(([key, some]): Group => {
    const [first] = some;
    return {
      key,
      verdict: first!.verdict,
      head: first!.chain.slice(0, 2),
      tails: [...new Set(some.flatMap((reason) => reason.chain.slice(2)))],
      line: first!.line,
      food: first!.food,
      readable: some.some((reason) => reason.settles === 'label' || reason.settles === 'product'),
    };
  });
}

function Grounds({ dishId, guestId }: { dishId: string; guestId: string }) {
  const { table, occasion } = useOccasionView();
  const row = table.rows.find((each) => each.dish.id === dishId)!;
  const made = row.versions.find((each) => each.version.id === row.cells.get(guestId as never)!.version)!;
  const guest = occasion.guests.find((each) => each.id === guestId)!;
  const read = new Set(made.evidence.filter((each) => each.grade === 'label').map((each) => each.line));
  if (guest.needs.length === 0) return <p className="soft">No needs are noted for {guest.name}.</p>;
  return (
    <p className="soft">
      All {made.recipe.lines.length} ingredients are known, and none holds or may hold what {guest.name} avoids.
      {read.size > 0 ? ` ${read.size} rest on a label that was read.` : ''}
    </p>
  );
}

function OfferCard({ offer, dishId, guest }: { offer: Offer; dishId: string; guest: Guest }) {
  const { occasion, edit } = useOccasionView();
  const [picked, setPicked] = useState<Readonly<Record<string, number>>>({});
  const names = (ids: readonly string[]) => guestNames(occasion, ids);
  const chosenAt = (line: string, usable: number) => picked[line] ?? usable;
  const lines = offer.lines.map((line) => {
    const first = line.options.findIndex((option) => option.breaks.length === 0);
    return { line, at: chosenAt(line.line, first), option: line.options[chosenAt(line.line, first)]! };
  });
  const kept = offer.swaps.filter((swap) => !offer.lines.some((line) => line.line === swap.line));
  const swaps: Swap[] = [...kept, ...lines.map(({ option }) => option.swap)];
  const apply = () =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((dish) => {
        if (dish.id !== dishId) return dish;
        const id = v.parse(
          VersionId,
          freshId(
            `for-${offer.guests[0]}`,
            dish.versions.map((version) => version.id),
          ),
        );
        const name = `with ${listed(lines.map(({ option }) => option.name))}`.slice(0, 120);
        return applyOffer(dish, { ...offer, swaps }, guest.id, id, name);
      }),
    }));
  const asks = [...new Set(lines.flatMap(({ option }) => option.asks))];
  return (
    <div className="offer">
      <h4>
        {offer.scope === 'everyone'
          ? 'Change it for everyone who shares it'
          : `Make a second version for ${names(offer.guests)}`}
      </h4>
      {lines.map(({ line, at, option }) => (
        <div className="swap" key={line.line}>
          <span className="soft small">instead of “{line.words}”</span>
          <JobField dishId={dishId} line={line.line} role={line.role} words={line.words} />
          <Select
            aria-label={`Instead of ${line.words}`}
            style={{ width: '100%' }}
            value={at}
            onChange={(to: number) => setPicked({ ...picked, [line.line]: to })}
            options={line.options.map((each, index) => ({
              value: index,
              disabled: each.breaks.length > 0,
              label: each.breaks.length > 0 ? `${each.name} (breaks ${names(each.breaks)})` : each.name,
            }))}
          />
          <span className="small">{option.technique}</span>
        </div>
      ))}
      <p className="small soft">
        Gains: {names(offer.gains)}.{asks.length > 0 ? ` Labels to read for ${names(asks)}.` : ''}{' '}
        {offer.scope === 'own-version' ? 'One more batch, kept apart.' : 'No extra batch.'}
      </p>
      <Button type={offer.scope === 'everyone' ? 'primary' : 'default'} style={{ marginTop: 8 }} onClick={apply}>
        {offer.scope === 'everyone' ? 'Use for all' : 'Make the second version'}
      </Button>
    </div>
  );
}
