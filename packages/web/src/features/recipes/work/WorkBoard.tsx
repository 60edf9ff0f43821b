import {
  DndContext,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useId, useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { isBehind, noLabels, workOf, type Recipe, type RecipeFinding, type StepId } from '@lupin/core';
import { useUnits } from '../../../shared/units.ts';
import { pictureOf, type Card, type Picture, type Stream } from './layout.ts';
import { nextCard } from './moving.ts';
import { foodWords, freshPieces, lengthWords, placeWords, waitLabel } from './words.ts';
import './board.css';

interface Props {
  readonly recipe: Recipe;
  readonly findings?: readonly RecipeFinding[];
  /** Steps whose order was only guessed when the recipe was read. */
  readonly guessed?: ReadonlySet<string>;
  readonly selected?: StepId | undefined;
  readonly onSelect?: (step: StepId | undefined) => void;
  /** The first is to wait for the second. Absent: the picture is only looked at. */
  readonly onWait?: (step: StepId, on: StepId) => void;
  /** Enter on a card: on to its fields. */
  readonly onOpen?: (step: StepId) => void;
}

/**
 * The work of a recipe as a picture: food flows down to the plate. One card drawn on to another waits for it; with the keyboard, arrows go along the
 * streams, W and then another card do the same. The list of steps has the same in words.
 */
export function WorkBoard({ recipe, findings = [], guessed, selected, onSelect, onWait, onOpen }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const room = useWidth(box);
  const work = useMemo(() => workOf(recipe, noLabels), [recipe]);
  const picture = useMemo(() => pictureOf(work, room - 2), [work, room]);
  // A finger that moves at once scrolls; one that rests first takes the card.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  /** The card that is about to wait for another. */
  const [waiting, setWaiting] = useState<StepId>();
  const [over, setOver] = useState<StepId>();
  const titleOf = (id: StepId) => recipe.steps.find((step) => step.id === id)?.title ?? '';
  const focus = (id: StepId | undefined) =>
    id && box.current?.querySelector<HTMLElement>(`[data-step="${CSS.escape(id)}"]`)?.focus();
  const join = (step: StepId, on: StepId) => {
    setWaiting(undefined);
    setOver(undefined);
    if (step !== on) onWait?.(step, on);
  };
  const onKeyDown = (event: KeyboardEvent, { work: { step } }: Card) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const next = nextCard(picture, step.id, event.key);
    if (next) {
      event.preventDefault();
      if (waiting) setOver(next);
      else onSelect?.(next);
      focus(next);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (waiting) join(waiting, step.id);
      else onOpen?.(step.id);
    } else if (event.key.toLowerCase() === 'w' && onWait) {
      event.preventDefault();
      setWaiting(step.id);
      onSelect?.(step.id);
    } else if (event.key === 'Escape') {
      focus(waiting);
      setWaiting(undefined);
      setOver(undefined);
    }
  };
  return (
    <div className="work-board">
      {onWait && (
        <p className="small soft work-hint" role="status">
          {hintWords(
            waiting && titleOf(waiting),
            over && over !== waiting ? titleOf(over) : undefined,
            onOpen !== undefined,
            waiting !== undefined && over !== undefined && isBehind(recipe, waiting, over),
          )}
        </p>
      )}
      <div className="work-picture" ref={box}>
        <DndContext
          sensors={sensors}
          collisionDetection={pointerWithin}
          onDragStart={({ active }) => setWaiting(active.id as StepId)}
          onDragOver={({ over: on }) => setOver(on?.id as StepId | undefined)}
          onDragCancel={() => {
            setWaiting(undefined);
            setOver(undefined);
          }}
          onDragEnd={({ active, over: on }) => {
            if (on) join(active.id as StepId, on.id as StepId);
            setWaiting(undefined);
            setOver(undefined);
          }}
        >
          <div
            className="work-sheet"
            role="group"
            aria-label="The work of this recipe: what waits for what, down to the plate"
            style={{ width: picture.width, height: picture.height }}
          >
            <Streams picture={picture} selected={selected} />
            {picture.cards.map((card) => (
              <StepCard
                key={card.work.step.id}
                card={card}
                recipe={recipe}
                fresh={freshPieces(card.work, work.slice(0, card.work.number - 1))}
                marks={[
                  ...(findings.some((each) => each.step === card.work.step.id && each.weight === 'danger')
                    ? ['has-danger']
                    : []),
                  ...(findings.some((each) => each.step === card.work.step.id) ? ['is-odd'] : []),
                  ...(guessed?.has(card.work.step.id) ? ['is-guess'] : []),
                  ...(selected === card.work.step.id ? ['is-chosen'] : []),
                  ...(over === card.work.step.id && waiting !== over ? ['is-over'] : []),
                ]}
                isFirst={selected ? selected === card.work.step.id : card.work.number === 1}
                isDragged={waiting === card.work.step.id}
                canDrag={onWait !== undefined}
                onSelect={
                  onSelect && (() => (waiting ? join(waiting, card.work.step.id) : onSelect(card.work.step.id)))
                }
                onKeyDown={(event) => onKeyDown(event, card)}
              />
            ))}
            <div
              className="work-plate"
              style={{
                left: picture.plate.x + picture.plate.width / 2,
                top: picture.plate.y,
                minWidth: Math.min(200, picture.plate.width),
                height: picture.plate.height,
              }}
            >
              the plate <span className="soft">· may stand {lengthWords(recipe.hold.mostMin)}</span>
            </div>
          </div>
        </DndContext>
      </div>
    </div>
  );
}

function hintWords(
  waiting: string | undefined,
  on: string | undefined,
  hasFields: boolean,
  waitsAlready: boolean,
): string {
  if (waiting === undefined)
    return `Draw a step on to another and it waits for it; or W and the arrows. ${hasFields ? 'Enter opens its fields.' : 'All else of a step can be changed when it is kept.'}`;
  if (on === undefined) return `What does “${waiting}” wait for? Go there and press Enter; Escape leaves it as it is.`;
  return waitsAlready ? `“${waiting}” and “${on}” will go side by side.` : `“${waiting}” will wait for “${on}”.`;
}

/** How wide an element is, as it changes. */
function useWidth(box: RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(820);
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    setWidth(element.clientWidth);
    return () => observer.disconnect();
  }, [box]);
  return width;
}

const pathOf = ({ points }: Stream): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'} ${x} ${y}`).join(' ');

/** The streams: a broad band where food stays in its piece, a line where it is moved. */
function Streams({
  picture: { streams, width, height },
  selected,
}: {
  picture: Picture;
  selected: StepId | undefined;
}) {
  // Several pictures stand on one page where several recipes were read.
  const tip = useId();
  const isOf = (each: Stream) => selected !== undefined && (each.from === selected || each.to === selected);
  return (
    <>
      <svg width={width} height={height} aria-hidden="true">
        <defs>
          <marker
            id={tip}
            className="work-tip"
            markerWidth="9"
            markerHeight="9"
            refX="7.5"
            refY="4.5"
            orient="auto"
            markerUnits="userSpaceOnUse"
          >
            <path d="M 0 0 L 8.5 4.5 L 0 9 z" />
          </marker>
        </defs>
        {streams
          .filter((each) => each.wait?.stays)
          .map((each) => (
            <path key={`${each.from}-${each.to}-band`} className="work-band" d={pathOf(each)} />
          ))}
        {streams.map((each) => (
          <path
            key={`${each.from}-${each.to}`}
            className={isOf(each) ? 'work-line is-chosen' : 'work-line'}
            d={pathOf(each)}
            markerEnd={`url(#${tip})`}
          />
        ))}
      </svg>
      {streams.map((each) => {
        const words = each.wait && waitLabel(each.wait);
        return words ? (
          <span
            key={`${each.from}-${each.to}`}
            className="work-wait"
            style={{ left: each.label.x + 8, top: each.label.y + 2 }}
          >
            {words}
          </span>
        ) : null;
      })}
    </>
  );
}

interface CardProps {
  readonly card: Card;
  readonly recipe: Recipe;
  readonly fresh: readonly string[];
  readonly marks: readonly string[];
  /** It is the one that the Tab key comes to. */
  readonly isFirst: boolean;
  readonly isDragged: boolean;
  readonly canDrag: boolean;
  readonly onSelect: (() => void) | undefined;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

function StepCard({ card, recipe, fresh, marks, isFirst, isDragged, canDrag, onSelect, onKeyDown }: CardProps) {
  const units = useUnits();
  const { step, number } = card.work;
  const drag = useDraggable({ id: step.id, disabled: !canDrag });
  const drop = useDroppable({ id: step.id, disabled: !canDrag });
  const foods = step.uses.flatMap((id) => recipe.lines.filter((line) => line.id === id).map(foodWords));
  const shift = drag.transform ? `translate(${drag.transform.x}px, ${drag.transform.y}px)` : undefined;
  const total = step.durationMin.likely;
  // The keyboard has ways of its own.
  const { onKeyDown: _keys, ...held } = drag.listeners ?? {};
  return (
    <button
      type="button"
      ref={(node) => {
        drag.setNodeRef(node);
        drop.setNodeRef(node);
      }}
      data-step={step.id}
      className={['bare work-card', step.hands === 'on' ? 'by-hand' : 'by-itself', ...marks].join(' ')}
      style={{
        left: card.x,
        top: card.y,
        width: card.width,
        height: card.height,
        transform: shift,
        zIndex: isDragged ? 3 : undefined,
      }}
      tabIndex={isFirst ? 0 : -1}
      aria-pressed={onSelect ? marks.includes('is-chosen') : undefined}
      title={step.title}
      onClick={onSelect}
      onKeyDown={onKeyDown}
      {...held}
    >
      <span className="work-length" aria-hidden="true">
        {step.looks.map((look) => (
          <i key={look.id} style={{ top: `${Math.min(96, (look.atMin / Math.max(1, total)) * 100)}%` }} />
        ))}
      </span>
      <span className={card.titleLines === 2 ? 'work-title two' : 'work-title'}>
        <b>{number}</b> {step.title}
      </span>
      <span className="work-facts">
        {lengthWords(total)} · {placeWords(step, units.degrees)}
        {fresh.length > 0 && ` · ${fresh.join(', ')}`}
        {step.canOmit && ' · if you like'}
      </span>
      {foods.length > 0 && <span className="work-foods">{foods.join(', ')}</span>}
    </button>
  );
}
