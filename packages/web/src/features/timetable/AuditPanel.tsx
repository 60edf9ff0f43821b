import { isTooMuch, listed, type TaskNetwork } from '@lupin/core';
import type { PlainAudit } from '../../planner/slice.ts';
import { VerdictMark } from '../../shared/VerdictMark.tsx';
import { useOccasionView } from '../occasions/context.ts';

/** What the audit looked at, rule by rule; it reads the plan apart from the planner that made it. */
export function AuditPanel({ audit, network }: { audit: PlainAudit; network: TaskNetwork }) {
  const { occasion } = useOccasionView();
  const name = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  const { checked, openPlates } = audit;
  const tooMuch = [
    ...new Set(
      network.batches.filter((batch) => batch.vessel && isTooMuch(batch.vessel)).map((batch) => batch.recipe.name),
    ),
  ];
  return (
    <section aria-label="Audit">
      <h2 className="row">
        {audit.passed ? (
          <>
            <VerdictMark verdict="clear" /> Passed the audit
          </>
        ) : (
          <>
            <VerdictMark verdict="conflict" /> The audit objects
          </>
        )}
      </h2>
      <p style={{ marginTop: 4 }}>
        Played through once more, apart from the planner: {checked.steps} steps and {checked.washes} washes, with every
        residue followed over {checked.surfaces} pieces of kit and hands to {checked.plates} plates.{' '}
        {audit.passed ? 'Nothing crosses over.' : ''}
      </p>
      {tooMuch.length > 0 && (
        <p style={{ marginTop: 4, color: 'var(--straw)' }}>
          <strong>More than fits at once:</strong> {listed(tooMuch)}. This kitchen has nothing large enough for so much;
          the timetable has it in one go. Make less of it, or borrow a larger one.
        </p>
      )}
      {openPlates.length > 0 && (
        <p style={{ marginTop: 4, color: 'var(--straw)' }}>
          <strong>Still open:</strong> {listed(openPlates.map((each) => name(each.guest)))}{' '}
          {openPlates.length === 1 ? 'has a plate that rests' : 'have plates that rest'} on labels or answers not yet
          in. The plan protects them as if they eat everything marked “check”.
        </p>
      )}
      {audit.findings.map((finding, index) => (
        <p key={index} className="fault">
          {finding.message}
        </p>
      ))}
      <ul className="checks small">
        {checked.rules.map(({ code, rule, findings }) => (
          <li key={code}>
            <VerdictMark verdict={findings === 0 ? 'clear' : 'conflict'} size={16} />
            {rule}
          </li>
        ))}
      </ul>
    </section>
  );
}
