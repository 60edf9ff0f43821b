import { clockTime, dayWords, foodOf, listed, span, type Occasion, type RunSheetEntry } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

/** The run sheet on plain paper, black on white, a box to tick beside every line. */
export function PrintSheet({ occasion, entries }: { occasion: Occasion; entries: readonly RunSheetEntry[] }) {
  const units = useUnits();
  const cook = (id: string | undefined) => occasion.kitchen.cooks.find((each) => each.id === id)?.name ?? '';
  return (
    <div className="print-only">
      <p>Plans, does not test food: your guests' own advice comes first.</p>
      <table className="print-sheet">
        <thead>
          <tr>
            <th></th>
            <th>Time</th>
            <th>Who</th>
            <th>What</th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry, index) => [
            // A new day gets a line of its own, so that its times stay short.
            ...(index === 0 ||
            dayWords(occasion.serveAt, entries[index - 1]!.startMin) !== dayWords(occasion.serveAt, entry.startMin)
              ? [
                  <tr key={`day-${entry.id}`}>
                    <td colSpan={4}>
                      <strong>
                        {dayWords(occasion.serveAt, entry.startMin).replace(/^./, (first) => first.toUpperCase()) ||
                          'On the day'}
                      </strong>
                    </td>
                  </tr>,
                ]
              : []),
            <tr key={entry.id}>
              <td>☐</td>
              <td>
                <strong>{clockTime(occasion.serveAt, entry.startMin)}</strong>
              </td>
              <td>{cook(entry.cook)}</td>
              <td>
                <strong>
                  {entry.kind === 'wash' ? `▶ ${entry.title}` : entry.title}
                  {entry.kind === 'oven' && ` ${units.degrees(entry.dialC)}`}
                </strong>
                {entry.kind === 'wash' &&
                  entry.machineUntilMin !== undefined &&
                  `, full programme, done ${clockTime(occasion.serveAt, entry.machineUntilMin)}`}
                {entry.kind === 'wash' && ` (carries ${listed(entry.carries)})`}
                {entry.kind === 'step' && (
                  <>
                    {' '}
                    · {entry.dishName}
                    {entry.versionName && `, ${entry.versionName}`}
                    {entry.cold && `, in the ${entry.cold}`}
                    {entry.oven &&
                      `, ${[entry.oven.name, entry.oven.rack].filter(Boolean).join(', ')}, ${units.degrees(entry.oven.temperatureC)}${entry.oven.shutMin === undefined ? '' : `, door shut for ${span(entry.oven.shutMin)}`}`}
                  </>
                )}
                {entry.kind === 'step' &&
                  entry.freeFrom.length > 0 &&
                  ` · FREE FROM ${listed(entry.freeFrom).toUpperCase()}`}
                {entry.kind === 'step' && entry.amounts.length > 0 && (
                  <>
                    <br />
                    {entry.amounts
                      .map(
                        ({ line, amount, massG }) =>
                          `${units.amount(amount, line.food, massG).text} ${(line.food ? foodOf(line.food)?.name : undefined) ?? line.text}`,
                      )
                      .join('; ')}
                  </>
                )}
                {'until' in entry && entry.until && (
                  <>
                    <br />
                    until {entry.until}
                  </>
                )}
              </td>
            </tr>,
          ])}
        </tbody>
      </table>
    </div>
  );
}
