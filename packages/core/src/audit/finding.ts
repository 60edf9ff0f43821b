import type { GuestId, TaskId } from '../model/index.ts';

/** Everything the audit can object to. The sentence beside each code says what the rule is. */
export const rulesOfAudit = {
  stale: 'The plan rests on this occasion as it stands now.',
  'unknown-name': 'The plan names only cooks, kit, dishes and steps that exist.',
  'missing-step': 'Every step of every dish that somebody eats is done once.',
  shared: 'What is cooked once for several dishes is the same in all of them.',
  'too-short': 'No step is given less than its least time.',
  order: 'Steps follow each other as the recipe says, with its least waits.',
  'waits-too-long': 'Nothing waits longer than the recipe allows.',
  'raw-wait': 'Raw flesh, fish and egg stand in the room only while hands are on them, and minutes besides.',
  'warm-wait':
    'Nothing that spoils stands in the room for more than two hours in all, from the heat or the packet to the next heat or the plate.',
  'part-cooked': 'Flesh that has been heated and is not cooked through goes on to its next heat, and is not put away.',
  'cold-wait': 'Nothing waits in the fridge for longer than it keeps.',
  reheat: 'What was cooked, chilled and is served hot is heated through again.',
  hold: 'What is served hot comes from the heat no longer ago than it holds.',
  late: 'Every dish is ready when its course is served.',
  'stands-too-long': 'No finished dish stands longer than it can.',
  kit: 'Every step has the kit it needs, and food keeps the piece it is in.',
  vessel: 'What is baked has as many vessels as its amount needs, each large enough.',
  'kit-twice': 'No piece of kit does two things at once.',
  contents:
    'Nothing goes into a piece of kit that still holds other food, until that is taken out or its dish is off the table.',
  'cook-missing': 'A cook is there for everything that needs hands.',
  look: 'What goes by itself is set going, looked at as its recipe says, and taken out or off, each by somebody and once.',
  'look-time': 'Somebody comes to what goes by itself when its recipe says, within a few minutes.',
  'cook-twice': 'No cook does two things at once.',
  'cook-away': 'Cooks work only while they are in the kitchen.',
  chore: 'No cook does what they leave to others.',
  pin: 'What the cook has fixed is kept.',
  sink: 'One wash at a time at the sink.',
  way: 'A step is done as the recipe allows: a way it offers, or a bake bent no further than it may be.',
  'oven-temperature': 'The oven is at the temperature each load needs, and had time to reach it.',
  'oven-room': 'No rack holds two loads, and nothing shares the grill.',
  'oven-door': 'The oven door stays shut while something in it would fall.',
  'oven-drip': 'Nothing uncovered stands above a dish that is free from what it holds.',
  'cold-room': 'No more stands in the fridge or the freezer than has room there.',
  burners: 'No more pots are on the heat than there are burners.',
  dishwasher:
    'The dishwasher takes what it makes clean, no more than it has places for, one load after the other, each for its whole programme.',
  'wash-too-short': 'Every wash has the time it takes.',
  'wash-in-vain': 'Only kit that comes clean counts as washed.',
  'kept-free': 'Kit kept free from something never meets it.',
  'unclean-past': 'Kit that never comes clean is not used for those who must not have a trace.',
  flour: 'Nothing that must stay free from flour is open while it is in the air.',
  crossing: 'No residue on kit or hands reaches a plate that must not have it.',
  'raw-crossing': 'Nothing raw reaches food that is not cooked afterwards, or other food at all before a wash.',
  'raw-served': 'Everything raw is cooked to its core temperature before it is served.',
} as const;

export type FindingCode = keyof typeof rulesOfAudit;

/** One objection, in a sentence. */
export interface Finding {
  readonly code: FindingCode;
  readonly message: string;
  /** The planned tasks concerned, the later one last. */
  readonly tasks: readonly TaskId[];
  readonly guests: readonly GuestId[];
}
