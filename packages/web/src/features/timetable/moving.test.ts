import type { RunSheetEntry, TaskNetwork } from '@lupin/core';
import { draggedTo, roomInSight, roomOf } from './moving.ts';
import { id } from '../../../../core/test-support/id.ts';

test.each([
  [-100, 0, 3, -100],
  [-100, 2, 3, -100],
  [-100, 30, 3, -90],
  [-103, 30, 3, -95],
  [-103, 30, 15, -101],
  [-20, -61, 3, -40],
])('from %d, dragged by %d px at %d px a minute: %d', (start, delta, px, expected) => {
  expect(draggedTo(start, delta, px)).toBe(expected);
});

const network = {
  batches: [],
  tasks: [
    { id: 'cut', after: [] },
    { id: 'cook', after: [{ task: 'cut', leastMin: 10, mostMin: 60 }] },
    { id: 'plate', after: [{ task: 'cook', leastMin: 0, mostMin: 20 }], serve: { atMin: 0, mostHoldMin: 15 } },
  ],
} as unknown as TaskNetwork;
const entries = [
  { id: 'cut', startMin: -120, endMin: -100 },
  { id: 'cook', startMin: -60, endMin: -30 },
  { id: 'plate', startMin: -15, endMin: -5 },
] as RunSheetEntry[];

test.each([
  ['cut', { earliestMin: -140, latestMin: -90 }],
  ['cook', { earliestMin: -65, latestMin: -45 }],
  ['plate', { earliestMin: -25, latestMin: -10 }],
  ['nothing', { earliestMin: undefined, latestMin: undefined }],
])('%s has this room between its neighbours: %j', (step, room) => {
  expect(roomOf(network, entries, id(step))).toEqual(room);
});

test('only what is in sight of the room is shown', () => {
  expect(roomInSight({ earliestMin: -65, latestMin: -45 }, 30, { fromMin: -50, toMin: 0 })).toEqual({
    fromMin: -50,
    toMin: -15,
  });
  expect(roomInSight({ earliestMin: undefined, latestMin: -400 }, 30, { fromMin: -50, toMin: 0 })).toBeUndefined();
});
