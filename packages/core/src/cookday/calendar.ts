import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { fit, type FitTable } from '../fit/index.ts';
import { basisOf, dayWords, listed, minutesOfClock, type CookId, type Occasion, type Plan } from '../model/index.ts';
import { colderWords, rawWords, runSheet, type RunSheetEntry } from './runSheet.ts';

export interface CalendarOptions {
  /** When the file is written; the clock is not this room's to read. */
  readonly writtenAt: Date;
  /** Only what this cook does or minds. */
  readonly cook?: CookId | undefined;
  /** Minutes before each begins that its alarm rings. */
  readonly alarmMin?: number;
}

/** How often a calendar that subscribes should ask again. */
const askAgainSeconds = 300;

/**
 * The plan as an iCalendar file, an event with an alarm for everything somebody does or minds. Times are local ("floating"): those of
 * the kitchen's clock, wherever it is. Calendars travel: what guests need stays out of it, what must be kept apart stays in.
 * A plan of another state of the occasion gives one event that says so, for its times no longer hold.
 * @source RFC 5545; RFC 7986 for how often to ask again
 */
export function toCalendar(
  occasion: Occasion,
  plan: Plan,
  { writtenAt, cook, alarmMin = 0 }: CalendarOptions,
  table: FitTable = fit(occasion),
): string {
  const cookName = occasion.kitchen.cooks.find((each) => each.id === cook)?.name;
  const calendar = ical({
    name: cookName ? `${occasion.name}: ${cookName}` : occasion.name,
    prodId: { company: 'Lupin', product: 'Lupin', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: askAgainSeconds,
  });
  const at = (moment: number): Date =>
    new Date(Date.parse(`${occasion.date}T00:00:00Z`) + (minutesOfClock(occasion.serveAt) + moment) * 60_000);
  const add = (
    id: string,
    startMin: number,
    endMin: number,
    summary: string,
    description: string,
    busy: boolean,
  ): void => {
    const event = calendar.createEvent({
      id: `${occasion.id}/${id}${cook ? `/${cook}` : ''}@lupin`,
      start: at(startMin),
      end: at(endMin),
      floating: true,
      stamp: writtenAt,
      summary,
      description,
      transparency: busy ? ICalEventTransparency.OPAQUE : ICalEventTransparency.TRANSPARENT,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: alarmMin * 60, description: summary });
  };
  if (plan.basis !== basisOf(occasion)) {
    add(
      'changed',
      -60,
      0,
      `${occasion.name} has changed: earlier times no longer hold`,
      'Open Lupin and let it plan again.',
      false,
    );
    return calendar.toString();
  }
  for (const entry of runSheet(occasion, plan, table)) {
    if (cook !== undefined && !minds(entry, cook)) continue;
    const busy = entry.cook !== undefined;
    add(
      entry.id,
      entry.startMin,
      Math.max(entry.endMin, entry.startMin + 1),
      summaryOf(entry),
      descriptionOf(occasion, entry),
      busy,
    );
  }
  return calendar.toString();
}

/** The oven is everybody's. */
const minds = (entry: RunSheetEntry, cook: CookId): boolean =>
  entry.kind === 'oven' || entry.cook === cook || (entry.kind === 'step' && entry.setBy === cook);

function summaryOf(entry: RunSheetEntry): string {
  switch (entry.kind) {
    case 'step':
    case 'look':
      return `${entry.title} (${entry.dishName})`;
    case 'wash':
      return entry.title;
    case 'oven':
      return `${entry.title} ${entry.dialC} °C`;
    default:
      return entry satisfies never;
  }
}

function descriptionOf(occasion: Occasion, entry: RunSheetEntry): string {
  const lines: (string | false | undefined)[] = [];
  const ahead = dayWords(occasion.serveAt, entry.startMin);
  if (ahead) lines.push(`Done ahead: ${ahead}.`);
  switch (entry.kind) {
    case 'step':
      lines.push(
        entry.versionName !== '' && `For: ${entry.versionName}.`,
        entry.text,
        entry.until !== '' && `Until ${entry.until}.`,
        entry.kit.length > 0 && `With ${listed(entry.kit)}.`,
        entry.freeFrom.length > 0 && `Kept free from ${listed(entry.freeFrom)}.`,
        rawWords(entry),
        colderWords(entry),
      );
      break;
    case 'look':
      lines.push(entry.until !== '' && `Until ${entry.until}.`);
      break;
    case 'wash':
      lines.push(
        `${entry.how} On it: ${listed(entry.carries)}.`,
        entry.next.length > 0 &&
          `Before ${listed([...new Set(entry.next.map((next) => `“${next.title}” (${next.dishName})`))])}.`,
      );
      break;
    case 'oven':
      lines.push('Hot at the end of this.');
      break;
    default:
      return entry satisfies never;
  }
  return lines.filter(Boolean).join('\n');
}
