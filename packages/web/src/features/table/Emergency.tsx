import { emergencySheet, noTraceHazards, type Occasion } from '@lupin/core';

/** For the wall of the kitchen: signs, what to do in which order, and lines to fill in by hand. */
export function Emergency({ occasion }: { occasion: Occasion }) {
  const severe = occasion.guests.filter((guest) => noTraceHazards(guest).size > 0);
  return (
    <article className="emergency">
      <h2>If somebody reacts to food</h2>
      <div className="emergency-cols">
        <section>
          <h3>Signs</h3>
          <dl>
            {emergencySheet.signs.map((sign) => (
              <div key={sign.title}>
                <dt>{sign.title}</dt>
                <dd>{sign.words}</dd>
              </div>
            ))}
          </dl>
        </section>
        <section>
          <h3>What to do, in this order</h3>
          <ol>
            {emergencySheet.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
          <p>
            <strong>{emergencySheet.not}</strong>
          </p>
        </section>
      </div>
      <section>
        <h3>Where their medicine is</h3>
        <p className="soft">Ask each of them when they come, and write it here.</p>
        <table className="fill-in">
          <tbody>
            {[...severe.map((guest) => guest.name), ''].map((name, at) => (
              <tr key={at}>
                <th>{name}</th>
                <td />
              </tr>
            ))}
          </tbody>
        </table>
        <table className="fill-in">
          <tbody>
            {['Emergency number here', 'This address', 'Nearest hospital'].map((name) => (
              <tr key={name}>
                <th>{name}</th>
                <td />
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <p className="soft">
        {emergencySheet.defers} ({emergencySheet.source})
      </p>
    </article>
  );
}
