import * as v from 'valibot';
import { Occasion } from '../src/model/index.ts';

type Loose = Record<string, unknown>;

export const line = (id: string, food: string | undefined, extra: Loose = {}): Loose => ({
  id,
  text: `100 g ${food ?? id}`,
  ...(food ? { food } : {}),
  amount: { kind: 'mass', massG: 100 },
  ...extra,
});

export const step = (id: string, extra: Loose = {}): Loose => ({
  id,
  title: id,
  text: '',
  durationMin: { least: 5, likely: 5, most: 8 },
  hands: 'on',
  ...extra,
});

export const recipe = (id: string, lines: Loose[], steps: Loose[], extra: Loose = {}): Loose => ({
  id,
  name: id,
  portions: 4,
  lines,
  steps,
  hold: { mostMin: 60, how: 'covered' },
  ...extra,
});

export const guest = (id: string, ...needs: Loose[]): Loose => ({ id, name: id, needs });

export const noTrace = (hazard: string): Loose => ({ id: hazard, kind: 'hazard', hazard, strictness: 'no-trace' });

export const dish = (id: string, recipeId = id, extra: Loose = {}): Loose => ({
  id,
  course: 'main',
  recipe: recipeId,
  versions: [{ id: 'plain', name: 'as written', swaps: [], guests: [] }],
  ...extra,
});

export const unit = (id: string, kind: string, material = 'steel', extra: Loose = {}): Loose => ({
  id,
  kind,
  name: id,
  material,
  washMin: 2,
  ...extra,
});

/** An occasion with one course, one cook and the kit given, checked by the schema. */
export function occasion(parts: {
  guests: Loose[];
  recipes: Loose[];
  dishes?: Loose[];
  kit?: Loose[];
  cooks?: Loose[];
  burners?: number;
  labels?: Loose[];
}): Occasion {
  return v.parse(Occasion, {
    format: 'lupin.occasion/2',
    id: 'test',
    name: 'Test',
    date: '2027-01-10',
    serveAt: '18:00',
    courses: [{ id: 'main', name: 'Main', offsetMin: 0 }],
    guests: parts.guests,
    recipes: parts.recipes,
    dishes: parts.dishes ?? parts.recipes.map((each) => dish(each['id'] as string)),
    kitchen: {
      name: 'Test kitchen',
      burners: parts.burners ?? 4,
      oven: { racks: 2, mostC: 250 },
      cooks: parts.cooks ?? [{ id: 'cook', name: 'Cook', windows: [{ fromMin: -600, toMin: 60 }] }],
      kit: parts.kit ?? [
        unit('board-1', 'board', 'plastic'),
        unit('knife-1', 'knife'),
        unit('bowl-1', 'bowl'),
        unit('bowl-2', 'bowl'),
      ],
    },
    labels: parts.labels ?? [],
  });
}
