import * as v from 'valibot';
import { readIngredient, type IngredientReading } from '../reading/index.ts';
import { IngredientLine, type Guest, type Occasion } from '../model/index.ts';
import { knowledgeOf, lineEvidence } from '../exposure/index.ts';
import { judge, type Judgement } from './verdict.ts';

export interface Answer {
  readonly reading: IngredientReading;
  readonly guests: readonly { readonly guest: Guest; readonly judgement: Judgement }[];
}

/** What anything edible, named in words, would do to whom at this table. Words of more than 300 characters are cut. */
export function askAbout(occasion: Occasion, words: string): Answer | undefined {
  const text = words.trim().slice(0, 300);
  if (text === '') return undefined;
  const line = v.parse(IngredientLine, { id: 'asked', text, amount: { kind: 'words', words: '' } });
  const evidence = lineEvidence(line, knowledgeOf(occasion));
  return {
    reading: readIngredient(text),
    guests: occasion.guests.map((guest) => ({ guest, judgement: judge(guest, evidence) })),
  };
}
