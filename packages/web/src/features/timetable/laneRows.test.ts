import { fit, ledgerOf, runSheet, tasksOf, type Plan, type TaskId } from '@lupin/core';
import { planned } from '../../../../core/test-support/planned.ts';
import { demo } from '../../../../core/test-support/demo.ts';
import { laneRows } from './laneRows.ts';

const occasion = demo('sunday-lunch');
const plan = planned(occasion);
const entries = runSheet(occasion, plan);
const network = tasksOf(occasion, fit(occasion));
const pagesOf = (one: Plan) => ledgerOf(occasion, network, one).pages;
const pages = pagesOf(plan);
const ids = (grouping: 'cook' | 'dish' | 'kit') =>
  new Set(laneRows(occasion, pages, entries, grouping).flatMap((row) => row.entries.map((entry) => entry.id)));

test('by cook nothing is lost but the oven’s own turning; by dish only washes are', () => {
  expect(entries.filter((entry) => entry.kind !== 'oven' && !ids('cook').has(entry.id))).toEqual([]);
  expect(
    entries.filter((entry) => entry.kind !== 'oven' && entry.kind !== 'wash' && !ids('dish').has(entry.id)),
  ).toEqual([]);
  expect(laneRows(occasion, pages, entries, 'dish').map((row) => row.name)).toEqual([
    'Green beans with toasted almonds',
    'Oven potatoes',
    'Roast chicken with lemon',
    'Apple crumble',
  ]);
});

test('by kit each piece that is used has its steps and its washes', () => {
  for (const row of laneRows(occasion, pages, entries, 'kit')) {
    const used = plan.tasks
      .filter((task) => task.kind !== 'oven' && task.units.includes(row.unit!.id))
      .map((task) => task.id);
    expect(row.entries.map((entry) => entry.id).sort()).toEqual([...used].sort());
  }
});

test('dropped on another’s lane, a step is fixed to that cook or rack; on its own lane to nothing more', () => {
  const rows = laneRows(occasion, pages, entries, 'cook');
  const rub = entries.find((entry) => entry.id === 'crumble.as-written.rub')!;
  const bake = entries.find((entry) => entry.id === 'crumble.as-written.bake')!;
  if (rub.kind !== 'step' || bake.kind !== 'step') throw new Error('steps');
  expect(rows.find((row) => row.key === `cook/${rub.cook}`)!.drop!(rub)).toEqual({});
  const racks = rows.filter((row) => row.oven === 0);
  const own = racks.findIndex((row) => row.entries.includes(bake));
  expect(racks[own]!.drop!(bake)).toEqual({});
  expect(racks[1 - own]!.drop!(bake)).toEqual({ rack: 1 - own });
  expect(racks[0]!.drop!(rub)).toEqual({});
});

test('what takes two racks stands in both rows of the oven, and dropped on either it is where it was', () => {
  const both = {
    ...plan,
    tasks: plan.tasks.map((task) =>
      task.kind === 'step' && task.id === 'potatoes.as-written.roast' ? { ...task, racks: [0, 1] } : task,
    ),
  };
  const racks = laneRows(occasion, pagesOf(both), entries, 'cook').filter((row) => row.oven === 0);
  const roast = entries.find((entry) => entry.id === 'potatoes.as-written.roast')!;
  if (roast.kind !== 'step') throw new Error('no step');
  expect(racks.map((row) => row.entries.includes(roast))).toEqual([true, true]);
  expect(racks.map((row) => row.drop!(roast))).toEqual([{}, {}]);
});

test('what chills has a lane of its own where there is something in it, and is not by itself then', () => {
  const cold = pages.map((page) =>
    page.resource.kind === 'fridge'
      ? {
          ...page,
          uses: [
            {
              task: entries.find((entry) => entry.kind === 'step')!.id as TaskId,
              startMin: 0,
              endMin: 1,
              freeMin: 1,
              places: 1,
            },
          ],
        }
      : page,
  );
  const names = (rows: ReturnType<typeof laneRows>) => rows.map((row) => row.name);
  expect(names(laneRows(occasion, pages, entries, 'cook'))).not.toContain('Fridge');
  const rows = laneRows(occasion, cold, entries, 'cook');
  const fridge = rows.find((row) => row.name === 'Fridge')!;
  expect(fridge.entries).toHaveLength(1);
  expect(rows.find((row) => row.name === 'By itself')!.entries).not.toContain(fridge.entries[0]);
});
