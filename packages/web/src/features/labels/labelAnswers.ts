import { foodOf, hazardOf, type HazardId, type LabelReading } from '@lupin/core';

export type Answer = 'no' | 'may' | 'yes' | undefined;

/**
 * What a reading proposes for each question of the form; left open where the reading is in doubt: a word that may hold it,
 * a group of which it is a member ("contains gluten"), or words on the list that nobody knows.
 */
export function proposed(reading: LabelReading, keys: readonly string[]): Readonly<Record<string, Answer>> {
  const level = new Map(
    [...reading.contained, ...reading.possible, ...reading.mayContain].map((each) => [
      each.hazard as string,
      each.level,
    ]),
  );
  return Object.fromEntries(
    keys.map((key): [string, Answer] => [
      key,
      key.startsWith('h:')
        ? ofHazard(key.slice(2) as HazardId, level, reading.unknown.length > 0)
        : ofFood(key.slice(2), reading),
    ]),
  );
}

function ofHazard(
  hazard: HazardId,
  level: ReadonlyMap<string, 'contained' | 'possible' | 'trace'>,
  doubtful: boolean,
): Answer {
  const own = level.get(hazard);
  if (own === 'contained') return 'yes';
  if (own === 'trace') return 'may';
  if (own === 'possible') return undefined;
  const group = hazardOf(hazard)
    .groups.map((each) => level.get(each))
    .find((each) => each !== undefined);
  if (group === 'trace') return 'may';
  return group !== undefined || doubtful ? undefined : 'no';
}

function ofFood(food: string, reading: LabelReading): Answer {
  const names = [foodOf(food)?.name ?? food, ...(foodOf(food)?.aka ?? [])];
  if (names.some((name) => reading.text.toLowerCase().includes(name.toLowerCase()))) return 'yes';
  // Spices and seasonings may be anything.
  return /spice|seasoning|flavour|flavor|stock|broth/i.test(reading.text) || reading.unknown.length > 0
    ? undefined
    : 'no';
}

export interface Piece {
  readonly text: string;
  readonly kind: 'plain' | 'contained' | 'possible' | 'trace' | 'unknown';
}

/** The label's text in pieces, the words that matter marked. */
export function pieces({ text, contained, possible, mayContain, unknown }: LabelReading): readonly Piece[] {
  const spans = [
    ...[...contained, ...possible, ...mayContain].map((each) => ({
      start: each.start,
      end: each.end,
      kind: each.level as Piece['kind'],
    })),
    ...unknown.map((each) => ({ start: each.start, end: each.end, kind: 'unknown' as const })),
  ].sort((a, b) => a.start - b.start);
  const found: Piece[] = [];
  let at = 0;
  for (const { start, end, kind } of spans) {
    if (start < at) continue;
    if (start > at) found.push({ text: text.slice(at, start), kind: 'plain' });
    found.push({ text: text.slice(start, end), kind });
    at = end;
  }
  if (at < text.length) found.push({ text: text.slice(at), kind: 'plain' });
  return found;
}
