import { Button } from 'antd';
import { learnedMin, rules, withLearned, type DurationMin, type Recipe, type Step, type StepTiming } from '@lupin/core';
import {
  problemWords,
  usePutRecipeMutation,
  useRecipesQuery,
  useRemoveTimingMutation,
  useTimingsQuery,
} from '../../app/api.ts';
import { shortDay } from '../../shared/words.ts';

const range = ({ least, likely, most }: DurationMin): string =>
  least === most ? `${likely} min` : `${likely} min (${least}–${most})`;
const same = (one: DurationMin, other: DurationMin): boolean =>
  one.least === other.least && one.likely === other.likely && one.most === other.most;

/** What the days so far say of the recipes' times: taken over step by step, and taken back as easily. `only`: recipes to look at; absent: all. */
export function LearnedTimes({ only }: { only?: ReadonlySet<string> }) {
  const { data: timings, isLoading } = useTimingsQuery();
  const { data: recipes } = useRecipesQuery();
  const [put, { error }] = usePutRecipeMutation();
  const [forget] = useRemoveTimingMutation();
  if (isLoading || !timings || !recipes) return <p className="soft">Looking …</p>;
  const rows = timings.flatMap(({ entry }) => {
    const kept = recipes.find((each) => each.entry.id === entry.recipe);
    const step = kept?.entry.steps.find((each) => each.id === entry.step);
    return kept && step && entry.timed.length > 0 && (!only || only.has(entry.recipe)) ? [{ entry, kept, step }] : [];
  });
  const save = (kept: { revision: number; entry: Recipe }, step: Step, timed: StepTiming['timed']) =>
    void put({ baseRevision: kept.revision, entry: withLearned(kept.entry, step.id, timed) });
  return (
    <section aria-label="Times learned">
      <h3>What things really took</h3>
      <p className="soft">
        Of what goes by itself and was ticked at both ends, on real days only. The recipe’s own time counts as much as{' '}
        {rules.recipeCountsDays} days, so one odd day moves it little. A time only plans: the sign of doneness and the
        core temperature end a step.
      </p>
      {error && (
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      )}
      {rows.length === 0 ? (
        <p>
          No day has been timed yet. Begin a real day on the Cook page, tick what is set going and what is taken out,
          and end it.
        </p>
      ) : (
        <table className="dish-notes times">
          <thead>
            <tr>
              <th scope="col">Step</th>
              <th scope="col">The recipe says</th>
              <th scope="col">It took</th>
              <th scope="col">Together</th>
              <th scope="col">
                <span className="visually-hidden">Take over</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ entry, kept, step }) => {
              const written = step.learned?.asWritten ?? step.durationMin;
              const together = learnedMin(written, entry.timed);
              const isTaken = step.learned !== undefined && same(step.durationMin, together);
              return (
                <tr key={entry.id}>
                  <th scope="row">
                    {step.title}
                    <span className="soft"> · {kept.entry.name}</span>
                  </th>
                  <td>{range(written)}</td>
                  <td>
                    {entry.timed
                      .slice(-4)
                      .map((each) => `${Math.round(each.minutes)} min on ${shortDay(each.on)}`)
                      .join(', ')}
                    {entry.timed.length > 4 && `, and ${entry.timed.length - 4} before`}
                  </td>
                  <td>
                    <strong>{range(together)}</strong>
                    {step.learned && (
                      <span className="soft"> in use{isTaken ? '' : `: ${range(step.durationMin)}`}</span>
                    )}
                  </td>
                  <td>
                    <span className="row" style={{ flexWrap: 'nowrap' }}>
                      {!isTaken && !same(together, step.durationMin) && (
                        <Button size="small" onClick={() => save(kept, step, entry.timed)}>
                          Use it
                        </Button>
                      )}
                      {step.learned && (
                        <Button size="small" onClick={() => save(kept, step, [])}>
                          Back to the recipe’s
                        </Button>
                      )}
                      <Button
                        size="small"
                        type="text"
                        aria-label={`Forget the days of ${step.title}, ${kept.entry.name}`}
                        onClick={() => {
                          if (step.learned) save(kept, step, []);
                          void forget(entry.id);
                        }}
                      >
                        Forget
                      </Button>
                    </span>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
