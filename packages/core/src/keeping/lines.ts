import {
  fleshOrigins,
  hazardOf,
  leavens,
  spoilingOf,
  unknownKeeping,
  wetAisle,
  type FoodId,
  type Keeping,
} from '../reference/index.ts';
import type { IngredientLine, ResidueMark } from '../model/index.ts';
import { lineEvidence, type Knowledge } from '../exposure/index.ts';
import { massOf } from '../versions/index.ts';

/** What one ingredient line brings to what is made with it, as far as keeping goes. */
export interface LineKeeping {
  /** The foods it names, or may mean. */
  readonly foods: readonly FoodId[];
  /** How each of them keeps. */
  readonly keepings: readonly Keeping[];
  /** Raw flesh or egg in it, known or feared. */
  readonly raw: readonly ResidueMark[];
  /** Flesh or fish, raw or cooked, that spoils. */
  readonly isFleshy: boolean;
  /** Whether it makes wet what is dry. */
  readonly isWet: boolean;
  /** What ferments a dough. */
  readonly leavens: boolean;
  /** In g; undefined where nobody can say. */
  readonly massG: number | undefined;
}

const remembered = new WeakMap<IngredientLine, { readonly evidence: unknown; readonly keeping: LineKeeping }>();

export function lineKeeping(line: IngredientLine, knowledge: Knowledge): LineKeeping {
  const evidence = lineEvidence(line, knowledge);
  const known = remembered.get(line);
  if (known?.evidence === evidence) return known.keeping;
  const foods = evidence.flatMap(({ about }) => (about.kind === 'food' ? (knowledge.food(about.food) ?? []) : []));
  const isUnknown = foods.length === 0 || evidence.some(({ about }) => about.kind === 'unknown');
  const raw = [
    ...new Set(
      evidence.flatMap(({ about }) => (about.kind === 'hazard' && isRawFood(about.hazard) ? [about.hazard] : [])),
    ),
  ];
  const keeping: LineKeeping = {
    foods: foods.map((food) => food.id),
    keepings: [...new Set([...foods.map((food) => food.keeping), ...(isUnknown ? [unknownKeeping] : [])])],
    raw,
    isFleshy:
      raw.some(isFlesh) ||
      foods.some((food) => spoilingOf(food.keeping).cooked && food.contains.some((hazard) => fleshOrigins.has(hazard))),
    isWet: foods.some((food) => food.aisle === wetAisle),
    leavens: foods.some((food) => leavens.has(food.id)),
    massG: massOf(line.amount, foods[0]),
  };
  remembered.set(line, { evidence, keeping });
  return keeping;
}

/** Raw flesh, fish and egg; raw flour keeps. */
export const isRawFood = (mark: ResidueMark): boolean =>
  mark !== 'unread' && hazardOf(mark).kind === 'raw' && mark !== ('raw-flour' as ResidueMark);

/** Whether flesh or fish is in it, raw. */
export const isFlesh = (mark: ResidueMark): boolean => mark !== 'unread' && hazardOf(mark).washAlways;

/** How a food has been treated by the time it is asked about. */
export interface Treated {
  readonly isSoaked: boolean;
  readonly isHeated: boolean;
}

export const spoils = (keeping: Keeping, { isSoaked, isHeated }: Treated): boolean => {
  const { cut, soaked, cooked } = spoilingOf(keeping);
  return isHeated ? cooked : cut || (isSoaked && soaked);
};
