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
  /** A fan oven is set lower by about this much for the same bake. @source usual in British and continental recipes */
  fanCoolerC: 20,
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
  /** In time on this share of days is sure enough. @source assumption */
  sureEnough: 0.85,
  /** So many minutes to spare are tried where they may help. */
  spareTriedMin: 10,
  /** A component is cooked once for several dishes where it keeps from its end to the last course that needs it, and so many minutes more. @source kitchen practice */
  sharedKeepsLongerMin: 120,
  /** A kitchen thermometer that shows less, or more, is broken or not in food. */
  leastReadingC: -30,
  mostReadingC: 320,
  /** What is done more than twelve hours before serving counts as done ahead. */
  dayStartsMin: -720,
} as const;

/**
 * By what factor a bake takes longer when the oven is `bentC` hotter (shorter) or cooler (longer) than the recipe says: heat flows in
 * proportion to the difference between the oven and the food. An estimate: look for the sign of doneness.
 * @source Newton's law of cooling
 */
export const bentTimeFactor = (wishC: number, bentC: number): number => (wishC - rules.bakingSurfaceC) / (wishC + bentC - rules.bakingSurfaceC);
