import { Button, Popconfirm } from 'antd';
import {
  boxEntry,
  clockTime,
  hazardWords,
  listed,
  rules,
  type Happening,
  type JudgedLeftover,
  type Occasion,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { longDay } from '../../shared/words.ts';
import { ReadingForm } from './ReadingForm.tsx';

interface BoxLabelProps {
  readonly occasion: Occasion;
  readonly judged: JudgedLeftover;
  readonly today: string;
  readonly named: boolean;
  readonly onNote: (...what: readonly Happening[]) => void;
  readonly onCorrect: () => void;
}

const portionWords = (portions: number): string => `about ${portions} ${portions === 1 ? 'portion' : 'portions'}`;

/** A box and its label: what is in it, what it holds, for whom, until when; and how it cools. */
export function BoxLabel({ occasion, judged, today, named, onNote, onCorrect }: BoxLabelProps) {
  const units = useUnits();
  const { leftover, verdict, cooling } = judged;
  const nameOf = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  const at = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  const isOver = judged.eatBy !== undefined && judged.eatBy < today;
  const where = { counter: 'on the counter', fridge: 'in the fridge', freezer: 'in the freezer' }[leftover.where];
  return (
    <article className={`box-label ${verdict} ${isOver ? 'over' : ''}`} aria-label={`${judged.name}, ${leftover.box}`}>
      <header>
        <h3>
          {judged.name}
          {judged.versionName && `, ${judged.versionName}`}
        </h3>
        <p>
          {portionWords(leftover.portions)}, {leftover.box}, {where}
        </p>
      </header>
      <p className="in-it">
        {judged.contains.length > 0 ? (
          <>
            Contains <strong>{hazardWords(judged.contains)}</strong>
          </>
        ) : (
          'Nothing to declare is known in it'
        )}
        {judged.mayContain.length > 0 && (
          <>
            . May contain <strong>{hazardWords(judged.mayContain)}</strong>
          </>
        )}
        .{judged.unsure && <strong> A label or a word in it is not settled.</strong>}
      </p>
      {verdict === 'keep' && !isOver && (
        <p className="eat-by">
          Eat by <strong>{longDay(judged.eatBy!)}</strong>
          {judged.freezeBy && <>, or freeze by then; the sooner the better</>}.
        </p>
      )}
      {verdict === 'keep' && isOver && (
        <p className="eat-by stood-over">
          <strong>Its last day was {longDay(judged.eatBy!)}. Throw it away.</strong>
        </p>
      )}
      {verdict === 'put-away' && (
        <p className="eat-by stood-soon">
          <strong>Not put away yet.</strong>
        </p>
      )}
      {verdict === 'throw-away' && (
        <p className="eat-by stood-over">
          <strong>Throw it away.</strong>
        </p>
      )}
      {verdict === 'keep' && leftover.where !== 'counter' && (
        <p className="small">
          If warmed: {units.degrees(rules.reheatC)} all through, once. From the freezer: thaw in the fridge.
        </p>
      )}
      {named && (judged.clearFor.length > 0 || judged.notAnyMoreFor.length > 0) && verdict !== 'throw-away' && (
        <p className="small">
          {judged.clearFor.length > 0 && `Clear for ${listed(judged.clearFor.map(nameOf))}, as the dish was. `}
          {judged.notAnyMoreFor.length > 0 && (
            <strong>
              Not any more for {listed(judged.notAnyMoreFor.map(nameOf))}:{' '}
              {leftover.keptBack
                ? 'something reached it on the day'
                : 'it stood on the table beside what they must avoid, or something reached it on the day'}
              .
            </strong>
          )}
        </p>
      )}
      <div className="no-print box-why">
        <ul className="small">
          {judged.why.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
        {verdict === 'keep' && leftover.where !== 'counter' && (
          <div className="small cooling">
            {cooling.state === 'cold' ? (
              <p>
                Cold: {units.degrees(cooling.readings.at(-1)!.celsius)} at {at(cooling.readings.at(-1)!.atMin)}.
              </p>
            ) : (
              <p>
                {cooling.readings.length > 0 &&
                  `${units.degrees(cooling.readings.at(-1)!.celsius)} at ${at(cooling.readings.at(-1)!.atMin)}. `}
                If it went in warm: {units.degrees(rules.coolsFirstC)} by {at(cooling.firstByMin)},{' '}
                {units.degrees(rules.coldHoldC)} by {at(cooling.thenByMin)}.
              </p>
            )}
            <ReadingForm
              label={`${judged.name}, cooling`}
              onNote={(celsius) =>
                onNote({ kind: 'measure', entry: boxEntry(leftover.id), measured: 'cooling', celsius })
              }
            />
          </div>
        )}
        <span className="row">
          <Button size="small" onClick={onCorrect}>
            Correct
          </Button>
          <Popconfirm
            title="Eaten, or thrown away?"
            okText="It is gone"
            cancelText="Keep it here"
            onConfirm={() => onNote({ kind: 'leftover-off', leftover: leftover.id })}
          >
            <Button size="small">It is gone</Button>
          </Popconfirm>
        </span>
      </div>
    </article>
  );
}
