import { clockTime, dayWords, listed, type RunSheetEntry } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { useOccasionView } from '../occasions/context.ts';

/** The timetable as words: the same for a screen reader, and for paper. */
export function SheetTable({ entries }: { entries: readonly RunSheetEntry[] }) {
  const { occasion } = useOccasionView();
  const units = useUnits();
  const cook = (id: string | undefined) => occasion.kitchen.cooks.find((each) => each.id === id)?.name ?? '';
  return (
    <table className="plain-table">
      <thead>
        <tr>
          <th>From</th>
          <th>To</th>
          <th>Who</th>
          <th>What</th>
          <th>For</th>
          <th>With</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td style={{ whiteSpace: 'nowrap', fontWeight: 650 }}>
              {clockTime(occasion.serveAt, entry.startMin)}{' '}
              <span className="soft small">{dayWords(occasion.serveAt, entry.startMin)}</span>
            </td>
            <td>{clockTime(occasion.serveAt, entry.endMin)}</td>
            <td>{cook(entry.cook)}</td>
            <td>
              {entry.title}
              {entry.kind === 'oven' && ` ${units.degrees(entry.dialC)}`}
            </td>
            <td>
              {'dishName' in entry
                ? entry.dishName
                : entry.kind === 'wash'
                  ? `before ${listed([...new Set(entry.next.map((next) => `“${next.title}”`))])}`
                  : ''}
              {entry.kind === 'step' && entry.versionName && <span className="soft">, {entry.versionName}</span>}
            </td>
            <td className="soft">
              {entry.kind === 'step'
                ? entry.kit.join(', ')
                : entry.kind === 'wash'
                  ? `carries ${listed(entry.carries)}`
                  : ''}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
