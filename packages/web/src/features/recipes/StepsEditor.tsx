import { DownOutlined, UpOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, InputNumber, Segmented, Select } from 'antd';
import { useState } from 'react';
import {
  hazards,
  KitKind,
  listed,
  meantWords,
  type HazardId,
  type KitUse,
  type Recipe,
  type RecipeFinding,
  type Step,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { MomentsField } from './MomentsField.tsx';
import { newStep, moveStep, rereadStep, withoutStep } from './edits.ts';

interface Props {
  readonly recipe: Recipe;
  readonly findings: readonly RecipeFinding[];
  readonly change: (next: (recipe: Recipe) => Recipe) => string | undefined;
  /** Steps whose time or heat was only guessed when the recipe was read. */
  readonly guessed?: ReadonlyMap<string, readonly string[]>;
}

const span = (step: Step): string =>
  step.durationMin.least === step.durationMin.most
    ? minutes(step.durationMin.likely)
    : step.durationMin.most >= 120 && step.durationMin.most % 60 === 0
      ? `${minutes(step.durationMin.least)} to ${minutes(step.durationMin.most)}`
      : `${step.durationMin.least}–${minutes(step.durationMin.most)}`;
const minutes = (value: number): string => (value >= 120 && value % 60 === 0 ? `${value / 60} h` : `${value} min`);

/** The method, step by step; one is open at a time. Alt and an arrow moves a step. */
export function StepsEditor({ recipe, findings, change, guessed }: Props) {
  const [open, setOpen] = useState<string>();
  const set = (id: string, part: Partial<Step>) =>
    change((one) => ({ ...one, steps: one.steps.map((step) => (step.id === id ? { ...step, ...part } : step)) }));
  return (
    <section aria-label="Method">
      <h2>Method</h2>
      <ol className="step-list">
        {recipe.steps.map((step, index) => (
          <li
            key={step.id}
            className={open === step.id ? 'open' : ''}
            onKeyDown={(event) => {
              if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
                event.preventDefault();
                change((one) => moveStep(one, index, index + (event.key === 'ArrowUp' ? -1 : 1)));
              }
            }}
          >
            <button
              type="button"
              className="bare step-head"
              aria-expanded={open === step.id}
              onClick={() => setOpen(open === step.id ? undefined : step.id)}
            >
              <span className="number">{index + 1}</span>
              <span className="what">
                <strong>{step.title}</strong>
                {open !== step.id && step.text && <span className="soft"> {shortened(step)}</span>}
              </span>
              <StepFacts step={step} guessed={guessed?.get(step.id) ?? []} />
            </button>
            {findings
              .filter((each) => each.step === step.id)
              .map((finding) => (
                <p
                  key={finding.code + finding.words}
                  className="small"
                  style={{ color: finding.weight === 'danger' ? 'var(--clay)' : 'var(--straw)', paddingLeft: 40 }}
                >
                  {finding.words}
                </p>
              ))}
            {open === step.id && (
              <StepForm
                key={step.id}
                step={step}
                recipe={recipe}
                set={(part) => set(step.id, part)}
                onReread={() =>
                  change((one) => ({
                    ...one,
                    steps: one.steps.map((each) => (each.id === step.id ? rereadStep(one, each) : each)),
                  }))
                }
                onMove={(by) => change((one) => moveStep(one, index, index + by))}
                first={index === 0}
                last={index === recipe.steps.length - 1}
                onRemove={
                  recipe.steps.length > 1
                    ? () => {
                        change((one) => withoutStep(one, step.id));
                        setOpen(undefined);
                      }
                    : undefined
                }
              />
            )}
          </li>
        ))}
      </ol>
      <Button
        size="small"
        onClick={() => {
          const step = newStep(recipe);
          change((one) => ({ ...one, steps: [...one.steps, step] }));
          setOpen(step.id);
        }}
      >
        Add a step
      </Button>
    </section>
  );
}

const shortened = (step: Step): string => {
  const text = step.text.toLowerCase().startsWith(step.title.replace(/ …$/, '').toLowerCase())
    ? step.text.slice(step.title.replace(/ …$/, '').length).replace(/^[.,;:\s]+/, '')
    : step.text;
  return text.length > 150 ? `${text.slice(0, 146)} …` : text;
};

function StepFacts({ step, guessed }: { step: Step; guessed: readonly string[] }) {
  const units = useUnits();
  return (
    <span className="facts small">
      <span className={guessed.includes('time') ? 'guess' : ''}>
        {span(step)}
        {guessed.includes('time') && ' (a guess)'}
      </span>
      <span>{step.hands === 'on' ? 'by hand' : 'by itself'}</span>
      {step.oven && (
        <span className={guessed.includes('heat') ? 'guess' : ''}>
          {step.oven.grill ? 'grill' : 'oven'} {units.degrees(step.oven.temperatureC)}
          {step.oven.covered && ', covered'}
          {step.oven.shutMin !== undefined && `, door shut ${step.oven.shutMin} min`}
          {guessed.includes('heat') && ' (a guess)'}
        </span>
      )}
      {step.cold && <span>in the {step.cold}</span>}
      {step.coreC !== undefined && <span>{units.degrees(step.coreC)} inside</span>}
      {step.meantRaw && (
        <span style={{ color: 'var(--straw)' }}>{listed(step.meantRaw.map(meantWords))}, as it is meant</span>
      )}
      {step.looks.length > 0 && <span>{step.looks.length} × to see to</span>}
      {step.splitPoint && <span style={{ color: 'var(--violet)' }}>a portion can be taken out after it</span>}
    </span>
  );
}

const meantOptions = hazards.flatMap(({ id, meant }) => (meant ? [{ value: id, label: meantWords(id) }] : []));

interface FormProps {
  readonly step: Step;
  readonly recipe: Recipe;
  readonly set: (part: Partial<Step>) => string | undefined;
  readonly onReread: () => void;
  readonly onMove: (by: number) => void;
  readonly first: boolean;
  readonly last: boolean;
  readonly onRemove: (() => void) | undefined;
}

const kitNames = KitKind.options.map((kind) => ({ value: kind as string, label: kind.replace('-', ' ') }));

function StepForm({ step, recipe, set, onReread, onMove, first, last, onRemove }: FormProps) {
  const [fault, setFault] = useState('');
  const put = (part: Partial<Step>) => setFault(set(part) ?? '');
  const time = (which: 'least' | 'likely' | 'most', value: number | null) => {
    if (value === null) return;
    const next = { ...step.durationMin, [which]: value };
    // A time set by hand is the recipe's own; what was learned is weighed against it anew.
    put({
      learned: undefined,
      durationMin: {
        least: Math.min(next.least, which === 'least' ? next.least : next.likely),
        likely:
          which === 'likely' ? value : Math.min(Math.max(next.likely, next.least), Math.max(next.most, next.least)),
        most: Math.max(next.most, which === 'most' ? next.most : next.likely, next.least),
      },
    });
  };
  const setKit = (kinds: string[]) =>
    put({
      kit: kinds.map((kind): KitUse => step.kit.find((use) => use.kind === kind) ?? { kind: kind as KitUse['kind'] }),
    });
  const oven = step.oven;
  return (
    <div className="step-form">
      <Input
        aria-label="Title of the step"
        key={`t-${step.title}`}
        defaultValue={step.title}
        maxLength={80}
        onBlur={(event) => {
          if (event.target.value.trim() && event.target.value !== step.title) put({ title: event.target.value.trim() });
        }}
        style={{ fontWeight: 650 }}
      />
      <Input.TextArea
        aria-label="What is done"
        key={`x-${step.text}`}
        defaultValue={step.text}
        maxLength={2000}
        autoSize={{ minRows: 2, maxRows: 8 }}
        onBlur={(event) => {
          if (event.target.value !== step.text) put({ text: event.target.value });
        }}
      />
      <div className="row" style={{ gap: 14 }}>
        <span className="row">
          Minutes
          {(['least', 'likely', 'most'] as const).map((which) => (
            <InputNumber
              key={which}
              size="small"
              aria-label={`${which} minutes`}
              min={1}
              max={4320}
              precision={0}
              value={step.durationMin[which]}
              onChange={(value) => time(which, value)}
              style={{ width: 66 }}
            />
          ))}
          <span className="soft small">least, likely, most</span>
          {step.learned && (
            <span className="small">
              learned from {step.learned.days} {step.learned.days === 1 ? 'day' : 'days'}; the recipe says{' '}
              {step.learned.asWritten.likely} ({step.learned.asWritten.least}–{step.learned.asWritten.most}){' '}
              <Button size="small" onClick={() => put({ durationMin: step.learned!.asWritten, learned: undefined })}>
                Back to that
              </Button>
            </span>
          )}
        </span>
        <Segmented
          size="small"
          aria-label="Hands"
          value={step.hands}
          options={[
            { value: 'on', label: 'by hand' },
            { value: 'off', label: 'by itself' },
          ]}
          onChange={(hands) => put({ hands: hands as Step['hands'] })}
        />
      </div>
      <div className="row" style={{ gap: 14 }}>
        <Checkbox
          checked={oven !== undefined}
          onChange={(event) =>
            put({
              oven: event.target.checked
                ? { temperatureC: 180, toleranceC: 10, racks: 1, covered: false, grill: false }
                : undefined,
            })
          }
        >
          in the oven
        </Checkbox>
        {oven && (
          <>
            <InputNumber
              size="small"
              aria-label="Oven temperature in °C"
              min={40}
              max={320}
              precision={0}
              value={oven.temperatureC}
              suffix="°C"
              onChange={(value) => {
                if (value !== null) put({ oven: { ...oven, temperatureC: value } });
              }}
              style={{ width: 96 }}
            />
            <Checkbox
              checked={oven.covered}
              onChange={(event) => put({ oven: { ...oven, covered: event.target.checked } })}
            >
              covered
            </Checkbox>
            <Checkbox
              checked={oven.grill}
              onChange={(event) => put({ oven: { ...oven, grill: event.target.checked } })}
            >
              grill
            </Checkbox>
            <span className="row">
              door stays shut{' '}
              <InputNumber
                size="small"
                aria-label="Door stays shut, in minutes"
                min={1}
                max={600}
                precision={0}
                value={oven.shutMin ?? null}
                placeholder="–"
                suffix="min"
                onChange={(value) => put({ oven: { ...oven, shutMin: value ?? undefined } })}
                style={{ width: 92 }}
              />
            </span>
          </>
        )}
        <Checkbox checked={step.burner} onChange={(event) => put({ burner: event.target.checked })}>
          on a burner
        </Checkbox>
        {!oven && !step.burner && (
          <span className="row">
            stands cold{' '}
            <Select<string>
              size="small"
              aria-label="Stands cold"
              value={step.cold ?? ''}
              style={{ width: 130 }}
              options={[
                { value: '', label: 'no' },
                { value: 'fridge', label: 'in the fridge' },
                { value: 'freezer', label: 'in the freezer' },
              ]}
              onChange={(where) => put({ cold: where === '' ? undefined : (where as Step['cold']) })}
            />
          </span>
        )}
        <span className="row">
          Inside it reaches{' '}
          <InputNumber
            size="small"
            aria-label="Core temperature in °C"
            min={40}
            max={110}
            precision={0}
            value={step.coreC ?? null}
            suffix="°C"
            onChange={(value) => put({ coreC: value ?? undefined })}
            style={{ width: 90 }}
          />
        </span>
        <span className="row">
          Meant to stay{' '}
          <Select<HazardId[]>
            size="small"
            mode="multiple"
            aria-label="Meant to stay raw, soft or pink"
            value={[...(step.meantRaw ?? [])]}
            placeholder="cooked through"
            options={meantOptions}
            style={{ minWidth: 170 }}
            popupMatchSelectWidth={false}
            onChange={(meant) => put({ meantRaw: meant.length > 0 ? meant : undefined })}
          />
        </span>
      </div>
      <label className="field">
        <span>Done when</span>
        <Input
          size="small"
          key={`u-${step.until}`}
          aria-label="Done when"
          defaultValue={step.until}
          maxLength={200}
          placeholder="fork-tender, golden at the edge …"
          onBlur={(event) => {
            if (event.target.value !== step.until) put({ until: event.target.value });
          }}
        />
      </label>
      <label className="field">
        <span>Uses first here</span>
        <Select
          mode="multiple"
          size="small"
          aria-label="Uses first here"
          value={step.uses as string[]}
          onChange={(uses: string[]) => put({ uses: uses as Step['uses'] })}
          options={recipe.lines.map((line) => ({ value: line.id as string, label: line.text }))}
          showSearch={{ optionFilterProp: 'label' }}
        />
      </label>
      <label className="field">
        <span>Kit</span>
        <Select
          mode="multiple"
          size="small"
          aria-label="Kit"
          value={[...new Set(step.kit.map((use) => use.kind as string))]}
          onChange={setKit}
          options={kitNames}
          showSearch={{ optionFilterProp: 'label' }}
        />
      </label>
      {step.hands === 'off' && <MomentsField step={step} put={put} />}
      <label className="field">
        <span>Leaves over, for another dish</span>
        <Select
          mode="tags"
          size="small"
          aria-label="Leaves over"
          open={false}
          value={step.leaves}
          onChange={(leaves: string[]) =>
            put({
              leaves: leaves
                .map((each) => each.trim().slice(0, 80))
                .filter(Boolean)
                .slice(0, 6),
            })
          }
        />
      </label>
      {step.alternatives.map((other) => (
        <p key={other.id} className="small">
          Or: <strong>{other.name}</strong>, {other.durationMin.likely} min. Chosen dish by dish.
        </p>
      ))}
      <div className="row" style={{ gap: 14 }}>
        <Checkbox checked={step.splitPoint} onChange={(event) => put({ splitPoint: event.target.checked })}>
          a portion can be taken out after it
        </Checkbox>
        <Checkbox checked={step.looseFlour} onChange={(event) => put({ looseFlour: event.target.checked })}>
          loose flour in the air
        </Checkbox>
        <Checkbox checked={step.grows} onChange={(event) => put({ grows: event.target.checked })}>
          takes longer for more
        </Checkbox>
      </div>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row">
        <Button size="small" onClick={onReread} disabled={!step.text.trim()}>
          Read it from its words again
        </Button>
        <Button size="small" icon={<UpOutlined />} aria-label="Move up" disabled={first} onClick={() => onMove(-1)} />
        <Button size="small" icon={<DownOutlined />} aria-label="Move down" disabled={last} onClick={() => onMove(1)} />
        {onRemove && (
          <Button size="small" danger type="text" onClick={onRemove}>
            Remove the step
          </Button>
        )}
      </div>
    </div>
  );
}
