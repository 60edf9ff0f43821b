import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { HolderOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, Select } from 'antd';
import { useRef, useState, type KeyboardEvent } from 'react';
import {
  foodOf,
  hazardOf,
  readLine,
  roleNames,
  roleOf,
  type IngredientLine,
  type Recipe,
  type RecipeFinding,
  type Role,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { moved, newLine, reread, withoutLine } from './edits.ts';

interface Props {
  readonly recipe: Recipe;
  readonly others: readonly Recipe[];
  readonly findings: readonly RecipeFinding[];
  readonly change: (next: (recipe: Recipe) => Recipe) => string | undefined;
}

/** The ingredient list, read as it is typed. Enter begins the next line, Alt and an arrow moves one, an emptied line goes. */
export function LinesEditor({ recipe, others, findings, change }: Props) {
  const [open, setOpen] = useState<string>();
  /** Where a line is being added: after this index. */
  const [adding, setAdding] = useState<number>();
  const list = useRef<HTMLOListElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const focusAt = (index: number) =>
    window.setTimeout(() => list.current?.querySelectorAll<HTMLInputElement>('input.line-text')[index]?.focus(), 30);
  const move = (from: number, to: number) => {
    change((one) => ({ ...one, lines: moved(one.lines, from, to) }));
    focusAt(to);
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    change((one) => ({
      ...one,
      lines: moved(
        one.lines,
        one.lines.findIndex((line) => line.id === active.id),
        one.lines.findIndex((line) => line.id === over.id),
      ),
    }));
  };
  const add = (after: number, text: string) => {
    setAdding(undefined);
    if (!text.trim()) return;
    change((one) => ({
      ...one,
      lines: [
        ...one.lines.slice(0, after + 1),
        newLine(one, text.trim(), one.lines[after]?.heading),
        ...one.lines.slice(after + 1),
      ],
    }));
  };
  return (
    <section aria-label="Ingredients">
      <h2>Ingredients</h2>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={recipe.lines.map((line) => line.id as string)} strategy={verticalListSortingStrategy}>
          <ol className="line-list" ref={list}>
            {recipe.lines.map((line, index) => (
              <LineRow
                key={line.id}
                line={line}
                recipe={recipe}
                others={others}
                findings={findings.filter((each) => each.line === line.id && each.step === undefined)}
                open={open === line.id}
                startsPart={line.heading !== recipe.lines[index - 1]?.heading}
                onOpen={() => setOpen(open === line.id ? undefined : line.id)}
                onText={(text) => {
                  if (text.trim())
                    change((one) => ({
                      ...one,
                      lines: one.lines.map((each) => (each.id === line.id ? reread(each, text.trim(), one) : each)),
                    }));
                  else if (recipe.lines.length > 1) change((one) => withoutLine(one, line.id));
                }}
                onPart={(part) =>
                  change((one) => ({
                    ...one,
                    lines: one.lines.map((each) => (each.id === line.id ? { ...each, ...part } : each)),
                  }))
                }
                onRemove={() => {
                  if (recipe.lines.length > 1) {
                    change((one) => withoutLine(one, line.id));
                    focusAt(Math.max(0, index - 1));
                  }
                }}
                onKey={(event) => {
                  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
                    event.preventDefault();
                    move(index, index + (event.key === 'ArrowUp' ? -1 : 1));
                  } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
                    event.preventDefault();
                    focusAt(index + (event.key === 'ArrowUp' ? -1 : 1));
                  } else if (event.key === 'Enter') setAdding(index);
                }}
                after={
                  adding === index && (
                    <NewLine
                      onDone={(text) => add(index, text)}
                      onMore={(text) => {
                        add(index, text);
                        setAdding(index + 1);
                      }}
                    />
                  )
                }
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <Button size="small" onClick={() => setAdding(recipe.lines.length - 1)}>
        Add an ingredient
      </Button>
      <span className="soft small" style={{ marginLeft: 12 }}>
        <kbd>Enter</kbd> next line · <kbd>Alt</kbd> <kbd>↑</kbd> <kbd>↓</kbd> moves it
      </span>
    </section>
  );
}

function NewLine({ onDone, onMore }: { onDone: (text: string) => void; onMore: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <div className="line-new">
      <Input
        autoFocus
        className="line-text"
        aria-label="New ingredient"
        value={text}
        maxLength={300}
        placeholder="200 g …"
        onChange={(event) => setText(event.target.value)}
        onBlur={() => onDone(text)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onDone('');
        }}
        onPressEnter={(event) => {
          event.preventDefault();
          if (text.trim()) {
            onMore(text);
            setText('');
          } else onDone('');
        }}
      />
      {text.trim() && <LiveReading text={text} />}
    </div>
  );
}

/** What is understood of a line while it is typed. */
function LiveReading({ text }: { text: string }) {
  const units = useUnits();
  const { amount, food, likeFood, ingredient, doubts } = readLine(text);
  const measured = units.amount(amount, food ?? likeFood, undefined);
  const holds = ingredient.contained
    .map((each) => hazardOf(each.hazard))
    .filter((hazard) => hazard.kind === 'allergen')
    .map((hazard) => hazard.name);
  const maybe = ingredient.possible
    .map((each) => hazardOf(each.hazard))
    .filter((hazard) => hazard.kind === 'allergen')
    .map((hazard) => hazard.name);
  return (
    <span className="small line-reading">
      <strong>{measured.text || 'no amount'}</strong> <span>{food ? foodOf(food)?.name : 'judged by its words'}</span>
      {holds.length > 0 && <span style={{ color: 'var(--clay)' }}>holds {holds.join(', ')}</span>}
      {maybe.length > 0 && (
        <span style={{ color: 'var(--straw)' }}>
          may hold {maybe.slice(0, 4).join(', ')}
          {maybe.length > 4 && ' …'}
        </span>
      )}
      {doubts.map((doubt) => (
        <span key={doubt} style={{ color: 'var(--straw)' }}>
          {doubt}
        </span>
      ))}
    </span>
  );
}

interface RowProps {
  readonly line: IngredientLine;
  readonly recipe: Recipe;
  readonly others: readonly Recipe[];
  readonly findings: readonly RecipeFinding[];
  readonly open: boolean;
  readonly startsPart: boolean;
  readonly after: React.ReactNode;
  readonly onOpen: () => void;
  readonly onText: (text: string) => void;
  readonly onPart: (part: Partial<IngredientLine>) => void;
  readonly onRemove: () => void;
  readonly onKey: (event: KeyboardEvent<HTMLInputElement>) => void;
}

function LineRow({
  line,
  recipe,
  others,
  findings,
  open,
  startsPart,
  after,
  onOpen,
  onText,
  onPart,
  onRemove,
  onKey,
}: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: line.id });
  const [text, setText] = useState(line.text);
  const [was, setWas] = useState(line.text);
  // Undo and fixes change the line from outside; what is being typed is only thrown away for that.
  if (was !== line.text) {
    setWas(line.text);
    setText(line.text);
  }
  const commit = () => {
    if (text !== line.text) onText(text);
  };
  const role = roleOf(recipe, line);
  const component = line.component ? others.find((each) => each.id === line.component) : undefined;
  return (
    <li ref={setNodeRef} style={{ transform: CSS.Transform.toString(transform), transition }} className="line-row">
      {startsPart && line.heading && <h4 className="line-heading">{line.heading}</h4>}
      <div className="line-main">
        <button type="button" className="bare handle" aria-label={`Move ${line.text}`} {...attributes} {...listeners}>
          <HolderOutlined />
        </button>
        <Input
          className="line-text"
          variant="borderless"
          aria-label={`Ingredient: ${line.text}`}
          value={text}
          maxLength={300}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Backspace' && text === '') {
              event.preventDefault();
              onRemove();
            } else if (event.key === 'Escape') setText(line.text);
            else {
              if (event.key === 'Enter') commit();
              onKey(event);
            }
          }}
        />
        <button type="button" className="bare small line-means" aria-expanded={open} onClick={onOpen}>
          {component
            ? `made by ${component.name}`
            : line.component
              ? 'its recipe is missing'
              : line.food
                ? (foodOf(line.food)?.name ?? line.food)
                : 'by its words'}
          {line.part !== 'body' && ` · ${line.part}`}
          {line.canOmit && ' · may be left out'}
        </button>
      </div>
      {text !== line.text && text.trim() && <LiveReading text={text} />}
      {findings.map((finding) => (
        <p
          key={finding.code}
          className="small"
          style={{ color: finding.weight === 'danger' ? 'var(--clay)' : 'var(--straw)', paddingLeft: 30 }}
        >
          {finding.words}
        </p>
      ))}
      {open && (
        <div className="line-more">
          <label className="field">
            <span>Its job</span>
            <Select
              size="small"
              aria-label="Its job"
              style={{ width: 190 }}
              value={line.role ?? ''}
              onChange={(value: string) => onPart({ role: value === '' ? undefined : (value as Role) })}
              options={[
                { value: '', label: role ? `${roleNames[role]} (likely)` : 'none' },
                ...Object.entries(roleNames).map(([value, label]) => ({ value, label })),
              ]}
            />
          </label>
          <label className="field">
            <span>On the plate</span>
            <Select
              size="small"
              aria-label="On the plate"
              style={{ width: 130 }}
              value={line.part}
              onChange={(part) => onPart({ part })}
              options={[
                { value: 'body', label: 'in the dish' },
                { value: 'garnish', label: 'on top' },
                { value: 'accompaniment', label: 'beside it' },
              ]}
            />
          </label>
          <label className="field">
            <span>Made by</span>
            <Select
              size="small"
              showSearch={{ optionFilterProp: 'label' }}
              aria-label="Made by"
              style={{ width: 190 }}
              value={(line.component as string | undefined) ?? ''}
              onChange={(value: string) =>
                onPart(
                  value === ''
                    ? { component: undefined }
                    : {
                        component: value as never,
                        food: undefined,
                        amount: line.amount.kind === 'words' ? { kind: 'batches', batches: 1 } : line.amount,
                      },
                )
              }
              options={[
                { value: '', label: 'bought' },
                ...others
                  .filter((each) => each.id !== recipe.id)
                  .map((each) => ({ value: each.id as string, label: each.name })),
              ]}
            />
          </label>
          <label className="field">
            <span>Part of</span>
            <Input
              size="small"
              aria-label="Part of"
              style={{ width: 150 }}
              maxLength={80}
              defaultValue={line.heading ?? ''}
              onBlur={(event) => {
                if ((line.heading ?? '') !== event.target.value.trim())
                  onPart({ heading: event.target.value.trim() || undefined });
              }}
            />
          </label>
          <Checkbox checked={line.canOmit} onChange={(event) => onPart({ canOmit: event.target.checked })}>
            may be left out
          </Checkbox>
          <Button size="small" danger type="text" onClick={onRemove}>
            Remove
          </Button>
        </div>
      )}
      {after}
    </li>
  );
}
