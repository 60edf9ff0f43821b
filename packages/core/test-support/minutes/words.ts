/**
 * What a line's words hold, told once more and in as few words as will do: a reader that looked food up where the scheduler does would make
 * the same mistakes.
 */
const holds: readonly (readonly [mark: string, words: RegExp, but?: RegExp])[] = [
  [
    'gluten',
    /flour|bread|crumb|pasta|macaroni|penne|lasagne|couscous|pastry|oats\b|oat milk/i,
    /gluten-free|cornflour/i,
  ],
  [
    'milk',
    /milk|butter|cream|cheese|cheddar|gruyere|parmesan|mozzarella|feta|yoghurt|pesto/i,
    /coconut milk|oat milk|butter beans|plant/i,
  ],
  ['egg', /\beggs?\b|yolk|mayonnaise/i],
  ['tree-nut', /almond|walnut|hazelnut|cashew|pistachio|pesto/i],
  ['fish', /salmon|\bcod\b|trout|tuna|white fish/i],
  ['crustacean', /prawn/i],
  ['sesame', /tahini|sesame/i],
  ['mustard', /mustard/i],
];
const flesh = /chicken|duck|beef|pork|lamb|mince|sausage|\bcod\b|salmon|white fish|prawn/i;
const notRaw = /stock|smoked/i;
const perishable = /milk|cream|feta|cheese|cheddar|gruyere|parmesan|mozzarella|yoghurt|tofu|trout|tuna/i;
const notPerishable = /coconut milk|stock/i;
const dryBake = /bread\b|scone|cake\b|pie\b|tart\b/i;

/** Of the marks above those that a text names. */
export const marksIn = (text: string): readonly string[] =>
  holds.flatMap(([mark, words, but]) => (words.test(text.replace(but ?? /$^/, '')) ? [mark] : []));
const egg = /\beggs?\b|yolk/i;
/** Raw egg meets what is cooked afterwards every day; flesh and fish must not. */
export const isRawEgg = (text: string): boolean => egg.test(text);
export const isRawFlesh = (text: string): boolean => flesh.test(text) && !notRaw.test(text);
export const isPerishable = (text: string): boolean =>
  isRawFlesh(text) || isRawEgg(text) || (perishable.test(text) && !notPerishable.test(text));
const sourFruit = /apple|berr|plum|orange|lemon|sugar|cinnamon/i;
/** What keeps when it is cooked. */
export const keepsCooked = (text: string): boolean => sourFruit.test(text);
/** Whether what a recipe of this name makes keeps in the room once it is baked. */
export const isDryBake = (name: string): boolean => dryBake.test(name);

/** What kit can hold food, and what never comes clean: by their names alone. */
export const vessels: ReadonlySet<string> = new Set(
  'bowl saucepan large-pot skillet roasting-tin baking-tray gratin-dish cake-tin slow-cooker serving-dish box'.split(
    ' ',
  ),
);
export const goesToTable: ReadonlySet<string> = new Set('bowl skillet gratin-dish serving-dish'.split(' '));
export const staysDirty: ReadonlySet<string> = new Set(['wood', 'cast-iron', 'mesh']);
