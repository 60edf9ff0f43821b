import { Button } from 'antd';
import { useRef, useState } from 'react';
import { drawnOn, type Recipe, type RecipeFinding, type Reshaped, type StepId } from '@lupin/core';
import { AskedBox, type Asked } from '../AskedBox.tsx';
import { newStep } from '../edits.ts';
import { FindingList } from '../FindingList.tsx';
import { StepForm } from '../StepForm.tsx';
import { WorkBoard } from './WorkBoard.tsx';

interface Props {
  readonly recipe: Recipe;
  readonly findings: readonly RecipeFinding[];
  readonly change: (next: (recipe: Recipe) => Recipe) => string | undefined;
}

/** The work of a recipe as a picture, and beside it whatever was chosen in it: one place to put it right. */
export function WorkView({ recipe, findings, change }: Props) {
  const [chosen, setChosen] = useState<StepId>();
  const [asked, setAsked] = useState<Asked>();
  const pane = useRef<HTMLElement>(null);
  const step = recipe.steps.find((each) => each.id === chosen);
  const reshape = (next: Reshaped) => {
    setAsked(next.kind === 'asks' ? next : undefined);
    if (next.kind === 'made') change(() => next.recipe);
  };
  const select = (id: StepId | undefined) => {
    setAsked(undefined);
    setChosen(id);
  };
  const ofStep = findings.filter((each) => each.step === step?.id);
  const number = step ? recipe.steps.indexOf(step) + 1 : 0;
  return (
    <main className="work-view page-wide">
      <section aria-label="The work">
        <h1 className="work-name">{recipe.name}</h1>
        {asked && (
          <AskedBox
            asked={asked}
            onTake={(next) => reshape({ kind: 'made', recipe: next })}
            onLeave={() => setAsked(undefined)}
          />
        )}
        <WorkBoard
          recipe={recipe}
          findings={findings}
          selected={step?.id}
          onSelect={select}
          onWait={(id, on) => {
            setChosen(id);
            reshape(drawnOn(recipe, id, on));
          }}
          onOpen={(id) => {
            select(id);
            window.setTimeout(() => pane.current?.querySelector<HTMLElement>('input, textarea')?.focus(), 30);
          }}
        />
        <div className="row no-print">
          <Button
            size="small"
            onClick={() => {
              const fresh = newStep(recipe);
              change((one) => ({ ...one, steps: [...one.steps, fresh] }));
              select(fresh.id);
            }}
          >
            Add a step
          </Button>
          <Button size="small" onClick={() => window.print()}>
            Print it
          </Button>
        </div>
      </section>
      <aside
        className="work-pane"
        aria-label={step ? `Step ${number}: ${step.title}` : 'About the work'}
        ref={pane}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && chosen)
            document.querySelector<HTMLElement>(`[data-step="${CSS.escape(chosen)}"]`)?.focus();
        }}
      >
        {step ? (
          <>
            <div className="row" style={{ justifyContent: 'space-between' }}>
              <h2>Step {number}</h2>
              <Button size="small" type="text" onClick={() => select(undefined)}>
                Close
              </Button>
            </div>
            {ofStep.length > 0 && <FindingList findings={ofStep} onFix={(fixed) => change(() => fixed)} />}
            <StepForm key={step.id} step={step} recipe={recipe} change={change} onRemoved={() => select(undefined)} />
          </>
        ) : (
          <>
            <FindingList findings={findings} onFix={(fixed) => change(() => fixed)} />
            <Legend />
          </>
        )}
      </aside>
    </main>
  );
}

function Legend() {
  return (
    <section className="small work-legend">
      <h3>How to read it</h3>
      <ul>
        <li>Food flows down to the plate. Cards in one row can be done side by side.</li>
        <li>
          <i className="swatch by-hand" /> your hands are on it; <i className="swatch by-itself" /> it goes by itself,
          with a stroke where you must come.
        </li>
        <li>
          <i className="swatch band" /> a broad stream: the food stays in the pot or bowl it is in.
        </li>
        <li>A tall card takes long. Words beside a stream say how long the food may wait there.</li>
      </ul>
      <p>
        Choose a card to change it. Draw one on to another and it waits for that one; draw it there again and the two go
        side by side. <kbd>Z</kbd> takes back.
      </p>
    </section>
  );
}
