import type { FastifyInstance } from 'fastify';
import {
  adviseMenu,
  AdviseMenu,
  audit,
  AuditPlan,
  chancesOf,
  checkRecipe,
  CheckRecipeBody,
  CountChances,
  fit,
  MakePlan,
  MakeShopping,
  openChecks,
  inTurns,
  readIngredient,
  ReadIngredients,
  readLabel,
  ReadLabel,
  ReadRecipeBody,
  readRecipes,
  scale,
  shoppingList,
  surePlanning,
  toShoppingCsv,
  type Sum,
} from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Shelf } from '../shelf.ts';
import { checked } from '../validation.ts';

/** Long work, during which the server goes on answering others. */
const answering = <Result>(work: Generator<unknown, Result>): Promise<Result> =>
  inTurns(
    work,
    () =>
      new Promise((resolve) => {
        setImmediate(resolve);
      }),
    20,
    () => performance.now(),
  );

/** The computation over HTTP, for scripts; nothing is kept. */
export function computeRoutes(app: FastifyInstance, shelf: Shelf): void {
  app.post(
    '/api/plan',
    {
      schema: {
        summary: 'Plan an occasion',
        description:
          'The best plan that was found and passed the audit: in time on as many days as `wishes.sure` asks for (95 of 100 where it says nothing) before fewer washes and a shorter day. `seconds` is how much is looked for, counted in work and not on the clock: the same occasion, seconds and seed give the same plan. Where there is none, the problem says why, whether that is certain, and what would free it.',
        tags: ['plan'],
        body: MakePlan,
      },
    },
    async (request) => {
      const { occasion, seed, seconds } = checked(MakePlan, request.body);
      const result = await answering(surePlanning(occasion, { seed, seconds }));
      if (result.kind === 'none')
        throw new Problem('no-plan-possible', `${result.reason.what} ${result.reason.why}`, { reason: result.reason });
      // There was none at hand, so the best is one that was found.
      return result.best!.plan;
    },
  );

  app.post(
    '/api/read/ingredient',
    {
      schema: {
        summary: 'Read ingredient lines',
        description:
          'What each contains, may hold until its label is read, is claimed to be, and which words are not understood, each with its place in the text. Answers one reading for `text`, a list for `texts`.',
        tags: ['recipes'],
        body: ReadIngredients,
      },
    },
    (request) => {
      const body = checked(ReadIngredients, request.body);
      return 'text' in body ? readIngredient(body.text) : body.texts.map(readIngredient);
    },
  );

  app.post(
    '/api/read/label',
    {
      schema: {
        summary: 'Read a label',
        description:
          'Ingredients at every depth, the contains line, precautions (`mayContain`), claims, and contradictions between them. A proposal for a person to confirm.',
        tags: ['recipes'],
        body: ReadLabel,
      },
    },
    (request) => readLabel(checked(ReadLabel, request.body).text),
  );

  app.post(
    '/api/read/recipe',
    {
      schema: {
        summary: 'Read recipes',
        description:
          'From pasted text, an HTML page, schema.org/Recipe linked data, or a lupin.recipe/2 file, as `text`; or linked data as `data`. Answers proposed recipes with what each part rests on, what was guessed, what is odd, and `faults`: what could not be read. Nothing is kept.',
        tags: ['recipes'],
        body: ReadRecipeBody,
      },
    },
    (request) => {
      const body = checked(ReadRecipeBody, request.body);
      return readRecipes('text' in body ? body.text : JSON.stringify(body.data));
    },
  );

  app.post(
    '/api/check/recipe',
    {
      schema: {
        summary: 'Check a recipe',
        description: 'What is odd in it, the gravest first, with recipes that mend it.',
        tags: ['recipes'],
        body: CheckRecipeBody,
      },
    },
    (request) => {
      const { recipe, components } = checked(CheckRecipeBody, request.body);
      return checkRecipe(recipe, (id) => [recipe, ...components].find((each) => each.id === id));
    },
  );

  app.post(
    '/api/advise',
    {
      schema: {
        summary: 'Advice for a menu',
        description:
          'The smallest sets of changes with which everyone has enough in every course, by the policy wanted and by the others; the library and the own swaps are at hand. Each answer holds the occasion as it would be (`after`).',
        tags: ['plan'],
        body: AdviseMenu,
      },
    },
    async (request) => {
      const { occasion, policy } = checked(AdviseMenu, request.body);
      const [library, own] = await Promise.all([shelf.list('recipe'), shelf.list('swap')]);
      return adviseMenu(occasion, {
        policy,
        library: library.map((each) => each.entry),
        own: own.map((each) => each.entry),
      });
    },
  );

  app.post(
    '/api/shopping',
    {
      schema: {
        summary: 'The shopping list of an occasion',
        description:
          'Items by aisle with what is needed, had and to be bought, packages, what labels must not say and for whom; and the same as CSV.',
        tags: ['shopping'],
        body: MakeShopping,
      },
    },
    (request) => {
      const { occasion } = checked(MakeShopping, request.body);
      const table = fit(occasion);
      const { items, cost } = shoppingList(occasion, scale(occasion, table), openChecks(occasion, table));
      const plain = (sum: Sum) => ({ ...sum, pieces: Object.fromEntries(sum.pieces) });
      return {
        items: items.map((item) => ({ ...item, need: plain(item.need), have: plain(item.have), buy: plain(item.buy) })),
        cost,
        csv: toShoppingCsv(occasion, { items, cost }),
      };
    },
  );

  app.post(
    '/api/audit',
    { schema: { summary: 'Audit a plan against an occasion', tags: ['plan'], body: AuditPlan } },
    (request) => {
      const { occasion, plan } = checked(AuditPlan, request.body);
      const { surfaces, ...report } = audit(occasion, plan);
      return { ...report, surfaces: Object.fromEntries(surfaces) };
    },
  );

  app.post(
    '/api/chances',
    {
      schema: {
        summary: 'How sure a plan is',
        description:
          'Plays so many days in which every step takes as long as its range lets it: the share of days on which each dish, each serving and everything is in time, how late in minutes, where late days come from (`breaks`), what waits too long, and, with `spareSeconds`, what ten minutes to spare would buy. The plan must pass the audit.',
        tags: ['plan'],
        body: CountChances,
      },
    },
    async (request) => {
      const { occasion, plan, ...options } = checked(CountChances, request.body);
      const { passed, findings } = audit(occasion, plan);
      if (!passed) throw new Problem('plan-has-findings', findings[0]!.message, { findings });
      return answering(chancesOf(occasion, plan, options));
    },
  );
}
