import { Button } from 'antd';
import type { RecipeQuestion } from '@lupin/core';

/** What a reading is not sure of, the weightiest first: what stands while nobody says is the first answer, in straw until it is pressed. */
export function Questions({
  questions,
  answers,
  onAnswer,
}: {
  questions: readonly RecipeQuestion[];
  answers: ReadonlyMap<string, number>;
  onAnswer: (question: string, answer: number) => void;
}) {
  if (questions.length === 0) return null;
  const open = questions.filter(({ id }) => !answers.has(id)).length;
  return (
    <section aria-label="Questions" className="reading-questions">
      <h4>
        {open === 0 ? 'All answered' : `${open} ${open === 1 ? 'question' : 'questions'}`}
        {open > 0 && <span className="soft small"> What is in straw stands until you say otherwise.</span>}
      </h4>
      <ol>
        {questions.map(({ id, asks, why, answers: all }) => (
          <li key={id}>
            <p>
              {asks} <span className="soft small">{why}</span>
            </p>
            <div className="row" role="group" aria-label={asks}>
              {all.map(({ label }, index) => {
                const isPressed = answers.get(id) === index;
                const isStanding = index === 0 && !answers.has(id);
                return (
                  <Button
                    key={label}
                    size="small"
                    type={isPressed ? 'primary' : 'default'}
                    className={isStanding ? 'stands' : undefined}
                    aria-pressed={isPressed}
                    onClick={() => onAnswer(id, index)}
                  >
                    {label}
                  </Button>
                );
              })}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
