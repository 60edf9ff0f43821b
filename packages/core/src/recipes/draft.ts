import type { Original } from '../model/index.ts';

export interface DraftLine {
  readonly text: string;
  readonly heading?: string | undefined;
  /** An empty line stands before it. */
  readonly isAfterGap?: boolean | undefined;
}

/** A recipe taken apart into its pieces of text, before anything in them is read. Every way in makes one of these. */
export interface Draft {
  readonly format: Original['format'];
  readonly name: string;
  readonly about: string;
  /** "Serves 4", "12 rolls", as written. */
  readonly yields: readonly string[];
  readonly category: string;
  readonly ingredients: readonly DraftLine[];
  readonly method: readonly DraftLine[];
  /** Minutes, as the recipe says of itself. */
  readonly totalMin?: number | undefined;
  readonly notes: readonly string[];
  /** What was there and found no place, and why. */
  readonly leftOver: readonly { readonly words: string; readonly why: string }[];
  readonly original: string;
}
