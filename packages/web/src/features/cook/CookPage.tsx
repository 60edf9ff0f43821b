import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { runSheet } from '@lupin/core';
import { SharePanel } from '../sharing/SharePanel.tsx';
import { useOccasionView } from '../occasions/context.ts';
import { AccountPanel } from './AccountPanel.tsx';
import { Bench } from './Bench.tsx';
import { BeginDay } from './BeginDay.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { RunList } from './RunList.tsx';
import { useDay } from './useDay.ts';

const nothing: ReadonlySet<string> = new Set();

export function CookPage() {
  const { occasion } = useOccasionView();
  // Kept above both views, so that a day that begins meanwhile does not shut it.
  const [sharing, setSharing] = useState(false);
  return (
    <>
      <BeforeOrAtWork onDevices={() => setSharing(true)} />
      {sharing && <SharePanel occasion={occasion.id} onClose={() => setSharing(false)} />}
    </>
  );
}

function BeforeOrAtWork({ onDevices }: { readonly onDevices: () => void }) {
  const { occasion, table, plan: state, planIsCurrent, stopPlanning } = useOccasionView();
  const plan = planIsCurrent ? state?.plan : undefined;
  const entries = useMemo(() => (plan ? runSheet(occasion, plan, table) : []), [occasion, plan, table]);
  const day = useDay(occasion.id);
  if (day && !day.day.ended) return <Bench day={day} onDevices={onDevices} />;
  if (day === undefined) return <main className="page soft">Looking at the day …</main>;
  if (!plan) {
    return (
      <main className="page">
        <h2>{state?.status === 'none' ? 'There is no plan to cook from' : 'The plan is being made'}</h2>
        <p className="soft">
          {state?.reason
            ? `${state.reason.what} ${state.reason.why}`
            : 'This takes a moment. The run sheet appears here by itself.'}
        </p>
      </main>
    );
  }
  if (state?.status === 'looking') {
    // Beginning with a sheet that may still change under the hand would be worse than waiting.
    return (
      <main className="page">
        <h2>The plan is still getting better</h2>
        <p className="soft" style={{ margin: '6px 0 14px' }}>
          A first one is there, audited. In a few seconds it settles, and then it stays as it is.
        </p>
        <Button type="primary" size="large" onClick={stopPlanning}>
          Cook from this one now
        </Button>
      </main>
    );
  }
  return (
    <>
      <div className="tt-head no-print" style={{ paddingBottom: 6 }}>
        <span className="soft">{entries.length} things to do</span>
        <span className="row" style={{ marginLeft: 'auto' }}>
          <Button size="small" onClick={onDevices}>
            Devices
          </Button>
          <Button size="small" onClick={() => window.print()}>
            Print the run sheet
          </Button>
        </span>
      </div>
      <div className="cook screen-only">
        <div className="bench-main">
          <BeginDay occasion={occasion} plan={plan} over={day?.day.ended ?? false} real={day?.day.mode === 'day'} />
          {day && day.events.length > 0 && (
            <AccountPanel
              occasion={day.day.occasion}
              plan={day.day.plan}
              events={day.events}
              mends={day.day.mends}
              nowMin={day.nowMin}
            />
          )}
        </div>
        <RunList occasion={occasion} entries={entries} done={nothing} now={undefined} />
      </div>
      <PrintSheet occasion={occasion} entries={entries} />
    </>
  );
}
