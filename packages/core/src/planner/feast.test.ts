import { parse } from 'valibot';
import { usualKitchen } from '../../test-support/alone.ts';
import { demoRecipes } from '../../test-support/demo.ts';
import { dish, guest, noTrace } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { madeWith, Occasion } from '../model/index.ts';
import { auditedPlanning, toEnd } from './index.ts';

const find = (id: string) => demoRecipes.find((recipe) => recipe.id === id);
const menu = [
  'roast-turkey',
  'sage-onion-stuffing',
  'onion-gravy',
  'mashed-potatoes',
  'roast-sprouts',
  'cranberry-sauce',
  'pumpkin-pie',
];

test('a turkey with all that belongs to it, for seven, by one cook with one oven: a plan, and audited', () => {
  const recipes = [...new Set(menu.flatMap((id) => [...madeWith(find(id)!, find).parts, find(id)!]))];
  const feast = parse(Occasion, {
    format: 'lupin.occasion/2',
    id: 'feast',
    name: 'Feast',
    date: '2027-01-10',
    serveAt: '18:30',
    courses: ['Mains', 'Sides', 'Desserts'].map((name, at) => ({
      id: name.toLowerCase(),
      name,
      offsetMin: at === 2 ? 60 : 0,
    })),
    guests: [guest('ida', noTrace('gluten')), ...['b', 'c', 'd', 'e', 'f', 'g'].map((id) => guest(id))],
    recipes,
    dishes: menu.map((id) => dish(id, id, { course: find(id)!.usualCourse.toLowerCase() })),
    kitchen: usualKitchen(),
  });
  const result = toEnd(auditedPlanning(feast, { seconds: 0.05, firstSeconds: 8 }));
  expect(result.kind).toBe('plan');
  if (result.kind === 'plan') expect(audit(feast, result.plan).findings).toEqual([]);
});
