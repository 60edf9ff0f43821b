import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A recipe as a cook would paste it: its first line is its name. */
export interface Pasted {
  readonly name: string;
  readonly text: string;
}

/** Recipes of many cooks, all invented, each as it would be pasted; between two of them a line of equals signs. */
export function pasted(file: 'seen' | 'unseen'): readonly Pasted[] {
  return readFileSync(join(__dirname, `${file}.txt`), 'utf8')
    .split(/^=+$/m)
    .map((text) => text.trim())
    .filter((text) => text.length > 0)
    .map((text) => ({ name: text.split('\n')[0]!, text }));
}
