import * as v from 'valibot';
import { foodOf, rules } from '../reference/index.ts';
import { freshId, listed, Occasion, Recipe, type Amount, type LineId } from '../model/index.ts';
import { fit, type FitTable } from '../fit/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { followsOf, partKit } from '../versions/index.ts';
import { piecesOf, type Piece } from './alike.ts';

/** Work that several dishes need alike and that could be done for all of them at once. */
export interface EqualWork {
  readonly id: string;
  /** "Onions, sliced". */
  readonly name: string;
  readonly places: readonly { readonly dishName: string; readonly lines: readonly string[] }[];
  /** Minutes of work by hand in the whole occasion that it would save. */
  readonly savesMin: number;
}

/** What each dish's share stands in until it is taken. From one bowl for all, whoever takes with raw meat on their hands would spoil it for the rest. */
const bowlFor = (at: number): string => `share-${at + 1}`;
const takes = 'Covered, and in the fridge if it waits.';

/** How often what one piece prepares goes into what the first prepares; undefined where the foods are in other proportions. */
function shareOf(piece: Piece, first: Piece): number | undefined {
  const [one] = piece.lines;
  const [firstOne] = first.lines;
  if (piece.lines.length === 1 && one && firstOne) {
    const [a, b] = [one.amount, firstOne.amount];
    if (a.kind === 'mass' && b.kind === 'mass') return b.massG > 0 ? a.massG / b.massG : undefined;
    // "3 onions" and "2 onions" are five onions, whatever one weighs.
    if (a.kind === 'count' && b.kind === 'count' && a.piece === b.piece && a.eachG === b.eachG)
      return b.count > 0 ? a.count / b.count : undefined;
  }
  if (!piece.massesG || !first.massesG) return undefined;
  const shares = piece.massesG.map((mass, at) => mass / first.massesG![at]!);
  return Math.max(...shares) <= Math.min(...shares) * rules.sameMixtureWithin
    ? shares.reduce((sum, each) => sum + each, 0) / shares.length
    : undefined;
}

const nameOf = (piece: Piece): string => {
  const foods = listed(
    piece.lines.map((line) => {
      const food = foodOf(line.food)!;
      return food.plural ?? food.name;
    }),
  );
  return `${foods.slice(0, 1).toUpperCase()}${foods.slice(1)}, ${listed(piece.done)}`.slice(0, 80);
};

/** What one batch makes: pieces where the line counts them, g where their weight is known; else there is only "one batch". */
function makesOf({ lines, massesG }: Piece): Amount | undefined {
  const [{ amount }] = lines as [Piece['lines'][number]];
  if (lines.length === 1 && (amount.kind === 'count' || amount.kind === 'mass')) return amount;
  return massesG && { kind: 'mass', massG: massesG.reduce((sum, each) => sum + each, 0) };
}

const timesOf = (makes: Amount | undefined, share: number): Amount => {
  switch (makes?.kind) {
    case 'count':
      return { ...makes, count: makes.count * share };
    case 'mass':
      return { kind: 'mass', massG: makes.massG * share };
    default:
      return { kind: 'batches', batches: share };
  }
};

/**
 * The occasion with equal pieces as one component that all of them take from: nothing else about it changes. For more
 * of it the time grows as it does for any work by hand (`rules.handsOnExponent`), whether the recipes say so or not.
 */
function withComponent(
  occasion: Occasion,
  pieces: readonly (Piece & { readonly share: number })[],
): Occasion | undefined {
  const [first] = pieces as [Piece & { share: number }];
  // What each recipe says of its own amount, as minutes for the amount of the first: the likely time is what they say on the average, the range is all of theirs.
  const told = (pick: 'least' | 'likely' | 'most') =>
    pieces.map(({ step, share }) => step.durationMin[pick] * share ** -rules.handsOnExponent);
  const likely = told('likely').reduce((sum, each) => sum + each, 0) / pieces.length;
  const minutes = (value: number) => Math.max(1, Math.round(value));
  const durationMin = {
    least: Math.min(minutes(likely), ...told('least').map(minutes)),
    likely: minutes(likely),
    most: Math.max(minutes(likely), ...told('most').map(minutes)),
  };
  const makes = makesOf(first);
  const id = freshId(
    nameOf(first),
    occasion.recipes.map((each) => each.id),
  );
  const component = v.safeParse(Recipe, {
    id,
    name: nameOf(first),
    portions: first.recipe.portions,
    ...(makes ? { makes } : {}),
    about: `Prepared in one go for ${listed(pieces.map((each) => each.recipe.name))}.`,
    lines: first.lines.map(({ canOmit: _canOmit, ...line }) => line),
    steps: [
      {
        id: first.step.id,
        title: first.step.title,
        text: [...new Set([...pieces.map((each) => each.step.text).filter((text) => text !== ''), takes])].join(' '),
        uses: first.lines.map((line) => line.id),
        after: [],
        durationMin,
        hands: 'on',
        grows: true,
        kit: [...first.kit.map((kind) => ({ kind })), ...pieces.map((_, at) => ({ kind: 'bowl', as: bowlFor(at) }))],
      },
    ],
    hold: { mostMin: Math.min(...pieces.map((each) => each.waitsMin)), how: 'covered, in the fridge' },
  });
  if (!component.success) return undefined;
  const recipes = occasion.recipes.map((recipe): unknown =>
    pieces.reduce(
      (one, piece, at) =>
        piece.recipe.id === recipe.id
          ? taken(one, piece, { component: id, amount: timesOf(makes, piece.share), bowl: bowlFor(at) })
          : one,
      recipe,
    ),
  );
  const gone = new Set(
    occasion.dishes.flatMap((dish) =>
      pieces
        .filter((piece) => piece.recipe.id === dish.recipe)
        .flatMap(({ step }) => [
          `${dish.id}.base.${step.id}`,
          ...dish.versions.map((version) => `${dish.id}.${version.id}.${step.id}`),
        ]),
    ),
  );
  const whole = v.safeParse(Occasion, {
    ...occasion,
    recipes: [...recipes, component.output],
    wishes: { ...occasion.wishes, pins: occasion.wishes.pins.filter((pin) => !gone.has(pin.task)) },
  });
  return whole.success ? whole.output : undefined;
}

/** A recipe that takes what it prepared itself from a component. */
function taken(
  recipe: Recipe,
  { step, taker, lines }: Piece,
  { component, amount, bowl }: { component: string; amount: Amount; bowl: string },
): Recipe {
  const [kept, ...others] = recipe.lines.filter((line) => lines.some((each) => each.id === line.id));
  const left = new Set<LineId>(others.map((line) => line.id));
  const { food: _food, role: _role, ...line } = kept!;
  const share = { kind: 'bowl' as const, as: partKit([line.id], bowl) };
  // The bowl that it was cut into is the bowl of its share; from a tin or a dish it is now apart until it goes in.
  const own = step.kit.find((use) => use.kind === 'bowl' && use.as !== undefined)?.as;
  const kitOf = (each: Recipe['steps'][number]) => {
    const kit = each.kit.map((use) => (own !== undefined && use.kind === 'bowl' && use.as === own ? share : use));
    return each.id === taker.id && !kit.includes(share) ? [...kit, share] : kit;
  };
  return {
    ...recipe,
    lines: recipe.lines.flatMap((each) =>
      each.id === line.id
        ? [
            {
              ...line,
              text: [kept!, ...others]
                .map((one) => one.text)
                .join('; ')
                .slice(0, 300),
              component: component as Recipe['id'],
              amount,
            },
          ]
        : left.has(each.id)
          ? []
          : [each],
    ),
    steps: recipe.steps.flatMap((each, index) => {
      if (each.id === step.id) return [];
      if (each.id !== taker.id) return [{ ...each, kit: kitOf(each) }];
      return [
        {
          ...each,
          uses: [line.id, ...each.uses],
          after: followsOf(recipe, index).filter((link) => link.step !== step.id),
          kit: kitOf(each),
        },
      ];
    }),
  };
}

const handsMin = (occasion: Occasion, table: FitTable): number =>
  tasksOf(occasion, table).tasks.reduce(
    (sum, task) => sum + (task.ways[0].hands === 'on' ? task.durationMin.planned : 0),
    0,
  );

const verdictsOf = (table: FitTable): string =>
  JSON.stringify(
    table.rows.map((row) =>
      [...row.cells].map(([guest, cell]) => [guest, cell.version, cell.judgement.verdict, cell.served]),
    ),
  );

interface Found {
  readonly work: EqualWork;
  readonly occasion: Occasion;
}

function found(occasion: Occasion): readonly Found[] {
  const byKey = new Map<string, Piece[]>();
  for (const piece of piecesOf(occasion)) byKey.set(piece.key, [...(byKey.get(piece.key) ?? []), piece]);
  const groups = [...byKey].filter(([, pieces]) => new Set(pieces.map((piece) => piece.recipe.id)).size > 1);
  if (groups.length === 0) return [];
  const table = fit(occasion);
  const apart = handsMin(occasion, table);
  return groups.flatMap(([id, pieces]): Found[] => {
    const alike = pieces.flatMap((piece) => {
      const share = shareOf(piece, pieces[0]!);
      return share === undefined ? [] : [{ ...piece, share }];
    });
    const bowls = occasion.kitchen.kit.filter((unit) => unit.kind === 'bowl').length;
    if (new Set(alike.map((piece) => piece.recipe.id)).size < 2 || alike.length > bowls) return [];
    const together = withComponent(occasion, alike);
    if (!together) return [];
    const after = fit(together);
    const savesMin = apart - handsMin(together, after);
    // Nobody's verdict hangs on who cuts what with what; where it did, the two were not the same food.
    if (savesMin < 1 || verdictsOf(after) !== verdictsOf(table)) return [];
    return [
      {
        work: {
          id,
          name: nameOf(alike[0]!),
          savesMin,
          places: alike.map((piece) => ({ dishName: piece.recipe.name, lines: piece.lines.map((line) => line.text) })),
        },
        occasion: together,
      },
    ];
  });
}

/**
 * Work by hand that several dishes need alike (the same food, cut in the same manner with the same kit, before anything else
 * is done), where doing it in one go saves time and changes nobody's verdict. What cannot be told alike from its words is not offered.
 */
export const equalWork = (occasion: Occasion): readonly EqualWork[] => found(occasion).map((each) => each.work);

/** The occasion with one such work gathered into a component; the same object where there is no such work. */
export const gatherWork = (occasion: Occasion, id: string): Occasion =>
  found(occasion).find((each) => each.work.id === id)?.occasion ?? occasion;
