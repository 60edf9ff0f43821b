import * as v from 'valibot';
import { knowledgeOf, lineEvidence } from '../src/exposure/index.ts';
import { judge, type Verdict } from '../src/fit/index.ts';
import { Guest, IngredientLine, type LabelRecord, type Strictness } from '../src/model/index.ts';
import { line } from './small.ts';

/** A guest, lines and what is said of both, in few words. */
export const guest = (...needs: unknown[]) => v.parse(Guest, { id: 'g', name: 'Gwen', needs });
export const avoids = (hazard: string, strictness: Strictness) =>
  guest({ id: 'n', kind: 'hazard', hazard, strictness });
export const diet = (name: string, strictness: Strictness = 'not-ingredient') =>
  guest({ id: 'n', kind: 'diet', diet: name, strictness });
export const lines = (...names: (string | undefined)[]) =>
  names.map((food, i) => v.parse(IngredientLine, line(`l${i}`, food)));
export const evidenceOf = (all: readonly IngredientLine[], labels: readonly LabelRecord[] = []) =>
  all.flatMap((each) => lineEvidence(each, knowledgeOf({ labels: [...labels], ownFoods: [], date: '2026-12-21' })));
export const verdict = (who: Guest, ...names: (string | undefined)[]): Verdict =>
  judge(who, evidenceOf(lines(...names))).verdict;
