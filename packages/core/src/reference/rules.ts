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
  /** The temperature from which a cold oven starts. */
  roomC: 20,
  /** Hands-on time grows slower than the amount: by this power. @source kitchen practice */
  handsOnExponent: 0.7,
  /** Washing hands with soap and drying them. @source WHO hand-washing guidance, 40 to 60 seconds */
  handWashMin: 1,
  /** What is done more than twelve hours before serving counts as done ahead. */
  dayStartsMin: -720,
} as const;
