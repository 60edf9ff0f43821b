/** General words for the wall of the kitchen. They follow what health services tell everybody; a guest's own plan comes first. */
export const emergencySheet = {
  signs: [
    { title: 'Breathing', words: 'wheeze, tight chest or throat, hoarse voice, trouble swallowing, a swollen tongue' },
    { title: 'Circulation', words: 'faint, pale, floppy, confused, a very fast or weak pulse, collapse' },
    {
      title: 'Skin and mouth',
      words: 'hives, flushing, itching, swollen lips, eyes or face; these may be missing in a severe reaction',
    },
    { title: 'Belly', words: 'sudden cramps, being sick again and again' },
  ],
  steps: [
    'Any sign of breathing or circulation after eating: treat it as severe. Do not wait to see.',
    'Use the guest’s own auto-injector at once, as they were taught. If in doubt, use it.',
    'Call your local emergency number. Say “anaphylaxis”. Say where you are.',
    'Lay them flat with their legs raised. Sitting up if they cannot breathe lying down; on their side if they are sick or unconscious. Do not let them stand or walk.',
    'No better after five minutes: a second auto-injector, if they have one, in the other leg.',
    'Not breathing: start CPR; the emergency service tells you how.',
    'They go to hospital even when they feel better: it can come back.',
  ],
  not: 'An antihistamine or an inhaler alone does not stop a severe reaction.',
  defers:
    'General words for everybody. The guest’s own emergency plan and their clinician come first, then what your emergency service says.',
  source: 'World Allergy Organization anaphylaxis guidance 2020; in line with national health services’ first aid',
} as const;
