import { noLabels, readRecipes, workOf, type Recipe, type WorkWait } from '@lupin/core';
import { lengthPx, measures, pictureOf, type Card, type Picture } from './layout.ts';
import { nextCard } from './moving.ts';
import { foodWords, freshPieces, lengthWords, waitLabel, waitSentence, waitsInWords } from './words.ts';

const read = (method: string, lines: string): Recipe =>
  readRecipes(`Salad\nServes 4\n\n${lines}\n\nMethod\n${method}`).recipes[0]!.recipe;
const salad = read(
  'Roast the beetroots on a tray at 200 °C for 50 minutes. Leave to cool. Toast the seeds in a dry pan. Whisk the oil and vinegar to a dressing. Toss the rocket with the beetroots, the dressing and the seeds.',
  '2 beetroots\n2 tbsp seeds\n3 tbsp oil\n1 tbsp vinegar\n50 g rocket',
);
const pie = read(
  'Rub the butter into the flour. Chill the pastry for 30 minutes. Fry the leeks in the oil for 10 minutes. Boil the potatoes for 15 minutes. Mix the leeks and the potatoes with the cream. Roll out the pastry, fill it with the vegetables and bake at 190 °C for 40 minutes. Meanwhile boil the peas for 4 minutes. Serve the pie with the peas.',
  '100 g butter\n200 g flour\n2 leeks\n2 tbsp oil\n400 g potatoes\n200 ml cream\n300 g peas',
);
const seen = (recipe: Recipe, room = 840): Picture => pictureOf(workOf(recipe, noLabels), room);
const overlaps = (a: Card, b: Card) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** Fourteen steps that hang together in some way: each waits for up to three before it. */
const tangled = (seed: number): Recipe => {
  let state = seed;
  const next = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
  const steps = Array.from({ length: 14 }, (_, at) => ({
    ...salad.steps[0]!,
    id: `s${at}` as never,
    title: at % 3 === 0 ? 'Some long name of a step that takes two lines' : 'Stir',
    after: [...new Set([1, 2, 3].map(() => Math.floor(next() * (at + 2)) - 2).filter((on) => on >= 0 && on < at))].map(
      (on) => ({ step: `s${on}` as never, leastMin: 0 }),
    ),
  }));
  return { ...salad, steps };
};

describe.each<readonly [string, Recipe]>([
  ['a salad', salad],
  ['a pie', pie],
  ...[1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].map((seed) => [`tangle ${seed}`, tangled(seed)] as const),
])('the picture of %s', (_, recipe) => {
  const picture = seen(recipe);
  const byId = new Map(picture.cards.map((card) => [card.work.step.id, card]));

  test('has every step once, none upon another, and each below all that it waits for', () => {
    expect(picture.cards.map((card) => card.work.step.id).sort()).toEqual(recipe.steps.map(({ id }) => id).sort());
    picture.cards.forEach((card, at) => {
      for (const other of picture.cards.slice(at + 1)) expect(overlaps(card, other)).toBe(false);
      for (const { from } of card.work.waits) {
        const above = byId.get(from)!;
        expect(above.y + above.height).toBeLessThan(card.y);
      }
      expect(card.y + card.height).toBeLessThan(picture.plate.y);
    });
  });

  test('has no stream that runs behind a card, and all of it within its width', () => {
    for (const { points, from, to } of picture.streams)
      points.slice(1).forEach((point, at) => {
        const before = points[at]!;
        for (const card of picture.cards) {
          if (card.work.step.id === from || card.work.step.id === to) continue;
          const isBeside =
            Math.max(before.x, point.x) < card.x ||
            Math.min(before.x, point.x) > card.x + card.width ||
            Math.max(before.y, point.y) <= card.y ||
            Math.min(before.y, point.y) >= card.y + card.height;
          expect(isBeside).toBe(true);
        }
        expect(point.x).toBeGreaterThanOrEqual(0);
        expect(point.x).toBeLessThanOrEqual(picture.width + measures.laneGap);
      });
  });

  test('ends at the plate, to which all flows that nothing waits for', () => {
    const waited = new Set(picture.cards.flatMap(({ work }) => work.waits.map(({ from }) => from)));
    expect(picture.streams.filter(({ to }) => to === 'plate').map(({ from }) => from)).toEqual(
      recipe.steps.filter(({ id }) => !waited.has(id)).map(({ id }) => id),
    );
  });
});

test('lanes become narrower where there is little room, and not too narrow to read', () => {
  expect(seen(salad, 400).cards[0]!.width).toBeLessThan(seen(salad, 1000).cards[0]!.width);
  expect(seen(salad, 10).cards[0]!.width).toBe(measures.leastLane);
  expect(seen(salad, 4000).cards[0]!.width).toBe(measures.mostLane);
});

test('a step alone is a picture too', () => {
  const one = { ...salad, steps: [{ ...salad.steps[0]!, after: [] }] };
  expect(seen(one)).toMatchObject({ cards: [{ row: 0, lane: 0 }], streams: [{ to: 'plate' }] });
});

test('what takes long stands taller, a night not endlessly', () => {
  expect(lengthPx(5)).toBe(0);
  expect(lengthPx(60)).toBeGreaterThan(lengthPx(30));
  expect(lengthPx(720)).toBe(lengthPx(4000));
});

test('arrows go along the streams, and to what stands beside', () => {
  const picture = seen(salad);
  const [roast, cool, toast, , toss] = salad.steps.map(({ id }) => id);
  expect(nextCard(picture, roast!, 'ArrowDown')).toBe(cool);
  expect(nextCard(picture, cool!, 'ArrowUp')).toBe(roast);
  expect(nextCard(picture, toast!, 'ArrowDown')).toBe(toss);
  expect(nextCard(picture, roast!, 'ArrowUp')).toBeUndefined();
  expect(nextCard(picture, roast!, 'x')).toBeUndefined();
  const beside = nextCard(picture, cool!, 'ArrowRight');
  expect(nextCard(picture, beside!, 'ArrowLeft')).toBe(cool);
});

describe('in words', () => {
  const wait = (part: Partial<WorkWait>): WorkWait => ({
    ...workOf(salad, noLabels)[1]!.waits[0]!,
    leastMin: 0,
    saidMostMin: undefined,
    roomMin: undefined,
    fridgeMin: undefined,
    isCold: false,
    stays: false,
    ...part,
  });

  test.each([
    [5, '5 min'],
    [119, '119 min'],
    [120, '2 h'],
    [150, '2 h 30'],
    [1440, '24 h'],
    [4320, '3 days'],
  ])('%i minutes are %s', (minutes, words) => expect(lengthWords(minutes)).toBe(words));

  test.each<[Partial<WorkWait>, string]>([
    [{}, ''],
    [{ roomMin: 120, fridgeMin: 1440 }, ''],
    [{ roomMin: 15, fridgeMin: 1440 }, 'within 15 min, or chilled'],
    [{ roomMin: 15 }, 'within 15 min'],
    [{ saidMostMin: 0 }, 'at once'],
    [{ saidMostMin: 30, roomMin: 120 }, 'within 30 min'],
    [{ saidMostMin: 300, roomMin: 20 }, 'within 20 min'],
    [{ leastMin: 10 }, '10 min later or more'],
    [{ leastMin: 10, saidMostMin: 10 }, 'after 10 min'],
    [{ leastMin: 10, saidMostMin: 60 }, '10 min to 60 min later'],
  ])('a wait of %j is said beside its stream as “%s”', (part, words) => expect(waitLabel(wait(part))).toBe(words));

  test.each<[Partial<WorkWait>, string]>([
    [{}, 'Nothing forbids it to wait.'],
    [{ stays: true }, 'Nothing forbids it to wait. It stays in what it is in.'],
    [{ roomMin: 120, fridgeMin: 1440 }, 'Stands 2 h at most; keeps 24 h in the fridge.'],
    [{ roomMin: 120, fridgeMin: 1440, isCold: true }, 'Keeps 24 h in the fridge.'],
  ])('a wait of %j is told as “%s”', (part, words) => expect(waitSentence(wait(part))).toBe(words));

  test('what it waits for stands in the numbers of the steps', () => {
    const work = workOf(salad, noLabels);
    expect(work.map((each) => waitsInWords(each, work))).toEqual([
      'at any time',
      'after 1',
      'at any time',
      'at any time',
      'after 2, 3 and 4',
    ]);
  });

  test('foods have their names, and a piece is named where it comes into use', () => {
    expect(pie.lines.map(foodWords)).toContain('leek');
    expect(foodWords({ ...salad.lines[0]!, food: undefined, text: '200 g zorblat, cut' })).toBe('zorblat');
    const work = workOf(salad, noLabels);
    expect(freshPieces(work[0]!, [])).toEqual(['baking tray']);
    expect(freshPieces(work[0]!, [work[0]!])).toEqual([]);
  });
});
