import type { Page, Use } from './page.ts';
import type { Book } from './book.ts';

/**
 * How a resource is shared. `in-turn`: one use after the other. `at-once`: as many as it has places. `apart`: any number, but for what the
 * law says of two of them, the one that is planned first given first.
 */
export type Law = {
  readonly pages: (book: Book) => readonly Page[];
} & (
  | { readonly shared: 'in-turn' | 'at-once' }
  | { readonly shared: 'apart'; readonly between: (book: Book, first: Use, second: Use) => readonly Apart[] }
);

/** So many minutes must lie between the end of the first (or its start) and the start of the second. */
export interface Apart {
  readonly leastMin: number;
  readonly fromStart?: true;
}
