import { DownOutlined, UpOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, InputNumber, Segmented, Select } from 'antd';
import { useState } from 'react';
import { withoutStep, type Recipe, type Reshaped, type Step } from '@lupin/core';
import { AskedBox, type Asked } from './AskedBox.tsx';
import { moveStep, rereadStep } from './edits.ts';
import { MomentsField } from './MomentsField.tsx';
import { looksWithin } from './moments.ts';
import { PiecesField } from './PiecesField.tsx';
import { PlaceField } from './PlaceField.tsx';
import { WaitsField } from './WaitsField.tsx';

/** What the fields of a step are given: they change the step, or the recipe around it. */
export interface StepFieldProps {
  readonly step: Step;
  readonly recipe: Recipe;
  readonly put: (part: Partial<Step>) => void;
  /** A change of the work as it hangs together; what makes no sense is asked about at the field. */
  readonly reshape: (next: Reshaped) => void;
}

interface FormProps {
  readonly step: Step;
  readonly recipe: Recipe;
  readonly change: (next: (recipe: Recipe) => Recipe) => string | undefined;
  readonly onRemoved: () => void;
}

/** All that a step is, in words and in fields: beside the picture of the work, and in the list of steps. */
export function StepForm({ step, recipe, change, onRemoved }: FormProps) {
  const [fault, setFault] = useState('');
  const [asked, setAsked] = useState<Asked>();
  const index = recipe.steps.findIndex((each) => each.id === step.id);
  const apply = (next: (one: Recipe) => Recipe) => {
    setAsked(undefined);
    setFault(change(next) ?? '');
  };
  const put = (part: Partial<Step>) =>
    apply((one) => ({ ...one, steps: one.steps.map((each) => (each.id === step.id ? { ...each, ...part } : each)) }));
  const reshape = (next: Reshaped) => {
    if (next.kind === 'made') apply(() => next.recipe);
    else setAsked(next);
  };
  const fields = { step, recipe, put, reshape };
  return (
    <div className="step-form">
      <WordsField {...fields} />
      <TimeField {...fields} />
      {asked && <AskedBox asked={asked} onTake={(next) => apply(() => next)} onLeave={() => setAsked(undefined)} />}
      <WaitsField {...fields} />
      <PlaceField {...fields} />
      <PiecesField {...fields} />
      {step.hands === 'off' && <MomentsField step={step} put={put} />}
      <FoodFields {...fields} />
      {step.alternatives.map((other) => (
        <p key={other.id} className="small">
          Or: <strong>{other.name}</strong>, {other.durationMin.likely} min. Chosen dish by dish.
        </p>
      ))}
      <div className="row" style={{ gap: '4px 14px' }}>
        <Checkbox
          checked={step.canOmit === true}
          onChange={(event) => put({ canOmit: event.target.checked ? true : undefined })}
        >
          the dish stands without it
        </Checkbox>
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
        <Button
          size="small"
          onClick={() =>
            apply((one) => ({
              ...one,
              steps: one.steps.map((each) => (each.id === step.id ? rereadStep(one, each) : each)),
            }))
          }
          disabled={!step.text.trim()}
        >
          Read it from its words again
        </Button>
        <Button
          size="small"
          icon={<UpOutlined />}
          aria-label="Move up"
          disabled={index === 0}
          onClick={() => apply((one) => moveStep(one, index, index - 1))}
        />
        <Button
          size="small"
          icon={<DownOutlined />}
          aria-label="Move down"
          disabled={index === recipe.steps.length - 1}
          onClick={() => apply((one) => moveStep(one, index, index + 1))}
        />
        {recipe.steps.length > 1 && (
          <Button
            size="small"
            danger
            type="text"
            onClick={() => {
              apply((one) => withoutStep(one, step.id));
              onRemoved();
            }}
          >
            Remove the step
          </Button>
        )}
      </div>
    </div>
  );
}

function WordsField({ step, put }: StepFieldProps) {
  return (
    <>
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
    </>
  );
}

function TimeField({ step, put }: StepFieldProps) {
  const time = (which: 'least' | 'likely' | 'most', value: number | null) => {
    if (value === null) return;
    const next = { ...step.durationMin, [which]: value };
    // A time set by hand is the recipe's own; what was learned is weighed against it anew.
    const durationMin = {
      least: Math.min(next.least, which === 'least' ? next.least : next.likely),
      likely: which === 'likely' ? value : Math.min(Math.max(next.likely, next.least), Math.max(next.most, next.least)),
      most: Math.max(next.most, which === 'most' ? next.most : next.likely, next.least),
    };
    put({
      learned: undefined,
      durationMin,
      looks: looksWithin(step.looks, step.durationMin.likely, durationMin.likely),
    });
  };
  return (
    <div className="row" style={{ gap: '4px 14px' }}>
      <span className="row">
        Minutes:
        {(['least', 'likely', 'most'] as const).map((which) => (
          <span key={which} className="small">
            {which}{' '}
            <InputNumber
              size="small"
              aria-label={`${which} minutes`}
              min={1}
              max={4320}
              precision={0}
              value={step.durationMin[which]}
              onChange={(value) => time(which, value)}
              style={{ width: 56 }}
            />
          </span>
        ))}
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
      {step.burner && (
        <span className="small">
          in{' '}
          <InputNumber
            size="small"
            aria-label="loads, one after the other"
            min={1}
            max={20}
            precision={0}
            value={step.loads ?? 1}
            onChange={(value) => {
              if (value !== null) put({ loads: value > 1 ? value : undefined });
            }}
            style={{ width: 52 }}
          />{' '}
          {(step.loads ?? 1) > 1 ? 'loads, one after the other; the minutes are those of all' : 'load'}
        </span>
      )}
    </div>
  );
}

/** What goes into it, what it leaves, and the sign that ends it. */
function FoodFields({ step, recipe, put }: StepFieldProps) {
  return (
    <>
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
    </>
  );
}
