import { Button } from 'antd';
import { useState } from 'react';
import { listed, meantWords, type Recipe, type RecipeFinding, type Step } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { moveStep, newStep } from './edits.ts';
import { StepForm } from './StepForm.tsx';

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
                change={change}
                onRemoved={() => setOpen(undefined)}
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
      {step.burner && step.loads !== undefined && <span>in {step.loads} loads</span>}
      {step.canOmit && <span>if you like</span>}
      {step.splitPoint && <span style={{ color: 'var(--violet)' }}>a portion can be taken out after it</span>}
    </span>
  );
}
