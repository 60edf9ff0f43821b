import * as v from 'valibot';
import file from '../../../../data/reference/need-words.json' with { type: 'json' };
import { diets } from './diets.ts';
import { families } from './families.ts';
import { foodOf } from './foods.ts';
import { hazardIds } from './hazards.ts';
import { regimens } from './regimens.ts';

const words = v.pipe(v.array(v.string()), v.minLength(1));
/** A hazard, diet, family or food by its id; with `!` it is never meant less strictly than "no trace". */
const Target = v.pipe(
  v.string(),
  v.regex(/^(hazard|diet|regimen|family|food):[a-z0-9-]+!?$/),
  // A name of nothing would be a need that everything is clear of.
  v.check((target) => isKnown(target.replace('!', '')), 'There is nothing of that name.'),
);
function isKnown(target: string): boolean {
  const [kind, id] = target.split(':') as [string, string];
  if (kind === 'food') return foodOf(id) !== undefined;
  if (kind === 'regimen') return regimens.some((each) => each.id === id);
  if (kind === 'hazard') return hazardIds.includes(id);
  return (kind === 'diet' ? diets : families).some((each) => each.id === id);
}
const Frames = v.strictObject({
  /** An allergy; it makes ill; never or without; by choice; a wish. */
  allergy: words,
  intolerance: words,
  never: words,
  choice: words,
  wish: words,
  /** It is eaten all the same: before what is, and behind it. */
  fine: words,
  fineAfter: words,
  except: words,
  /** What is said next is hardly so, or so of this alone. */
  hedge: words,
  /** Nothing is avoided. */
  none: words,
});

/** Words by which hosts say what a guest avoids. @source data/reference/need-words.json */
export const saidWords = v.parse(
  v.strictObject({
    source: v.string(),
    means: v.array(v.strictObject({ words, means: v.pipe(v.array(Target), v.minLength(1)) })),
    /** What can mean several things, and which; the question, in a sentence. */
    asks: v.array(v.strictObject({ words, ask: v.string(), choices: v.array(v.array(Target)) })),
    /** What Lupin knows the word of and cannot judge. */
    open: words,
    frames: Frames,
    /** Words that say nothing of food. */
    filler: words,
  }),
  file,
);
export type NeedFrame = keyof typeof saidWords.frames;
