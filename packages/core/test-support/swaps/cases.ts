import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** One line of a dish and who would eat the dish: what its job is, which swaps a free-from cook would sign for it there and which never. */
export interface SwapCase {
  readonly dish: string;
  /** The recipe as it would be pasted. */
  readonly text: string;
  /** How the line begins. */
  readonly line: string;
  readonly job: string;
  /** Hazards and diets of the one who eats. */
  readonly needs: readonly string[];
  /** What goes in first of all; `omit`: it is left out; `-`: nothing should be offered. */
  readonly acceptable: readonly string[];
  /** What must not go in. */
  readonly forbidden: readonly string[];
  /** What must not be said. */
  readonly unsayable: RegExp | undefined;
}

const listed = (text: string): readonly string[] =>
  text
    .split(/[,;]/)
    .map((each) => each.trim())
    .filter(Boolean);

function caseOf(dish: string, text: string, row: string): SwapCase {
  const [line, job, needs, acceptable, ...never] = row.split(' | ');
  const said = never.join(' | ');
  const words = /\/(?<words>.*)\//.exec(said)?.groups!.words;
  return {
    dish,
    text,
    line: line!,
    job: job!.trim(),
    needs: listed(needs!),
    acceptable: listed(acceptable!),
    forbidden: listed(said.replace(/\/.*\//, '')),
    unsayable: words === undefined ? undefined : new RegExp(words, 'i'),
  };
}

/**
 * Swaps judged by hand, in invented recipes. A file holds recipes parted by lines of equals signs; under each, after a line of dashes, a row for a
 * case: how its line begins | its job | who eats | what is acceptable | what never, and after that between slashes what is never said.
 */
export function swapCases(file: 'seen' | 'seen-2' | 'seen-3' | 'seen-4' | 'unseen'): readonly SwapCase[] {
  return readFileSync(join('packages/core/test-support/swaps', `${file}.txt`), 'utf8')
    .split(/^=+$/m)
    .flatMap((part) => {
      const [text, rows] = part.split(/^-{4}$/m);
      const recipe = text!.trim();
      return rows!
        .split('\n')
        .filter((row) => row.includes(' | '))
        .map((row) => caseOf(recipe.split('\n')[0]!, recipe, row));
    });
}
