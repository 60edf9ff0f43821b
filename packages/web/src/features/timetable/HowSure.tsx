import { Button, Progress, Segmented } from 'antd';
import { clockTime, span, Sure, usualSure, wishedSure, type Occasion, type Plan, type SureCost } from '@lupin/core';
import { inHundred } from './sureChart.ts';
import { useSureCosts } from './useSureCosts.ts';

interface HowSureProps {
  readonly occasion: Occasion;
  /** The state of the occasion that is looked at. */
  readonly basis: string;
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
  /** The plan for what the next change leads to. */
  readonly onOffer: (plan: Plan) => void;
}

const sureWords = (sure: Sure): string => (sure === 0 ? 'never mind' : `${sure} in 100`);

/** On how many days everything is to be in time, and what that costs in washes and in hours. */
export function HowSure({ occasion, basis, onChange, onOffer }: HowSureProps) {
  const { sure = usualSure } = occasion.wishes;
  const { state, start, stop } = useSureCosts(occasion, basis);
  const ask = (next: Sure) => onChange((one) => wishedSure(one, next));
  const take = (cost: SureCost) => {
    onOffer(cost.plan);
    ask(cost.sure);
  };
  const costs = [...(state?.costs ?? [])].sort((a, b) => a.sure - b.sure);
  return (
    <section aria-label="How sure it should be">
      <h3>How sure should it be?</h3>
      <Segmented
        aria-label="How sure should it be?"
        value={sure}
        options={Sure.options.map((value) => ({ value, label: sureWords(value) }))}
        onChange={ask}
      />
      <p className="soft small" style={{ margin: '6px 0 8px' }}>
        Minutes are kept free after the steps that run over most. That comes before fewer washes and a shorter day.
      </p>
      {!state && (
        <Button size="small" onClick={start}>
          What would each cost?
        </Button>
      )}
      {state && !state.isOver && (
        <p className="row">
          <Progress
            type="circle"
            size={20}
            percent={Math.round(state.share * 100)}
            showInfo={false}
            aria-label="Making a plan for each"
          />{' '}
          making a plan for each{' '}
          <Button size="small" onClick={stop}>
            Stop here
          </Button>
        </p>
      )}
      {state?.fault && (
        <p className="fault" role="alert">
          It could not be worked out. {state.fault}
        </p>
      )}
      {costs.length > 0 && (
        <table className="cost-table">
          <thead>
            <tr>
              <th>Asked for</th>
              <th>In time on</th>
              <th>Day begins</th>
              <th>Days before</th>
              <th>Washes</th>
              <th>
                <span className="visually-hidden">Take it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {costs.map((cost) => (
              <tr key={cost.sure}>
                <td>{sureWords(cost.sure)}</td>
                <td>{inHundred(cost.onTime)}</td>
                <td>{clockTime(occasion.serveAt, cost.startMin)}</td>
                <td>{cost.aheadMin === 0 ? 'none' : span(cost.aheadMin)}</td>
                <td>{cost.washes}</td>
                <td>
                  <Button
                    size="small"
                    aria-label={`Take the plan for ${sureWords(cost.sure)}`}
                    onClick={() => take(cost)}
                  >
                    Take
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
