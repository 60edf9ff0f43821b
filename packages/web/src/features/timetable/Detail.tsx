import { useMemo } from 'react';
import {
  clockTime,
  listed,
  colderWords,
  rawWords,
  slipMin,
  span,
  standings,
  type FitTable,
  type Neighbour,
  type Occasion,
  type Plan,
  type RunSheetEntry,
  type StepEntry,
  type TaskNetwork,
  type WaitsFor,
} from '@lupin/core';
import { PinButtons } from './PinButtons.tsx';
import { useUnits } from '../../shared/units.ts';

interface DetailProps {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly table: FitTable;
  readonly network: TaskNetwork;
  readonly entry: RunSheetEntry | undefined;
  readonly entries: readonly RunSheetEntry[];
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
}

/** Why this is here, why now, and what holds it. */
export function Detail({ occasion, plan, table, network, entry, entries, onChange }: DetailProps) {
  const units = useUnits();
  const standingOf = useMemo(() => standings(occasion, plan, table), [occasion, plan, table]);
  const standing = useMemo(
    () => (entry && entry.kind !== 'look' ? standingOf(entry.id) : undefined),
    [standingOf, entry],
  );
  const at = (moment: number) => clockTime(occasion.serveAt, moment);
  const names = (ids: readonly string[]) =>
    listed(ids.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));
  if (!entry)
    return (
      <section>
        <h2>Press anything in the timetable</h2>
        <p className="soft">
          It says what it is, why it is there, and what it waits for. Arrow keys go from one to the next.
        </p>
      </section>
    );
  const titleOf = (id: string) => {
    const found = entries.find((each) => each.id === id);
    return found ? `“${found.title}”` : id;
  };
  const near = (list: readonly Neighbour[]) =>
    listed(
      list
        .slice(0, 3)
        .map(
          (each) =>
            `${titleOf(each.id)}${reasons[each.because] && ` (${each.because === 'kit' ? (occasion.kitchen.kit.find((unit) => unit.id === each.unit)?.name ?? 'the same kit') : reasons[each.because]})`}`,
        ),
    );
  const batchName = (id: string) => network.batches.find((batch) => batch.id === id)?.recipe.name ?? id;
  const slips = standing && (
    <p style={{ marginTop: 4 }}>
      {standing.heldBy.length > 0 && (
        <>
          Not earlier: it begins when {near(standing.heldBy)} {standing.heldBy.length === 1 ? 'has' : 'have'}{' '}
          ended.{' '}
        </>
      )}
      {standing.holds.length > 0 && <>Not later: then {near(standing.holds)} would begin late. </>}
      <strong>
        {standing.slackMin >= slipMin
          ? `It can run over by ${standing.slackMin >= 60 ? 'an hour' : span(standing.slackMin)} before anything is late at the table.`
          : `If it slips by ${slipMin} min: ${listed([...new Map(standing.slips.map((each) => [batchName(each.batch), each.lateMin]))].map(([name, late]) => `${name} ${late} min late`))}${standing.slackMin > 0 ? `; ${standing.slackMin} min do no harm` : ''}.`}
      </strong>
    </p>
  );
  const time = `${at(entry.startMin)} to ${at(entry.endMin)}, ${span(entry.endMin - entry.startMin)}`;
  if (entry.kind === 'oven')
    return (
      <section>
        <h2>
          {entry.title} {units.degrees(entry.dialC)}
        </h2>
        <p>
          {time}:{' '}
          {entry.dialC !== entry.temperatureC && `the dial; inside it is then ${units.degrees(entry.temperatureC)}, `}it
          is hot at {at(entry.endMin)}.
        </p>
      </section>
    );
  if (entry.kind === 'look')
    return (
      <section>
        <h2>{entry.title}</h2>
        <p>
          {time}. {entry.until && `Until ${entry.until}.`}
        </p>
      </section>
    );
  if (entry.kind === 'wash') {
    return (
      <section>
        <h2>{entry.title}</h2>
        <p>
          {time}. {entry.how}
        </p>
        <p style={{ marginTop: 6 }}>
          On it: <strong>{listed(entry.carries)}</strong>.
          {entry.guests.length > 0 && ` Not a trace may reach ${names(entry.guests)}.`}
          {entry.raw && ' What is raw may reach nobody’s plate.'}
        </p>
        {slips}
        <p className="soft">
          {entry.next.map(
            (next) =>
              `${next.item.charAt(0).toUpperCase() + next.item.slice(1)} next: “${next.title}” at ${at(next.atMin)} (${next.dishName}). `,
          )}
        </p>
      </section>
    );
  }
  const task = network.tasks.find((each) => each.id === entry.id);
  const before = (task?.after ?? []).flatMap((link) => {
    const found = entries.find((each) => each.id === link.task);
    return found ? [{ found, link }] : [];
  });
  const after = network.tasks
    .filter((each) => each.after.some((link) => link.task === entry.id))
    .flatMap((each) => entries.find((one) => one.id === each.id) ?? []);
  return (
    <section>
      <h2>{entry.title}</h2>
      <p>
        {entry.dishName}
        {entry.versionName && `, ${entry.versionName}`}. {time}
        {entry.leastMin !== entry.mostMin &&
          ` (${entry.lies || entry.oven?.bentC ? 'it may take' : 'the recipe allows'} ${entry.leastMin} to ${entry.mostMin})`}
        .
      </p>
      {entry.until && <p>Until {entry.until}.</p>}
      {entry.freeFrom.length > 0 && (
        <p style={{ color: 'var(--leaf)' }}>
          Kept free from {listed(entry.freeFrom)} for {names(entry.freeFor)}.
        </p>
      )}
      {entry.raw && <p style={{ color: 'var(--clay)' }}>{rawWords(entry)}</p>}
      <p className="soft" style={{ marginTop: 6 }}>
        {before.map(
          ({ found, link }) =>
            `After “${found.title}” (done ${at(found.endMin)}${link.mostMin !== undefined ? `, may wait ${span(link.mostMin)}` : ''}). `,
        )}
        {after.map((found) => `Before “${found.title}” (${at(found.startMin)}). `)}
        {task?.serve && `Goes out at ${at(task.serve.atMin)}; may stand ${span(task.serve.mostHoldMin)}. `}
        {entry.kit.length > 0 && `With ${listed(entry.kit)}.`}
      </p>
      {slips}
      {entry.oven?.shutMin !== undefined && (
        <p>The oven door stays shut for {span(entry.oven.shutMin)} from when it goes in.</p>
      )}
      <Guesses occasion={occasion} entry={entry} />
      <PinButtons occasion={occasion} entry={entry} isTask={task !== undefined} onChange={onChange} />
    </section>
  );
}

/** Why its time is a guess. */
function Guesses({ occasion, entry }: { occasion: Occasion; entry: StepEntry }) {
  return (
    <>
      {entry.lies && (
        <p style={{ color: 'var(--straw)' }}>
          It lies {entry.lies} here than the recipe has it: its time is a guess
          {entry.lies === 'shallower'
            ? `, look from ${clockTime(occasion.serveAt, entry.startMin + entry.leastMin)}`
            : ', and longer than written'}
          .
        </p>
      )}
      {entry.colder && <p style={{ color: 'var(--straw)' }}>{colderWords(entry)}</p>}
      {entry.oven && entry.oven.bentC !== 0 && (
        <p style={{ color: 'var(--straw)' }}>
          Baked {Math.abs(entry.oven.bentC)} °C {entry.oven.bentC < 0 ? 'cooler' : 'hotter'} than the recipe says, to
          share the oven; its time is corrected, and a guess.
        </p>
      )}
    </>
  );
}

const reasons: Readonly<Record<WaitsFor, string>> = {
  recipe: '',
  kit: 'the same kit',
  hands: 'the same hands',
  rack: 'the same rack',
  oven: 'another heat, or the door',
  burner: 'the same burner',
  fridge: 'room in the fridge',
  freezer: 'room in the freezer',
  sink: 'the sink',
  dishwasher: 'the dishwasher',
  air: 'flour in the air',
};
