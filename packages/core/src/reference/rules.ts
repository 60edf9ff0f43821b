/** House rules with a number in them. Each says where the number comes from. */
export const rules = {
  /** A label record older than this, in days, asks to be read again. @source kitchen practice: recipes of products change without notice */
  labelKeepsDays: 183,
  /** Needs confirmed longer ago than this, in days, are asked about again. @source kitchen practice */
  needsKeepDays: 365,
  /** After loose flour is handled, nothing that must stay free of it is open in the room for this long. @source kitchen practice, deliberately cautious */
  flourSettlesMin: 30,
  /** An empty domestic oven heats by about this much a minute. @source measured by hand on a 60-litre electric oven */
  ovenHeatsCPerMin: 11,
  /** Door ajar, it cools by about this much a minute. @source measured by hand on the same oven */
  ovenCoolsCPerMin: 5,
  /** Off and shut, it cools by about this much a minute at the least. @source kitchen practice: some two hours from a hot bake to hand-warm */
  ovenShutCoolsCPerMin: 1.5,
  /** Between two bakes at most so far apart an oven stays on at the first one's heat. @source kitchen practice */
  ovenKeptOnMin: 90,
  /** A fan oven is set lower by about this much for the same bake. @source usual in British and continental recipes */
  fanCoolerC: 20,
  /** Taking one round of trays out of the oven and putting the next in. @source kitchen practice */
  nextRoundMin: 2,
  /** What is fried in pieces leaves so much room in its pan: so many times the recipe still go in at once. An estimate. @source kitchen practice: crowded, it steams */
  fullerPan: 1.25,
  /** A load as the recipe counts it can be so much larger. An estimate. @source kitchen practice */
  fullerLoad: 1.1,
  /** To share an oven, a bake may be so many degrees hotter or cooler than written, its time corrected; an estimate. @source kitchen practice */
  ovenBendsC: 20,
  /** What bakes is taken to be about this warm at its surface, on average. @source estimate: from room temperature to just under 100 °C, where moist food stays */
  bakingSurfaceC: 65,
  /** Meat is not roasted under this. @source USDA FSIS, safe roasting: oven at least 325 °F */
  meatRoastsAtC: 163,
  /** The temperature from which a cold oven starts. */
  roomC: 20,
  /** Hands-on time grows slower than the amount: by this power. @source kitchen practice */
  handsOnExponent: 0.7,
  /** Washing hands with soap and drying them. @source WHO hand-washing guidance, 40 to 60 seconds */
  handWashMin: 1,
  /** Scraping kit off, setting it into the dishwasher and starting it, however much it is. @source kitchen practice */
  machineLoadMin: 2,
  /** However shallow food lies, it is not taken to bake in less than this share of its time: browning takes as long at any depth. @source kitchen practice */
  shallowestShare: 0.5,
  /** A look that comes so many minutes before or after it is due still sees what it is for. @source kitchen practice */
  lookWithinMin: 5,
  /** A cook who is slow at one thing is slow at the next: the correlation between the times of one cook's work on one day. @source assumption, on the cautious side */
  paceCorrelation: 0.3,
  /** A wash takes this share of its minutes, from a rinse that comes off at once to one that does not. @source kitchen practice */
  washVaries: { least: 0.8, likely: 1, most: 1.6 },
  /** An oven takes this share of its usual minutes to come to a temperature. @source kitchen practice: a full oven, a door left open */
  ovenHeatingVaries: { least: 0.9, likely: 1, most: 1.3 },
  /** What stands until a sign shows (dough doubled, cream set) shows it within so many times its usual time. @source kitchen practice */
  signComesWithin: 1.5,
  /** Food that comes within so many minutes of its time is on time. */
  onTimeWithinMin: 5,
  /** Whoever is free begins the next thing up to so many minutes before its time, where food, kit and washes allow it. @source assumption */
  beginsEarlyMin: 10,
  /** So many minutes to spare are tried where they may help. */
  spareTriedMin: 10,
  /** A component is cooked once for several dishes where it keeps from its end to the last course that needs it, and so many minutes more. @source kitchen practice */
  sharedKeepsLongerMin: 120,
  /** Fruit, vegetables and herbs that are cut ahead wait at most so long, covered and in the fridge. @source kitchen practice: browning, drying and loss of scent; no rule of food safety */
  cutAheadMostMin: 1440,
  /** Amounts of several foods prepared together may differ in proportion by so much between dishes and still be one mixture. @source assumption */
  sameMixtureWithin: 1.1,
  /** What a rack of an ordinary oven has room for, in cm. @source kitchen practice: built-in ovens 60 cm wide */
  ovenShelfWidthCm: 46,
  ovenShelfDepthCm: 38,
  /** A kitchen thermometer that shows less, or more, is broken or not in food. */
  leastReadingC: -30,
  mostReadingC: 320,
  /** Hot food is kept at this or over. @source FDA Food Code 2022, 3-501.16 */
  hotHoldC: 57,
  /** An oven that only keeps food warm is set to this: over `hotHoldC` all through, and it cooks no further. @source kitchen practice; USDA FSIS: a preheated oven at 93 to 121 °C */
  keepWarmOvenC: 100,
  /** An oven under this keeps warm and is not taken to cook. @source USDA FSIS: food is kept warm in an oven at 93 to 121 °C */
  cooksLeastC: 120,
  /** Cold food is kept at this or under. @source FDA Food Code 2022, 3-501.16 */
  coldHoldC: 5,
  /** So long may food stand between the two before it is put away, and so long in a room above `warmRoomC`. @source USDA FSIS, leftovers and food safety */
  standsMostMin: 120,
  standsMostWarmMin: 60,
  /** What simmers is at least so hot all through. @source kitchen practice: small bubbles rise from about 90 °C */
  simmersAtC: 90,
  /** A course is eaten and its dishes are off the table so long after it is served. @source house figure */
  tableMin: 60,
  /** Raw flesh, fish and egg wait so long with nobody's hands on them; longer, in the fridge. @source house figure: the time to turn to something else; USDA FSIS's two hours are the outer limit, and its advice is the refrigerator until it is cooked */
  rawWaitsMostMin: 15,
  /** Heat that goes on for so many minutes brings what is in it from a room's warmth over `hotHoldC`. @source kitchen practice */
  heatsThroughMin: 3,
  /** Meat in one piece is pink up to this; whoever may have nothing raw is asked. @source USDA FSIS chart: 71 °C is well done */
  pinkUnderC: 71,
  /** And rests so long when it is done under that. @source USDA FSIS safe minimum internal temperature chart */
  pinkRestsMin: 3,
  /** What a guest eats only when it is hot right through has been in an oven of this heat for so long, or has a core temperature; on the hob nobody knows. @source house figure: a shallow bake from 10 to over 70 °C */
  bakesThrough: { ovenC: 150, minutes: 12 },
  /** What was cooked, chilled and is served hot is heated again for at least so many minutes. @source house figure: a portion's depth from 5 to 74 °C in a pan or a hot oven */
  reheatsLeastMin: 8,
  /** What has been in the fridge for so long is cold all through, and bakes longer by this share of its time. @source Newton's law of cooling: from 4 °C to 74 °C takes 1.2 times as long as from 20 °C, in any oven from 150 to 220 °C; an estimate, look for the sign */
  coldThroughMin: 60,
  fromColdLonger: 0.2,
  /** What is made ahead is heated through again in an oven at this, covered; on the hob it is stirred. Minutes for a family's dish, about 5 cm deep. @source house figure: its core from 5 °C to `reheatC` */
  reheatsAtC: 160,
  reheatsInOvenMin: { least: 20, likely: 30, most: 45 },
  reheatsOnHobMin: { least: 8, likely: 12, most: 18 },
  /** What is made ahead has so long at least to cool and chill before it is heated again. @source FDA Food Code 2022, 3-501.14: two hours to 21 °C, and on its way to 5 */
  chillsLeastMin: 180,
  /** Who stays in the pot that others take their share from waits for them no longer than this. @source house figure */
  takenOutMostMin: 20,
  /** What goes by itself for longer than this and spoils stands in the fridge meanwhile, whatever its recipe says. @source house figure: it leaves half an hour of the two hours for the work around it */
  setAsideMostMin: 90,
  /** A hot dish can wait for its table at least so long, whatever its recipe is silent about. @source house figure */
  hotHoldLeastMin: 5,
  /** So long a cook needs to put food away into the fridge, and to take it out. @source kitchen practice */
  coldHandlingMin: 1,
  /** Food whose recipe is silent waits in the fridge for at most a day; with its recipe's word as long as leftovers keep. @source USDA FSIS: raw poultry, mince and fish one to two days; the shorter is taken */
  coldWaitMostMin: 1440,
  /** What goes by itself for so long away from heat has cooled. @source kitchen practice: a roast that rests is carved hot after twenty minutes */
  coolsOffMin: 30,
  /** Of a dry bake at most this share, by mass, is food that spoils when cooked. @source house figure: bread, cake and biscuit are under it, custard tart, quiche and cheesecake over it */
  dryBakeSpoilsMost: 0.4,
  /** In it, what spoils and nobody has weighed is taken to weigh so much, in g. @source assumption */
  unweighedG: 100,
  warmRoomC: 32,
  /** What cools comes to `coolsFirstC` within so many minutes, and to `coldHoldC` within so many more. @source FDA Food Code 2022, 3-501.14 */
  coolsFirstC: 21,
  coolsFirstMin: 120,
  coolsThenMin: 240,
  /** Leftovers keep so many days in the fridge. @source USDA FSIS: three to four days; the shorter is taken */
  leftoverFridgeDays: 3,
  /** What stood on a table and went into a box keeps so many days. @source UK Food Standards Agency: 48 hours; USDA FSIS: three to four days. The place is not known: the shorter is taken */
  boxFridgeDays: 2,
  /** Cooked rice in a box, heated once. @source UK Food Standards Agency: 24 hours */
  riceFridgeDays: 1,
  /** What was served raw or soft on purpose, in a box. @source NSW Food Authority: products of raw egg are thrown away after 24 hours; raw fish is taken with it */
  rawFridgeDays: 1,
  /** Frozen, leftovers are good for so many days; at −18 °C they stay sound for longer. @source USDA FSIS: three to four months; the shorter is taken */
  leftoverFreezerDays: 90,
  /** Leftovers are warmed through to this. @source USDA FSIS consumer chart */
  reheatC: 74,
  /** The recipe's own time counts as so many days when times are learned, so that one odd day moves it little. @source assumption */
  recipeCountsDays: 3,
  /** What is done more than twelve hours before serving counts as done ahead. */
  dayStartsMin: -720,
} as const;

/** Words by which a piece of meat is no longer whole: what was on its outside is inside it. */
export const cutUpWords =
  /\b(?:minced?|mincing|ground|rolled|roulade|stuffed|tenderi[sz]ed|mechanically|needled|injected|pumped|kebabs?|koftas?|burgers?|meatballs?|tartare)\b/i;

/** Words by which a recipe says that something is not hot any more. */
export const coolWords = /\b(?:cool|cold|chill|room temperature|fridge|freez)/i;

/** Words of frying that is done piece by piece, side by side in the pan. */
export const piecewiseWords =
  /\b(?:each side|a side|per side|(?:on )?both sides|the other side|either side|on each|flip(?:ping)?|turn(?:ing)? (?:them |it )?once|side by side|in one layer|in a single layer)\b/i;

/** In what food is turned or lies before it is cooked: what is left of that has touched it. */
export const coatingWords =
  /\b(?:dredg|coat|crumb|bread(?:ed|ing)\b|dip(?:s|ped|ping)?\b|roll(?:s|ed|ing)? (?:it |them |each )?in\b|marinat|marinad|brin(?:e|ing)\b|bast|brush|glaz)/i;

/**
 * By what factor a bake takes longer when the oven is `bentC` hotter (shorter) or cooler (longer) than the recipe says: heat flows in
 * proportion to the difference between the oven and the food. An estimate: look for the sign of doneness.
 * @source Newton's law of cooling
 */
export const bentTimeFactor = (wishC: number, bentC: number): number =>
  (wishC - rules.bakingSurfaceC) / (wishC + bentC - rules.bakingSurfaceC);
