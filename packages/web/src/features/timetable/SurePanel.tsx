import { Button, Progress } from 'antd';
import { lazy, Suspense, useMemo } from 'react';
import {
  basisOf,
  clockTime,
  rules,
  span,
  type Occasion,
  type Pin,
  type Plan,
  type SparePoint,
  type TaskNetwork,
} from '@lupin/core';
import { chartHeightPx, inHundred, sureChart, type SureRow } from './sureChart.ts';
import type { ChanceState } from './useChances.ts';
import { HowSure } from './HowSure.tsx';
import { pinned } from './pins.ts';

const Chart = lazy(() => import('../../shared/Chart.tsx'));

interface SurePanelProps {
  readonly occasion: Occasion;
  readonly network: TaskNetwork;
  readonly chances: ChanceState | undefined;
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
  /** The plan for what the next change leads to. */
  readonly onOffer: (plan: Plan) => void;
  readonly onShow: (task: string) => void;
}

/** How sure the plan is: how each dish comes to the table over thousands of days, where late days come from, and what minutes to spare would buy. */
export function SurePanel({ occasion, network, chances, onChange, onOffer, onShow }: SurePanelProps) {
  const take = ({ pins, plan }: { readonly pins: readonly Pin[]; readonly plan: Plan }) => {
    const wished = { ...occasion, wishes: { ...occasion.wishes, pins: [...pins] } };
    if (basisOf(wished) === basisOf(occasion)) return;
    // What was shown is what the cook gets; where something else was changed meanwhile, only the spare time is taken over and planned anew.
    if (basisOf(wished) === plan.basis) {
      onOffer(plan);
      onChange(() => wished);
    } else {
      onChange((one) =>
        pins.reduce((all, { task, spareMin }) => (spareMin === undefined ? all : pinned(all, task, { spareMin })), one),
      );
    }
  };
  const summary = chances?.summary;
  const rows = useMemo((): readonly SureRow[] => {
    const nameOf = (batch: string) => {
      const made = network.batches.find((each) => each.id === batch);
      if (!made) return batch;
      const versions = occasion.dishes.find((dish) => dish.id === made.dish)!.versions;
      const several =
        network.batches.filter((each) => each.dish === made.dish && each.versions.length === 1).length > 1;
      return several
        ? `${made.recipe.name}: ${versions.find((each) => each.id === made.versions[0])?.name ?? ''}`
        : made.recipe.name;
    };
    return [...(summary?.dishes ?? [])]
      .sort((a, b) => a.atMin - b.atMin || a.onTime - b.onTime)
      .map((chance) => ({ name: nameOf(chance.batch), chance }));
  }, [summary, network, occasion]);
  const draw = useMemo(() => sureChart(rows), [rows]);
  if (chances?.fault)
    return (
      <main className="page">
        <h2>The days could not be played</h2>
        <p className="fault" role="alert">
          {chances.fault}
        </p>
      </main>
    );
  if (!summary) return <main className="page soft">Playing two thousand days …</main>;
  const title = (id: string) => {
    const task = network.tasks.find((each) => each.id === id);
    if (!task) return id.startsWith('wash') ? 'a wash' : 'heating the oven';
    return `“${task.title}” (${network.batches.find((batch) => batch.id === task.batch)!.recipe.name})`;
  };
  const serving = (atMin: number) =>
    occasion.courses
      .filter((course) => course.offsetMin === atMin)
      .map((course) => course.name)
      .join(' and ');
  const point = (at: SparePoint) =>
    at.kind === 'serving'
      ? `Everything for ${serving(at.atMin)} ready ${rules.spareTriedMin} min before ${clockTime(occasion.serveAt, at.atMin)}`
      : `${rules.spareTriedMin} min to spare after ${title(at.task)}`;
  const known = (id: string) => network.tasks.some((each) => each.id === id);
  return (
    <main className="page sure">
      <h2>On about {inHundred(summary.allOnTime)} days everything is at the table in time</h2>
      <p className="soft">
        In time is within {rules.onTimeWithinMin} minutes. {summary.days.toLocaleString('en')} days were played in which
        each step takes as long as its recipe’s range lets it, and whoever is free goes on to the next thing, up to{' '}
        {rules.beginsEarlyMin} minutes before its time. For a cook who waits for the clock it is about{' '}
        {inHundred(summary.byClock)}. It is a guess about minutes, not about who may eat what: washes keep their place
        however late it gets.
      </p>
      <div className="sure-columns">
        <figure>
          <Suspense fallback={<div style={{ height: chartHeightPx(rows.length) }} />}>
            <Chart
              label={`How each dish comes to the table. ${rows.map(({ name, chance }) => `${name}: in time on ${inHundred(chance.onTime)} days, on the middle day ${minutesWords(chance.late.middleMin)}`).join('. ')}.`}
              height={chartHeightPx(rows.length)}
              draw={draw}
            />
          </Suspense>
          <figcaption className="soft small">
            The bar leaves out the best and the worst tenth of days; the dot is the day in the middle; at the right, on
            how many days it is in time.
          </figcaption>
        </figure>
        <div>
          <HowSure occasion={occasion} basis={chances.plan.basis} onChange={onChange} onOffer={onOffer} />
          <section aria-label="What minutes to spare would buy">
            <h3>What minutes to spare would buy</h3>
            {!chances.buffers && (
              <p className="row">
                <Progress
                  type="circle"
                  size={20}
                  percent={Math.round(chances.share * 100)}
                  showInfo={false}
                  aria-label="Trying where spare time helps"
                />{' '}
                trying where they help, each with a plan made around them
              </p>
            )}
            {chances.buffers?.length === 0 && (
              <p className="soft">
                {summary.allOnTime > 0.97
                  ? 'None needed.'
                  : 'Ten minutes at one point alone gain next to nothing, or find no plan. A second pair of hands, or one dish less in the last hour, may.'}
              </p>
            )}
            {chances.buffers?.map((buffer) => (
              <div key={JSON.stringify(buffer.at)} className="spare-row">
                <span>
                  {point(buffer.at)}
                  <br />
                  <span className="soft">
                    {inHundred(summary.allOnTime)} becomes about <strong>{inHundred(buffer.allOnTime)}</strong>
                  </span>
                </span>
                <Button onClick={() => take(buffer)} aria-label={`Add: ${point(buffer.at)}`}>
                  Add
                </Button>
              </div>
            ))}
          </section>
          {summary.breaks.length > 0 && (
            <section aria-label="Where it breaks first">
              <h3>Where it breaks first</h3>
              <ul className="plain">
                {summary.breaks.slice(0, 5).map((each) => (
                  <li key={each.task}>
                    {known(each.task) ? (
                      <button type="button" className="bare link" onClick={() => onShow(each.task)}>
                        {title(each.task)}
                      </button>
                    ) : (
                      title(each.task)
                    )}{' '}
                    runs over by {span(Math.max(1, Math.round(each.overMin)))}
                    <span className="soft">: {inHundred(each.share)} late days</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {summary.longWaits.some((each) => each.share >= 0.05) && (
            <section aria-label="What may wait too long">
              <h3>What may wait too long</h3>
              <ul className="plain">
                {summary.longWaits
                  .filter((each) => each.share >= 0.05)
                  .slice(0, 5)
                  .map((each) => (
                    <li key={`${each.after}/${each.task}`}>
                      <button type="button" className="bare link" onClick={() => onShow(each.task)}>
                        {title(each.task)}
                      </button>{' '}
                      comes {span(Math.max(1, Math.round(each.overMin)))} later than the {span(each.mostMin)} it may
                      wait<span className="soft">: {inHundred(each.share)} days</span>
                    </li>
                  ))}
              </ul>
            </section>
          )}
          {rows.some(({ chance }) => chance.standsTooLong >= 0.05) && (
            <section aria-label="What may stand too long">
              <h3>What may stand too long for the others</h3>
              <ul className="plain">
                {rows
                  .filter(({ chance }) => chance.standsTooLong >= 0.05)
                  .map(({ name, chance }) => (
                    <li key={chance.batch}>
                      {name}
                      <span className="soft">
                        : {inHundred(chance.standsTooLong)} days. Keep it hot, or cold, in the meantime.
                      </span>
                    </li>
                  ))}
              </ul>
            </section>
          )}
        </div>
      </div>
    </main>
  );
}

const minutesWords = (minutes: number): string =>
  Math.round(minutes) === 0
    ? 'to the minute'
    : minutes < 0
      ? `${Math.round(-minutes)} min early`
      : `${Math.round(minutes)} min late`;
