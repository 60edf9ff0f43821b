import ICAL from 'ical.js';
import { demo } from '../../test-support/demo.ts';
import { planned } from '../../test-support/planned.ts';
import { toCalendar } from './calendar.ts';
import { runSheet } from './runSheet.ts';

const lantern = demo('lantern-supper');
const plan = planned(lantern);
const writtenAt = new Date(Date.UTC(2026, 10, 26, 9, 0));
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((each) => ({
    event: new ICAL.Event(each),
    alarms: each.getAllSubcomponents('valarm'),
    stamp: String(each.getFirstPropertyValue('dtstamp')),
  }));

test('every entry of the run sheet is an event at its minute by the kitchen’s clock, with an alarm', () => {
  const text = toCalendar(lantern, plan, { writtenAt, alarmMin: 5 });
  const events = new Map(eventsOf(text).map((each) => [each.event.uid, each]));
  const entries = runSheet(lantern, plan);
  expect(events.size).toBe(entries.length);
  const midnight = Date.UTC(2026, 11, 12);
  for (const entry of entries) {
    const { event, alarms, stamp } = events.get(`lantern-supper/${entry.id}@lupin`)!;
    // Floating: no zone, so that 14:00 is 14:00 on every clock.
    expect(event.startDate.zone.tzid).toBe('floating');
    const start = event.startDate;
    expect(Date.UTC(start.year, start.month - 1, start.day, start.hour, start.minute)).toBe(
      midnight + (18 * 60 + 30 + entry.startMin) * 60_000,
    );
    expect(event.endDate.compare(event.startDate)).toBe(1);
    expect(alarms.map((alarm) => String(alarm.getFirstPropertyValue('trigger')))).toEqual(['-PT5M']);
    expect(stamp).toBe('2026-11-26T09:00:00Z');
  }
  // A step is shown with what it must be kept free from, but never for whom.
  expect(text).toMatch(/Kept free from/);
  for (const guest of lantern.guests) {
    if (lantern.kitchen.cooks.some((cook) => cook.name === guest.name)) continue;
    expect([guest.name, text.replaceAll('\r\n ', '').match(new RegExp(`.*\\b${guest.name}\\b.*`))?.[0]]).toEqual([
      guest.name,
      undefined,
    ]);
  }
});

test('no line is longer than 75 bytes, and lines end as they must', () => {
  const text = toCalendar(lantern, plan, { writtenAt });
  for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
});

test('one cook’s calendar holds what they do and mind, and the ovens', () => {
  const [ines, tomas] = lantern.kitchen.cooks.map((cook) =>
    eventsOf(toCalendar(lantern, plan, { writtenAt, cook: cook.id })),
  );
  const entries = runSheet(lantern, plan);
  expect(ines!.length).toBeLessThan(entries.length);
  expect(ines!.some(({ event }) => event.summary.startsWith('Oven to'))).toBe(true);
  const mine = entries.filter((entry) => entry.cook === 'tomas');
  expect(
    mine.every((entry) => tomas!.some(({ event }) => event.uid === `lantern-supper/${entry.id}/tomas@lupin`)),
  ).toBe(true);
  expect(mine.some((entry) => ines!.some(({ event }) => event.uid.includes(`/${entry.id}/`)))).toBe(false);
});

test('once the occasion has changed there is one event, and it says that the times no longer hold', () => {
  const events = eventsOf(toCalendar({ ...lantern, serveAt: '19:00' }, plan, { writtenAt }));
  expect(events.map(({ event }) => event.summary)).toEqual([
    'Lantern Supper has changed: earlier times no longer hold',
  ]);
});
