import * as v from 'valibot';
import { HazardId, hazardOf, rules } from '../reference/index.ts';
import type { Recipe, Step, StepId } from '../model/index.ts';
import type { HeatAsked } from './cookedThrough.ts';
import { isCutUpIn, type RawServed } from './meantRaw.ts';
import type { StepReading } from './steps.ts';

/** What an answer puts right in a recipe. */
export type RecipeChange =
  | { readonly what: 'portions'; readonly portions: number }
  /** What the middle reaches at the end of a step, in °C; `undefined`: nobody says. */
  | { readonly what: 'core'; readonly step: StepId; readonly coreC: number | undefined }
  | { readonly what: 'oven'; readonly step: StepId; readonly temperatureC: number }
  | { readonly what: 'minutes'; readonly step: StepId; readonly minutes: number }
  /** It is meant to stay raw, soft or pink there. */
  | { readonly what: 'meant'; readonly step: StepId; readonly hazard: HazardId }
  /** A step waits for another no longer. */
  | { readonly what: 'apart'; readonly step: StepId; readonly from: StepId };

export interface RecipeAnswer {
  readonly label: string;
  /** Nothing is changed by the answer that stands. */
  readonly changes: readonly RecipeChange[];
}

/** Something a reading is not sure of, and the answers to choose from: the first is what stands while nobody says. */
export interface RecipeQuestion {
  readonly id: string;
  readonly asks: string;
  /** What hangs on it. */
  readonly why: string;
  readonly step?: StepId | undefined;
  readonly answers: readonly [RecipeAnswer, ...RecipeAnswer[]];
}

/** More than these nobody answers. */
export const mostQuestions = 5;

/** What a reading knows of its guesses. */
export interface Guesses {
  readonly recipe: Recipe;
  readonly steps: readonly StepReading[];
  readonly asked: readonly HeatAsked[];
  /** What is served raw, and nobody says whether it is meant so. */
  readonly raw: readonly RawServed[];
  readonly noYield: boolean;
}

/** The questions worth asking of a reading, in the order of what they decide: what can hurt, what spoils the dish, what upsets the plan. */
export function questionsOf(guesses: Guesses): readonly RecipeQuestion[] {
  return [
    ...guesses.asked.map((each) => ofCore(each, isCutUpIn(guesses.recipe))),
    ...ofMeant(guesses.raw),
    ...guesses.steps.flatMap(ofOven),
    ...(guesses.noYield ? [ofPortions(guesses.recipe)] : []),
    ...guesses.steps.flatMap(ofOrder(guesses.recipe)),
    ...guesses.steps
      .flatMap(ofMinutes)
      .sort((a, b) => b.likely - a.likely)
      .map(({ question }) => question),
  ].slice(0, mostQuestions);
}

const cutC = hazardOf(v.parse(HazardId, 'raw-cut')).safeCoreC!;

const stands = (label: string): RecipeAnswer => ({ label, changes: [] });

function ofCore({ step, title, coreC, foods, hazards }: HeatAsked, isCutUp: boolean): RecipeQuestion {
  const change = (to: number | undefined): readonly RecipeChange[] => [{ what: 'core', step, coreC: to }];
  const isCut = !isCutUp && hazards.every((each) => each === 'raw-cut');
  const mayBeMeant = hazards.every((each) => {
    const { meant } = hazardOf(each);
    return meant !== undefined && (meant.unheated || !isCutUp);
  });
  const isNeverSoft = hazards.some((each) => each === 'raw-poultry' || each === 'raw-meat');
  return {
    id: `core:${step}`,
    step,
    asks: `How hot is ${foods} inside at the end of “${title}”?`,
    why: 'The recipe does not say. Nothing is served before it has been that hot; a thermometer tells.',
    answers: [
      stands(`${coreC} °C, measured`),
      ...(isCut
        ? [{ label: `${cutC} °C, pink, and it rests ${rules.pinkRestsMin} minutes`, changes: change(cutC) }]
        : []),
      ...(mayBeMeant
        ? [
            {
              label: isCut ? 'It is meant to be rarer' : 'It is meant to stay softer',
              changes: [...change(undefined), ...hazards.map((hazard) => ({ what: 'meant' as const, step, hazard }))],
            },
          ]
        : []),
      ...(isNeverSoft || mayBeMeant
        ? []
        : [{ label: 'It stays softer: no timetable for it', changes: change(undefined) }]),
    ],
  };
}

/** Whether what is served raw is meant to be: only where all of it may be, or there is no timetable either way. */
function ofMeant(raw: readonly RawServed[]): readonly RecipeQuestion[] {
  if (raw.some(({ steps }) => steps.length === 0)) return [];
  return raw.map(({ hazard, lines, steps }) => {
    const { served, care } = hazardOf(hazard).meant!;
    const foods = [...new Set(lines.map(({ text }) => text))].join(', ');
    return {
      id: `meant:${hazard}`,
      step: steps[0],
      asks: `${foods}: meant to be served ${served}?`,
      why: `No step says that it is cooked through, and what is raw by mistake gets no timetable. ${care}`,
      answers: [
        stands('Nobody says: no timetable'),
        { label: 'Yes, for all who may have it so', changes: steps.map((step) => ({ what: 'meant', step, hazard })) },
      ],
    };
  });
}

const ovenSettings = [160, 180, 200, 220] as const;

function ofOven({ step, guessed }: StepReading): readonly RecipeQuestion[] {
  const { oven } = step;
  if (!oven || oven.grill || !guessed.includes('heat')) return [];
  return [
    {
      id: `oven:${step.id}`,
      step: step.id,
      asks: `How hot is the oven for “${step.title}”?`,
      why: 'The recipe does not say; which dishes can share the oven hangs on it.',
      answers: [
        stands(`${oven.temperatureC} °C`),
        ...ovenSettings
          .filter((each) => each !== oven.temperatureC)
          .map((temperatureC) => ({
            label: `${temperatureC} °C`,
            changes: [{ what: 'oven' as const, step: step.id, temperatureC }],
          })),
      ],
    },
  ];
}

const ofPortions = ({ portions }: Recipe): RecipeQuestion => ({
  id: 'portions',
  asks: 'How many does it feed?',
  why: 'The recipe does not say; every amount for your guests rests on it.',
  answers: [
    stands(`${portions}`),
    ...[2, 4, 6, 8, 12]
      .filter((each) => each !== portions)
      .map((each) => ({ label: `${each}`, changes: [{ what: 'portions' as const, portions: each }] })),
  ],
});

const ofOrder =
  ({ steps }: Recipe) =>
  ({ step, guessedAfter }: StepReading): readonly RecipeQuestion[] => {
    const from = steps.find(({ id }) => id === guessedAfter);
    if (!from) return [];
    return [
      {
        id: `order:${from.id}:${step.id}`,
        step: step.id,
        asks: `Does what comes of “${from.title}” go into “${step.title}”?`,
        why: 'The recipe does not say where it goes; until you do, the one waits for the other.',
        answers: [
          stands('Yes'),
          { label: 'No, it is had beside', changes: [{ what: 'apart', step: step.id, from: from.id }] },
        ],
      },
    ];
  };

const roundMin = (minutes: number): number => (minutes < 20 ? Math.round(minutes) : Math.round(minutes / 5) * 5);
const inWords = (minutes: number): string =>
  minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 30) / 2} hours`;

/** Of what goes by itself on the heat and has no time: hands at work are seen to be done. */
function ofMinutes({
  step,
  guessed,
}: StepReading): readonly { readonly likely: number; readonly question: RecipeQuestion }[] {
  const isHot = step.oven !== undefined || step.burner;
  if (!isHot || step.hands === 'on' || !guessed.includes('time')) return [];
  const { likely } = step.durationMin;
  const others = [...new Set([0.5, 1.5, 2, 3].map((share) => roundMin(likely * share)))].filter(
    (each) => each > 0 && each !== likely,
  );
  return [
    {
      likely,
      question: {
        id: `minutes:${step.id}`,
        step: step.id,
        asks: `How long does “${step.title}” take?`,
        why: 'The recipe does not say; when everything is ready hangs on it.',
        answers: [
          stands(`about ${inWords(likely)}`),
          ...others.map((minutes) => ({
            label: inWords(minutes),
            changes: [{ what: 'minutes' as const, step: step.id, minutes }],
          })),
        ],
      },
    },
  ];
}

/** The recipe with answers put in; what belongs to a step that is not there any more changes nothing. */
export function answered(recipe: Recipe, changes: readonly RecipeChange[]): Recipe {
  return changes.reduce(
    (one, change) =>
      change.what === 'portions'
        ? { ...one, portions: change.portions }
        : {
            ...one,
            steps: one.steps.map((step, index) =>
              step.id === change.step ? withChange(step, change, one.steps[index - 1]?.id) : step,
            ),
          },
    recipe,
  );
}

function withChange(
  { coreC, ...step }: Step,
  change: Exclude<RecipeChange, { readonly what: 'portions' }>,
  before: StepId | undefined,
): Step {
  const kept: Step = coreC === undefined ? step : { ...step, coreC };
  switch (change.what) {
    case 'core':
      return change.coreC === undefined ? step : { ...step, coreC: change.coreC };
    case 'meant':
      return { ...kept, meantRaw: [...new Set([...(kept.meantRaw ?? []), change.hazard])] };
    case 'oven':
      return kept.oven ? { ...kept, oven: { ...kept.oven, temperatureC: change.temperatureC } } : kept;
    case 'minutes': {
      const { minutes } = change;
      return {
        ...kept,
        durationMin: { least: Math.round(minutes * 0.9), likely: minutes, most: Math.round(minutes * 1.15) },
      };
    }
    case 'apart': {
      const after = kept.after ?? (before === undefined ? [] : [{ step: before, leastMin: 0 }]);
      return { ...kept, after: after.filter((link) => link.step !== change.from) };
    }
  }
}
