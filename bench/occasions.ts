import { readOccasionFile, type Occasion } from '@lupin/core';

/** Numbers in [0, 1), the same for the same seed. */
export function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

const foods = [
  'potato',
  'carrot',
  'plum',
  'breadcrumbs',
  'butter',
  'egg',
  'walnut',
  'salmon',
  'duck-leg',
  'wheat-flour',
  'cream',
  'chickpea',
  'tahini',
  'mustard',
];
const hazards = ['gluten', 'milk', 'egg', 'tree-nut', 'fish', 'sesame', 'mustard'];

type Loose = Record<string, unknown>;

/** Steps as dishes have them: chop, mix, cook on the hob or in the oven, dress. */
function stepsOf(roll: () => number, count: number, uses: string[]): Loose[] {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(roll() * list.length)]!;
  const minutes = (least: number, span: number) => {
    const likely = least + Math.floor(roll() * span);
    return { least: Math.max(1, likely - 3), likely, most: likely + 5 };
  };
  const baked = roll() < 0.5;
  return Array.from({ length: count }, (_, at): Loose => {
    const last = at === count - 1;
    const base = { id: `s${at}`, title: `Step ${at + 1}`, text: '', uses: at === 0 ? uses : [] };
    if (last) return { ...base, hands: 'on', durationMin: minutes(2, 4), kit: [{ kind: 'spoon' }], coreC: 75 };
    if (at === 0)
      return { ...base, hands: 'on', durationMin: minutes(5, 15), kit: [{ kind: 'board' }, { kind: 'knife' }] };
    if (at === count - 2)
      return baked
        ? {
            ...base,
            hands: 'off',
            durationMin: minutes(20, 25),
            oven: { temperatureC: pick([180, 190, 200]), toleranceC: 15 },
            kit: [{ kind: 'baking-tray' }],
          }
        : { ...base, hands: 'off', durationMin: minutes(10, 20), burner: true, kit: [{ kind: 'saucepan' }] };
    return roll() < 0.3
      ? { ...base, hands: 'off', durationMin: minutes(10, 40), kit: [] }
      : { ...base, hands: 'on', durationMin: minutes(3, 10), kit: [{ kind: 'bowl' }] };
  });
}

/** A made-up occasion of about so many tasks: dishes in courses one and a half hours apart, guests with needs, a kitchen that grows with it. */
export function generated(tasks: number, seed: number): Occasion {
  const roll = random(seed * 7919 + tasks);
  const recipes: Loose[] = [];
  for (let made = 0; made < tasks;) {
    // An occasion has at most 60 dishes: with many tasks, dishes have more steps.
    const count = Math.min(
      (tasks > 300 ? 8 : 4) + Math.floor(roll() * (tasks > 300 ? 2 : 5)),
      Math.max(3, tasks - made),
    );
    const lines = Array.from({ length: 1 + Math.floor(roll() * 3) }, (_, i) => ({
      id: `l${i}`,
      text: `100 g ${i}`,
      food: foods[Math.floor(roll() * foods.length)],
      amount: { kind: 'mass', massG: 100 },
    }));
    recipes.push({
      id: `dish-${recipes.length}`,
      name: `Dish ${recipes.length}`,
      portions: 4,
      lines,
      steps: stepsOf(
        roll,
        count,
        lines.map((line) => line.id),
      ),
      hold: { mostMin: 60, how: 'covered' },
    });
    made += count;
  }
  const perCourse = Math.ceil(recipes.length / 12) > 5 ? 6 : 5;
  const courses = Array.from({ length: Math.ceil(recipes.length / perCourse) }, (_, i) => ({
    id: `course-${i}`,
    name: `Course ${i}`,
    offsetMin: i * 90,
  }));
  const cooks = Math.max(1, Math.min(6, Math.round(tasks / 60)));
  const kit = (kind: string, count: number, material = 'steel') =>
    Array.from({ length: count }, (_, i) => ({
      id: `${kind}-${i + 1}`,
      kind,
      name: `${kind} ${i + 1}`,
      material,
      washMin: 2,
    }));
  const each = 3 + cooks;
  return readOccasionFile(
    {
      format: 'lupin.occasion/1',
      id: 'generated',
      name: 'Generated',
      date: '2027-01-10',
      serveAt: '12:00',
      courses,
      guests: Array.from({ length: 8 }, (_, i) => ({
        id: `guest-${i}`,
        name: `Guest ${i}`,
        needs:
          i % 2 === 0
            ? []
            : [
                {
                  id: 'need',
                  kind: 'hazard',
                  hazard: hazards[Math.floor(roll() * hazards.length)],
                  strictness: 'no-trace',
                },
              ],
      })),
      recipes,
      dishes: recipes.map((recipe, i) => ({
        id: recipe['id'],
        course: `course-${Math.floor(i / perCourse)}`,
        recipe: recipe['id'],
        versions: [{ id: 'plain', name: 'as written', swaps: [], guests: [] }],
      })),
      kitchen: {
        name: 'Generated',
        burners: 4 + cooks,
        oven: { racks: 2, mostC: 250 },
        moreOvens: cooks > 2 ? [{ racks: 2, mostC: 250 }] : [],
        cooks: Array.from({ length: cooks }, (_, i) => ({
          id: `cook-${i + 1}`,
          name: `Cook ${i + 1}`,
          windows: [{ fromMin: -900, toMin: 6000 }],
        })),
        kit: [
          ...kit('board', each, 'plastic'),
          ...kit('knife', each),
          ...kit('bowl', each * 2),
          ...kit('saucepan', each),
          ...kit('baking-tray', each),
          ...kit('spoon', each * 2),
        ],
      },
    },
    [],
  );
}
