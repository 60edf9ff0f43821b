import { hazardOf, makerQuestions, meantWords, regimenOf, type HazardId } from '../reference/index.ts';
import { listed, madeWith, type Dish, type Guest, type Need, type Occasion } from '../model/index.ts';
import { avoidedBy, needWords } from '../fit/index.ts';
import { questionsAbout } from './questions.ts';

const longDay = (date: string): string => {
  const [year, month, day] = date.split('-').map(Number);
  return `${day} ${['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'][month! - 1]} ${year}`;
};

/**
 * A message to one guest, in plain text to copy or print: reads back what was noted, asks what is missing, and nothing about anybody else.
 */
export function guestMessage(
  occasion: Pick<Occasion, 'name' | 'date' | 'serveAt' | 'dishes' | 'recipes'>,
  guest: Guest,
): string {
  const parts = [
    `Dear ${guest.name},`,
    `I am planning ${occasion.name} on ${longDay(occasion.date)}, at the table at ${occasion.serveAt}, and I want you to be able to eat without worry.`,
  ];
  const known = guest.needs.filter((need) => need.kind !== 'open');
  if (known.length > 0)
    parts.push(
      ['This is what I have noted for you:', ...known.map((need) => `- ${readBack(need)}`)].join('\n'),
      'Is that right, and is it all?',
    );
  else parts.push('I have nothing noted for you. Is there anything you must not eat, or would rather not?');
  const open = questionsAbout(guest, occasion.date).filter(
    (question) => question.kind === 'not-understood' || question.kind === 'contradiction',
  );
  const asks = [
    ...open.map((question) => question.words),
    'For each of these: must there be no trace (a crumb, a shared spoon, “may contain”), or only none as an ingredient?',
    ...known.flatMap((need) =>
      need.kind === 'regimen'
        ? [
            `For ${regimenOf(need.regimen).name}, what of this matters to you: ${regimenOf(need.regimen).asks.join('; ')}?`,
          ]
        : [],
    ),
    ...(avoids(known, 'gluten')
      ? ['Are oats certified gluten-free all right for you? Malt vinegar? Food labelled “may contain wheat”?']
      : []),
    ...(avoids(known, 'milk') ? ['Does it go for goat’s and sheep’s milk, ghee and lactose-free milk too?'] : []),
    ...(avoids(known, 'tree-nut') ? ['Which nuts? Are coconut, pine nuts, chestnut and sesame all right?'] : []),
    ...(avoids(known, 'egg') ? ['Is egg baked into a cake all right, or none at all?'] : []),
    ...rawFor(occasion, guest),
    'Is there a brand or a food that you know to be all right?',
    'What should I do if something goes wrong, and where will your medicine be?',
  ];
  parts.push(['Please tell me:', ...asks.map((ask, index) => `${index + 1}. ${ask}`)].join('\n'));
  parts.push(
    'What you and your doctor say comes first. If you would rather bring something of your own, do; I will keep it apart and heat it on its own.',
  );
  return parts.join('\n\n');
}

/** What is served raw or soft on purpose is asked of everybody of whom nothing is known: nobody else can say who is with child, or ill. */
function rawFor({ dishes, recipes }: Pick<Occasion, 'dishes' | 'recipes'>, { id, needs }: Guest): readonly string[] {
  if (needs.some((need) => need.kind === 'regimen' && hasRawRules(need.regimen))) return [];
  const find = (recipe: string) => recipes.find((each) => each.id === recipe);
  const served = dishes.flatMap((dish) => {
    const recipe = dish.notFor.includes(id) ? undefined : find(dish.recipe);
    const raw = recipe
      ? [recipe, ...madeWith(recipe, find).parts].flatMap(({ steps }) => steps.flatMap(({ meantRaw = [] }) => meantRaw))
      : [];
    return raw.length > 0 ? [`${recipe!.name} (${listed([...new Set(raw)].map(meantWords))})`] : [];
  });
  return served.length === 0
    ? []
    : [
        `I mean to serve ${listed(served)}. Are you pregnant, or should you for any other reason have nothing raw or soft? “Not for me” is enough.`,
      ];
}

const hasRawRules = (regimen: string): boolean =>
  regimenOf(regimen).rules.some(({ hazards }) => hazards.some((each) => hazardOf(each).kind === 'raw'));

function readBack(need: Exclude<Need, { kind: 'open' }>): string {
  const said = need.exceptions.map((each) => `you said: “${each.words}”`);
  return [needWords(need), need.note.trim(), ...said].filter(Boolean).join('; ');
}

const avoids = (needs: readonly Need[], group: string): boolean =>
  needs.some((need) =>
    avoidedBy(need).some((hazard) => hazard === group || hazardOf(hazard).groups.includes(group as HazardId)),
  );

/** What to ask whoever brings or sells a dish: plain text, nobody's name or illness in it, only the hazards that matter at this table. */
export function makerMessage(
  occasion: Pick<Occasion, 'name' | 'date' | 'guests'>,
  dish: Pick<Dish, 'brought'>,
  dishName: string,
): string {
  const matter = [
    ...new Set(
      occasion.guests.flatMap((guest) =>
        guest.needs.flatMap((need) =>
          need.kind === 'open' || need.strictness === 'prefers-not' ? [] : avoidedBy(need),
        ),
      ),
    ),
  ].map((hazard) => hazardOf(hazard).name);
  return [
    `Dear ${dish.brought?.by ?? 'friend'},`,
    `thank you for “${dishName}” for ${occasion.name} on ${longDay(occasion.date)}. Some of us react to certain food, so please answer as exactly as you can; “I do not know” is a good answer too.`,
    makerQuestions.map((question, index) => `${index + 1}. ${question.ask}`).join('\n'),
    ...(matter.length > 0 ? [`What matters at this table: ${matter.join(', ')}.`] : []),
    'Please keep the packets, or send a picture of their labels.',
  ].join('\n\n');
}
