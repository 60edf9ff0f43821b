import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A line as a cook writes it, and what it must mean to whoever may have no trace: what it holds, what to look for, what it is free of. */
export interface WordCase {
  readonly text: string;
  readonly contains: readonly string[];
  readonly checks: readonly string[];
  readonly clear: readonly string[];
}

const listed = (words = ''): readonly string[] => words.split(' ').filter((word) => word !== '');

export const wordCases = (name: 'seen' | 'unseen' | 'fresh' | 'tails'): readonly WordCase[] =>
  readFileSync(join(__dirname, `${name}.txt`), 'utf8')
    .split('\n')
    .filter((row) => row !== '' && !row.startsWith('#'))
    .map((row) => {
      const [text, contains, checks, clear] = row.split('|').map((cell) => cell.trim());
      return { text: text!, contains: listed(contains), checks: listed(checks), clear: listed(clear) };
    });
