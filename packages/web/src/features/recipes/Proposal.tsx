import { InputNumber, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { checkRecipe, drawnOn, noLabels, workOf, type Recipe, type RecipeReading } from '@lupin/core';
import { AskedBox, type Asked } from './AskedBox.tsx';
import { courseOptions } from './courses.ts';
import { FindingList } from './FindingList.tsx';
import { LineText, StepText } from './MarkedText.tsx';
import { fixedTo, isYieldSaid, noMends, type Mends } from './mends.ts';
import { Questions } from './Questions.tsx';
import { waitsInWords } from './work/words.ts';
import { WorkBoard } from './work/WorkBoard.tsx';

interface ProposalProps {
  readonly reading: RecipeReading;
  /** As it would be kept now. */
  readonly recipe: Recipe;
  readonly mends: Mends | undefined;
  readonly find: (id: string) => Recipe | undefined;
  readonly onMend: (mends: Mends) => void;
  readonly onBack: () => void;
  readonly keepButton: ReactNode;
}

/** One recipe as it was read: its head, what it asks, its lines and its work, and what is odd in it. */
export function Proposal({ reading, recipe, mends = noMends, find, onMend, onBack, keepButton }: ProposalProps) {
  const isMended = recipe !== reading.recipe;
  const noYield = !isYieldSaid(reading, mends);
  const [asked, setAsked] = useState<Asked>();
  const findings = isMended ? checkRecipe(recipe, find, { noYield }) : reading.findings;
  const answer = (question: string, index: number) =>
    onMend({
      ...mends,
      answers: new Map([...mends.answers, [question, index]]),
      ...(question === 'portions' ? { portions: undefined } : {}),
    });
  return (
    <article className="proposal" aria-label={recipe.name}>
      <div className="row" style={{ justifyContent: 'space-between' }}>
        <h3>{recipe.name}</h3>
        {keepButton}
      </div>
      <div className="row proposal-head">
        <label>
          Feeds{' '}
          <InputNumber
            size="small"
            min={0.25}
            max={500}
            value={recipe.portions}
            aria-label={`How many ${recipe.name} feeds`}
            onChange={(portions) => onMend({ ...mends, portions: portions ?? undefined })}
          />
        </label>
        <Select
          size="small"
          aria-label={`Course of ${recipe.name}`}
          value={recipe.usualCourse}
          onChange={(usualCourse: string) => onMend({ ...mends, usualCourse })}
          options={courseOptions(recipe.usualCourse)}
          popupMatchSelectWidth={false}
        />
        <span className="soft small">
          {recipe.lines.length} ingredients · {recipe.steps.length} steps. A proposal: look at what is marked.
        </span>
      </div>
      <div className="proposal-body">
        <div className="proposal-work">
          <Questions questions={reading.questions} answers={mends.answers} onAnswer={answer} />
          <FindingList findings={findings} onFix={(fixed) => onMend(fixedTo(fixed, reading, mends))} />
          {isMended && (
            <p className="small">
              Changed.{' '}
              <button type="button" className="bare" style={{ color: 'var(--violet)' }} onClick={onBack}>
                Take that back
              </button>
            </p>
          )}
          <h4>The work as Lupin understands it</h4>
          <WorkBoard
            recipe={recipe}
            findings={findings}
            guessed={guessedOrder(reading, mends.answers)}
            onWait={(step, on) => {
              const next = drawnOn(recipe, step, on);
              setAsked(next.kind === 'asks' ? next : undefined);
              if (next.kind === 'made') onMend(fixedTo(next.recipe, reading, mends));
            }}
          />
          {asked && (
            <AskedBox
              asked={asked}
              onTake={(next) => {
                setAsked(undefined);
                onMend(fixedTo(next, reading, mends));
              }}
              onLeave={() => setAsked(undefined)}
            />
          )}
        </div>
        <div>
          {reading.notes.map((note) => (
            <p key={note} className="small" style={{ color: 'var(--straw)' }}>
              {note}
            </p>
          ))}
          <ul className="read-lines">
            {reading.lines.map((line) => (
              <li key={line.id}>
                <LineText line={line} />
                {line.doubts.length > 0 && (
                  <span className="small" style={{ color: 'var(--straw)' }}>
                    {' '}
                    {line.doubts.join(' ')}
                  </span>
                )}
              </li>
            ))}
          </ul>
          <Steps reading={reading} recipe={recipe} answers={mends.answers} />
          <LeftOver reading={reading} />
        </div>
      </div>
    </article>
  );
}

/** Whether something of a step was guessed, and nobody has been asked about it since. */
const isGuessed = (
  { questions }: RecipeReading,
  { id, guessed }: RecipeReading['steps'][number],
  what: 'time' | 'order',
  answers: Mends['answers'],
): boolean => guessed.includes(what) && !questions.some((question) => question.step === id && answers.has(question.id));

const guessedOrder = (reading: RecipeReading, answers: Mends['answers']): ReadonlySet<string> =>
  new Set(reading.steps.filter((step) => isGuessed(reading, step, 'order', answers)).map(({ id }) => id));

/** The steps in words, marked where they stand, with their guesses. */
function Steps({ reading, recipe, answers }: { reading: RecipeReading; recipe: Recipe; answers: Mends['answers'] }) {
  const steps = new Map(reading.steps.map((step) => [step.id, step]));
  const work = workOf(recipe, noLabels);
  return (
    <ol className="read-steps">
      {work.map((cell) => {
        const step = steps.get(cell.step.id);
        const isGuess = (what: 'time' | 'order') => step !== undefined && isGuessed(reading, step, what, answers);
        return (
          <li key={cell.step.id}>
            {step ? <StepText text={cell.step.text} step={step} /> : cell.step.text}{' '}
            <span className={isGuess('order') ? 'guess small' : 'soft small'}>
              {waitsInWords(cell, work)}
              {isGuess('order') && ' is a guess'}
            </span>
            {isGuess('time') && <span className="guess small"> · {cell.step.durationMin.likely} min is a guess</span>}
          </li>
        );
      })}
    </ol>
  );
}

function LeftOver({ reading: { leftOver } }: { reading: RecipeReading }) {
  if (leftOver.length === 0) return null;
  return (
    <section className="small" style={{ marginTop: 8 }}>
      <strong>Found no place</strong> (it stays in the original):
      <ul>
        {leftOver.map((each) => (
          <li key={each.words}>
            {each.words} <span className="soft">{each.why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
