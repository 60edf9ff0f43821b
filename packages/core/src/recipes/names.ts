/** Words by which a method points at food in the making. */

/** Nouns for what is made, told apart by nothing but what they were called when they were made. */
const products =
  'wet ingredients|wet mixture|dry ingredients|dry mixture|mixture|mix|wet|dry|garlic butter|herb butter|dough|batter|sauce|gravy|filling|dressing|marinade|glaze|icing|frosting|drizzle|custard|crumbs?|crumble|topping|base|mash|stuffing|paste|salsa|syrup|broth|stock|pastry|crust|case|meat|vegetables|veg|salad|cake|loaf|bread|roll|bun|patties|patty|ball|dumpling|skewer|pie|tart|pudding|cream|meringue|curry|stew|soup|rub|puree|purée|jelly|caramel|liquid|juices?|poaching milk|cooking water|cooking liquid|water|roux|biscuit|cookie|scone|pancake|fritter|mould|shell|finger|roast|joint|bird|kofta|flatbread|noodle|pasta|rice|bean|couscous|guacamole|raita|layer|sponge|falafel|burger|meatball|chip|wedge|crouton|pot|fat|spice mix|schnitzel|cutlet|steak|fillet|nugget|croquette|fishcake|fish cake|parcel|triangle|samosa|breadcrumbs|egg mixture|jam|compote|relish|slaw|pesto|hummus|mayonnaise|aioli|hollandaise|vinaigrette|remoulade|chimichurri|tzatziki|spread|nut|seed|potatoe|sheet';
export const definite = new RegExp(
  String.raw`\b(?:the|your|this|that|these|those|hot|warm|cooled|cold|saved|reserved|each|all the|both|a little|half the|the rest of the|the remaining|remaining|\d+(?!\s?(?:ml|g|kg|l|cl|dl|litres?|tbsp|tsp|tablespoons?|teaspoons?|cups?|oz|lb|pints?)\b)|a few|some|more)\s+(?:[\p{L}-]+\s+){0,2}?(?<noun>(?:${products})s?)\b`,
  'giu',
);
export const becomes = new RegExp(
  String.raw`\b(?:to|into|make|makes|making|form|forms|for|of|like|together to)\s+(?:an?|the|your|\d+|green|coarse|fine|smooth|soft)?\s*(?:[\p{L}-]+\s+){0,2}?(?<noun>(?:${products})s?)\b`,
  'giu',
);
/** What things are made of that are called something else than their food. */
export const madeOf: Readonly<Record<string, RegExp>> = {
  'dry ingredient': /flour|cocoa|oats/,
  'dry mixture': /flour|cocoa|oats/,
  dry: /flour|cocoa|oats/,
  'wet ingredient': /milk|egg|oil|yogurt/,
  'wet mixture': /milk|egg|oil|yogurt/,
  wet: /milk|egg|oil|yogurt/,
  crouton: /bread|sourdough|baguette|ciabatta/,
  crumb: /bread|crumb|panko|biscuit|cracker/,
  breadcrumb: /bread|crumb|panko/,
  mash: /potato|swede|celeriac/,
  chip: /potato/,
  kofta: /mince|lamb|beef|ground/,
  burger: /mince|beef|ground|bean|chickpea/,
  meatball: /mince|beef|pork|ground/,
  patty: /mince|beef|ground|bean|chickpea|lentil/,
  patties: /mince|beef|ground|bean|chickpea|lentil/,
  pasta: /pasta|spaghetti|macaroni|penne|linguine|fusilli|lasagne|noodle/,
  noodle: /noodle|spaghetti|vermicelli|pasta/,
  guacamole: /avocado/,
  raita: /yogurt/,
  mayonnaise: /yolk|egg|aquafaba/,
  aioli: /yolk|egg|garlic/,
  hollandaise: /yolk|butter/,
  vinaigrette: /vinegar|lemon|mustard/,
  chimichurri: /parsley|vinegar/,
  tzatziki: /cucumber|yogurt/,
  custard: /custard|yolk|egg/,
  gravy: /stock|flour/,
  crust: /flour|biscuit|pastry|bread/,
  falafel: /chickpea|bean/,
  dumpling: /flour|pork|wrapper/,
  finger: /fish|salmon|cod|haddock|mince/,
  rice: /rice/,
  bean: /bean/,
  potatoe: /potato/,
  cream: /cream/,
  nut: /nut|almond|walnut|pecan|cashew/,
  seed: /seed/,
};
/** What is had beside a dish and not in it. */
export const besideDish =
  /^(?:sauces?|gravy|dressing|salsa|raita|dip|mayonnaise|aioli|hollandaise|vinaigrette|remoulade|chimichurri|tzatziki|relish|juices?|custard|compote|chutney|guacamole|slaw|salad|mash)$/;
/** A dish may be called after what it is made in; "the pot" is not the dish. */
export const vesselNouns = /^(?:pots?|pans?|tins?|trays?|bowls?|woks?|skillets?|sheets?)$/;
export const residueNames = [
  'liquid',
  'juice',
  'juices',
  'fat',
  'water',
  'broth',
  'poaching milk',
  'cooking water',
  'cooking liquid',
  'stock',
  'tin',
];
export const pronoun =
  /\bone(?= (?:on|in|into|to|over) (?:each|top|every))|\b(?:it|them|these|those|everything(?! (?:for|else)\b)|the lot|lot)\b|(?<!\b(?:minutes?|mins?|seconds?|side|m) )\b(?:both|all|each|this|that)(?=\s*(?:[.,;]|$|in\b|into\b|on\b|over\b|out\b|with\b|w\/|to\b))/i;
/** Without the signs by which something is done: "until it is soft" names nothing to do it to. */
export const signless = (text: string): string =>
  text.replace(
    /\b(?:until|till?|while|so that|before|as)\s+[^.;,]+|\bto make (?:it|them) [\p{L}-]+|\s[-–—]\s+(?:it|they|this) (?:should|must|will|need)[^.;]*/giu,
    ' ',
  );
export const gathering =
  /\b(?:everything(?! else| for (?:the|your|it))|(?:mix|toss|stir|combine) all(?= w\/| with|[.,;]|$)|^\W*all in(?:to)? (?:the |a )?(?:processor|blender|bowl|pan|pot|mixer)|the lot|lot together|all together|it all|them all|^\W*(?:assemble|fill|build|stack)(?=\W*$))\b/i;
export const adding = new Set(['add', 'throw', 'go', 'use', 'nestle', 'return', 'chuck', 'bung', 'sling', 'drop']);
export const liftsOut =
  /\b(?:lift(?:ing)?|take|remove|transfer|move|fish|spoon|tip|scrape)\b[^.;]*\b(?:out|to an? (?:plate|board|dish|bowl|tray)|into (?:the |four |six |two |warm(?:ed)? |serving )*bowls|on ?to an? (?:plate|board|tray)|(?:on ?to|to) (?:kitchen |absorbent )?paper|with an? slotted spoon|from the (?:pan|pot|tin)|off the bone)\b|\bset (?:it |them )?aside\b/i;
export const hobVessels = new Set(['saucepan', 'large-pot', 'frying-pan', 'skillet', 'roasting-tin']);
export const ovenVessels = new Set(['roasting-tin', 'baking-tray', 'gratin-dish', 'cake-tin', 'skillet', 'large-pot']);
export const onTop =
  /\b(?:on top|over (?:the )?top|(?:it|them) (?:over|on|all over|inside)|^\W*(?:then )?(?:stir|whisk|fold|beat|mix) in|(?<!\b(?:all|turn|turning|crisp|brown|left|ice|freeze) )over|in(?= until| and|[.,;]|$)(?<=\b(?:it|them) in))(?=\s*(?:until\b|when\b|while\b|just before\b|to serve\b|[.,;]|$|and\b|with\b))/i;
export const withIt =
  /^\W*(?:then |and )?[\p{L}-]+ (?:(?:well|up|over|together|lightly|generously|all over|the (?:insides?|outsides?|tops?|surface|edges?|(?:cut )?sides?|rims?|cavity)) )?(?:with\b|w\/?(?=\s))/iu;
export const objectless =
  /^(?:put|place|pop|set|tip|stick) (?:in|on) (?:an?|the|your) |^[\p{L}-]+ (?:(?:slowly|gradually|gently|carefully|quickly|at once|immediately|straight|evenly) )?(?:into|onto|on to|through|between|among)\b/iu;
export const intoIt =
  /\b(?:into|to|in) (?:the rest(?! of (?:the |your )?(?:[\p{L}]+ )?(?:oil|butter|fat|ghee|milk|water|stock|flour|sugar))|it|them|the same|the (?:hot |warm )?(?:pan|pot|bowl|casserole|skillet|mix|mixture))\b/iu;
/** "Pour in", with nothing said to be poured: what was just made ready goes into what was there before it. */
export const pouredIn =
  /^\W*(?:then )?(?:pour|tip|stir|fold|beat|mix|whisk|work)(?: (?:it|them|this|that))? (?:in|through)\b(?: too| as well| the (?:rest|remainder))?\W*$/i;
/** "When the soup is done": what is waited for. */
export const leadNoun =
  /^(?:and |then )?(?:when|once|as soon as|after) (?:the|your) (?:\p{L}+ )?(?<noun>\p{L}+)(?:['’]s| is| are| has| have)\b/iu;
/** What ends something and is work of its own all the same. */
export const ownWork = /^(?:rub off|measure|skim|skim off|scrape up)$/;
/** Waits that what is poured on before belongs to. */
export const soaking = /^(?:soak|steep|stand|leave|sit|infuse|bloom)$/;
export const more = /\b(?:another|more|further|longer|again|final|last|extra)\b/i;
export const fats = /oil|butter|lard|dripping|ghee|margarine|fat/;

/** Whether a word is what something is called that is made: "the batter". */
export const isMadeName = (word: string): boolean => new RegExp(`^(?:${products})s?$`, 'i').test(word);
/** What is put on what was there before: "decorate", "ice". */
export const decorates = /^(?:decorate|ice|frost)$/;
/** "The cake", "the roast": what has become of it lies in what was baked. */
export const baked =
  /^(?:cake|loaf|bread|roll|bun|pie|tart|pudding|biscuit|cookie|scone|roast|joint|bird|meringue|sponge)$/;
export const floury = /^(?:dough|batter|pastry)$/;
/** What is mixed of several things, whatever it was called meanwhile. */
export const mixtures =
  /^(?:sauce|filling|topping|stuffing|dressing|marinade|glaze|icing|paste|syrup|crumble|curry|stew|custard|base|soup)$/;
