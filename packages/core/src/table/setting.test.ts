import { demo } from '../../test-support/demo.ts';
import { guest, line, noTrace, occasion, recipe, step, dish } from '../../test-support/small.ts';
import { fit, noTraceHazards } from '../fit/index.ts';
import { regions, type HazardId } from '../reference/index.ts';
import { declaredIn, guestSheets, servedName, setTable } from './setting.ts';

const lantern = demo('lantern-supper');
const table = fit(lantern);
const courses = setTable(lantern, undefined, table);

test('everything that somebody eats stands on the table once, in its course; what endangers others goes out after them', () => {
  const served = courses.flatMap(({ dishes }) => dishes);
  const eaten = table.rows.flatMap((row) =>
    row.versions.filter((made) => made.eaters.length > 0).map((made) => `${row.dish.id}/${made.version.id}`),
  );
  expect(served.map((each) => `${each.dish}/${each.version}`).sort()).toEqual([...eaten].sort());
  for (const { dishes, apart } of courses) {
    const dangers = dishes.map(
      (each) =>
        apart.filter(
          (one) => one.from === servedName(each) && one.hazards.some((hazard) => each.contains.includes(hazard)),
        ).length,
    );
    expect(dangers).toEqual([...dangers].sort((a, b) => a - b));
  }
});

test('nobody is told it is clear for them unless their verdict is', () => {
  for (const { dishes } of courses) {
    for (const each of dishes) {
      const cells = table.rows.find((row) => row.dish.id === each.dish)!.cells;
      for (const id of each.clearFor) expect(cells.get(id)!.judgement.verdict).toBe('clear');
      for (const id of each.checkFor) expect(cells.get(id)!.judgement.verdict).toBe('check');
    }
  }
});

test('what is served raw, soft or pink is said of its dish, and of no other', () => {
  expect(courses.flatMap(({ dishes }) => dishes.flatMap(({ raw }) => raw))).toEqual([]);
  const rawIn = (food: string, extra: object) => {
    const steps = [step('do', { uses: ['l'], ...extra })];
    const one = occasion({
      guests: [guest('ana')],
      recipes: [recipe('it', [line('l', food)], steps)],
      dishes: [dish('it')],
    });
    return setTable(one)[0]!.dishes[0]!.raw;
  };
  expect(rawIn('egg', { meantRaw: ['raw-egg'] })).toEqual(['raw or soft egg']);
  expect(rawIn('beef', { burner: true, meantRaw: ['raw-cut'] })).toEqual(['pink or rare meat']);
  // 63 °C and a rest is safe for most, and pink.
  expect(rawIn('beef', { burner: true, coreC: 63 })).toEqual(['pink or rare meat']);
  expect(rawIn('beef', { burner: true, coreC: 71 })).toEqual([]);
  expect(rawIn('egg', { burner: true, coreC: 71 })).toEqual([]);
});

test('what a guest may have no trace of stands apart from their dish', () => {
  for (const { dishes, apart } of courses) {
    for (const mine of dishes) {
      for (const other of dishes) {
        if (mine === other) continue;
        const named = apart.find((each) => each.kept === servedName(mine) && each.from === servedName(other));
        for (const id of mine.protectedFor) {
          const must = noTraceHazards(lantern.guests.find((each) => each.id === id)!);
          // Also where the dish's own label is still in doubt.
          const comes = [...other.contains, ...other.mayContain].some(
            (hazard) => must.has(hazard) && !mine.contains.includes(hazard),
          );
          expect([servedName(mine), servedName(other), named?.guests.includes(id) ?? false]).toEqual([
            servedName(mine),
            servedName(other),
            comes,
          ]);
        }
      }
    }
  }
  const [starters] = courses;
  const without = starters!.dishes.find((each) => each.versionName.includes('gluten-free'))!;
  expect(
    starters!.apart.find(
      (each) =>
        each.kept === servedName(without) &&
        !each.from.includes('gluten-free') &&
        each.hazards.some((hazard) => hazard === 'wheat'),
    ),
  ).toBeDefined();
  const one = occasion({
    guests: [guest('ada', noTrace('wheat')), guest('bo')],
    recipes: [
      recipe('rolls', [line('bread', 'bread')], [step('cut')]),
      recipe('plums', [line('plum', 'plum')], [step('cut')]),
    ],
    dishes: [dish('rolls', 'rolls', { notFor: ['ada'] }), dish('plums')],
  });
  const [main] = setTable(one);
  expect(main!.dishes.map((each) => each.name)).toEqual(['plums', 'rolls']);
  expect(main!.apart).toMatchObject([{ kept: 'plums', from: 'rolls', guests: ['ada'] }]);
  expect(main!.apart[0]!.hazards).toContain('wheat');
  expect(main!.plated).toEqual(['plums']);
});

test('what a region does not ask for is still told', () => {
  const found = ['mustard', 'milk', 'walnut'] as unknown as readonly HazardId[];
  for (const region of regions) {
    const { declared, besides } = declaredIn(region, found);
    expect([...declared, ...besides].sort()).toEqual([...found].sort());
    expect(declared).toContain('milk');
    expect(declared).toContain('walnut');
  }
  const us = regions.find((region) => !region.declares.some((each) => each === 'mustard'))!;
  expect(declaredIn(us, found).besides).toContain('mustard');
});

test('a guest’s sheet names every dish of every course, with a reason for what is not clear', () => {
  const sheets = guestSheets(lantern, table);
  expect(sheets).toHaveLength(lantern.guests.length);
  for (const { rows } of sheets) {
    expect(rows).toHaveLength(lantern.dishes.length);
    for (const row of rows) expect(row.why === '').toBe(row.verdict === 'clear');
  }
});
