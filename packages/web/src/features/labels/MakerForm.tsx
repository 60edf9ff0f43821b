import { Button, Checkbox, Input, Segmented, Select } from 'antd';
import dayjs from 'dayjs';
import * as v from 'valibot';
import { Brought, hazards, makerMessage, makerQuestions, type DishId } from '@lupin/core';
import { CopyButton } from '../../shared/CopyButton.tsx';
import { useOccasionView } from '../occasions/context.ts';

const choices = hazards
  .filter((hazard) => hazard.kind !== 'raw')
  .map((hazard) => ({ value: hazard.id as string, label: hazard.name }));

/** What the maker of a brought or bought dish was asked, and what they answered, each answer with its day. */
export function MakerForm({ dish: id, onDone }: { dish: DishId; onDone?: () => void }) {
  const { occasion, edit } = useOccasionView();
  const dish = occasion.dishes.find((each) => each.id === id);
  const brought = dish?.brought;
  if (!dish || !brought) return null;
  const name = occasion.recipes.find((recipe) => recipe.id === dish.recipe)?.name ?? dish.id;
  const today = dayjs().format('YYYY-MM-DD');
  const change = (next: (one: Brought) => unknown) =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((each) =>
        each.id === id && each.brought ? { ...each, brought: v.parse(Brought, next(each.brought)) } : each,
      ),
    }));
  const answer = (question: string, said: object) =>
    change((one) => {
      const before = one.answers.find((each) => each.question === question);
      return {
        ...one,
        answers: [
          ...one.answers.filter((each) => each.question !== question),
          { question, answer: 'unsure', words: '', ...before, ...said, on: today },
        ],
      };
    });
  return (
    <div className="offer">
      <h4>
        {name}, {brought.how === 'bought' ? 'bought from' : 'brought by'} {brought.by}
      </h4>
      <CopyButton text={makerMessage(occasion, dish, name)} label="Copy the questions" />
      {brought.how === 'bought' && (
        <p style={{ margin: '8px 0' }}>
          <Checkbox
            checked={brought.sealed}
            onChange={(event) => change((one) => ({ ...one, sealed: event.target.checked }))}
          >
            Sealed, with a label, and opened only here
          </Checkbox>
        </p>
      )}
      {brought.sealed && (
        <div className="stack" style={{ gap: 6 }}>
          <div className="field">
            <span>Its label lists</span>
            <Select
              mode="multiple"
              aria-label="Its label lists"
              value={(brought.label?.contains ?? []) as string[]}
              options={choices}
              optionFilterProp="label"
              onChange={(contains: string[]) =>
                change((one) => ({ ...one, label: { mayContain: [], ...one.label, readOn: today, contains } }))
              }
              placeholder="nothing of these"
            />
          </div>
          <div className="field">
            <span>It may contain</span>
            <Select
              mode="multiple"
              aria-label="It may contain"
              value={(brought.label?.mayContain ?? []) as string[]}
              options={choices}
              optionFilterProp="label"
              onChange={(mayContain: string[]) =>
                change((one) => ({ ...one, label: { contains: [], ...one.label, readOn: today, mayContain } }))
              }
              placeholder="nothing of these"
            />
          </div>
          {brought.label && (
            <Checkbox
              checked={brought.label.claims.includes('gluten-free')}
              onChange={(event) =>
                change((one) => ({
                  ...one,
                  label: {
                    contains: [],
                    mayContain: [],
                    readOn: today,
                    ...one.label,
                    claims: event.target.checked ? ['gluten-free'] : [],
                  },
                }))
              }
            >
              The packet says “gluten-free”
            </Checkbox>
          )}
          {!brought.label && (
            <Button
              size="small"
              onClick={() => change((one) => ({ ...one, label: { readOn: today, contains: [], mayContain: [] } }))}
            >
              I read all of it; none of these is on it
            </Button>
          )}
        </div>
      )}
      {!(brought.sealed && brought.label) &&
        makerQuestions.map((question) => {
          const said = brought.answers.find((each) => each.question === question.id);
          return (
            <div key={question.id} style={{ padding: '8px 0', borderBottom: '1px solid var(--line)' }}>
              <p>{question.ask}</p>
              <div className="row" style={{ margin: '4px 0' }}>
                <Segmented
                  size="small"
                  aria-label={question.ask}
                  value={said?.answer ?? ''}
                  options={[
                    { value: 'yes', label: 'yes' },
                    { value: 'no', label: 'no' },
                    { value: 'unsure', label: 'not sure' },
                  ]}
                  onChange={(value) => answer(question.id, { answer: value })}
                />
                <span className="soft small">{said ? `answered ${dayjs(said.on).format('D MMM')}` : question.why}</span>
              </div>
              {said && (
                <Input
                  aria-label={`In their words: ${question.id}`}
                  placeholder="in their words"
                  defaultValue={said.words}
                  maxLength={1000}
                  onBlur={(event) => {
                    if (event.target.value.trim() !== said.words) answer(question.id, { words: event.target.value });
                  }}
                />
              )}
            </div>
          );
        })}
      <p className="small soft" style={{ marginTop: 8 }}>
        {brought.sealed && brought.label
          ? 'Sealed and labelled, it is judged by its label.'
          : 'Nobody here has seen that kitchen: for a guest who may have no trace it stays “check” at best.'}
      </p>
      {onDone && (
        <Button size="small" style={{ marginTop: 6 }} onClick={onDone}>
          Close
        </Button>
      )}
    </div>
  );
}
