import type { NoPlan } from '@lupin/core';
import { CookedThrough } from './CookedThrough.tsx';
import { FreedBy } from './FreedBy.tsx';
import { MissingKit } from './MissingKit.tsx';

/** Why there is no plan, and what can be pressed to free it. */
export const NoPlanFound = ({ reason }: { readonly reason: NoPlan }) => (
  <main className="page">
    <h2>{reason.proven ? 'No plan can hold all of this' : 'No plan was found'}</h2>
    <p style={{ fontSize: 18, margin: '8px 0' }}>
      {reason.what} {reason.why}
    </p>
    {/* What was tried and frees it says more than what might. */}
    {(!reason.frees || reason.frees.length === 0) && <p>Try: {reason.tryThis}</p>}
    {!reason.proven && <p>Many orders of work were tried; “Plan again” tries others.</p>}
    {reason.missing && <MissingKit missing={reason.missing} />}
    {reason.frees && reason.frees.length > 0 && <FreedBy frees={reason.frees} />}
    <CookedThrough />
  </main>
);
