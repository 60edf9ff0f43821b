import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** One operation as a cook would draw it; see README.md beside this file for how it is written. */
export interface DrawnOperation {
  readonly id: string;
  /** Words of the text by which it is told. */
  readonly anchor: string;
  readonly device: string;
  readonly ovenC?: number | undefined;
  /** As the text says; absent where it says nothing. */
  readonly minutes?: { readonly least: number; readonly most: number; readonly open: boolean } | undefined;
  readonly hands?: 'on' | 'off' | undefined;
  readonly momentsMin: readonly number[];
  readonly lines: readonly string[];
  readonly vessel?: string | undefined;
  readonly coreC?: number | undefined;
  readonly after: readonly string[];
}

export interface DrawnRecipe {
  readonly serves?: { readonly least: number; readonly most: number } | undefined;
  readonly makes?: string | undefined;
  readonly course?: string | undefined;
  readonly operations: readonly DrawnOperation[];
}

export interface ProcedureCase {
  readonly name: string;
  readonly style: string;
  readonly text: string;
  readonly drawn: readonly DrawnRecipe[];
}

const devices = new Set(
  'hob oven grill fridge freezer blender processor mixer microwave slow-cooker toaster'.split(' '),
);

function operationOf(line: string): DrawnOperation {
  const [, id, anchor, rest] = /^(\S+) "([^"]+)"(.*)$/.exec(line) ?? [];
  if (id === undefined || anchor === undefined) throw new Error(`Not an operation: ${line}`);
  const lines =
    /\[([^\]]*)\]/
      .exec(rest!)?.[1]
      ?.split(',')
      .map((each) => each.trim()) ?? [];
  const [words, after] = rest!.replace(/\[[^\]]*\]/, '').split('<');
  let drawn: DrawnOperation = {
    id,
    anchor,
    device: '',
    momentsMin: [],
    lines,
    after: after?.trim().split(/\s+/) ?? [],
  };
  for (const word of words!.trim().split(/\s+/).filter(Boolean)) {
    const minutes = /^(\d+)(?:-(\d+))?m(\+)?$/.exec(word);
    if (devices.has(word)) drawn = { ...drawn, device: word };
    else if (/^\d+C$/.test(word)) drawn = { ...drawn, ovenC: Number.parseInt(word, 10) };
    else if (minutes)
      drawn = {
        ...drawn,
        minutes: {
          least: Number(minutes[1]),
          most: Number(minutes[2] ?? minutes[1]),
          open: minutes[3] !== undefined,
        },
      };
    else if (word === 'on' || word === 'off') drawn = { ...drawn, hands: word };
    else if (word.startsWith('@')) drawn = { ...drawn, momentsMin: word.slice(1).split(',').map(Number) };
    else if (word.startsWith('in:')) drawn = { ...drawn, vessel: word.slice(3) };
    else if (word.startsWith('core:')) drawn = { ...drawn, coreC: Number(word.slice(5)) };
    else throw new Error(`“${word}” says nothing: ${line}`);
  }
  return drawn;
}

function recipeOf(part: string): DrawnRecipe {
  let drawn: DrawnRecipe = { operations: [] };
  for (const line of part.split('\n').filter((each) => each.trim() !== '')) {
    const serves = /^serves (\d+)(?:-(\d+))?$/.exec(line);
    if (serves) drawn = { ...drawn, serves: { least: Number(serves[1]), most: Number(serves[2] ?? serves[1]) } };
    else if (line.startsWith('makes ')) drawn = { ...drawn, makes: line.slice(6) };
    else if (line.startsWith('course ')) drawn = { ...drawn, course: line.slice(7) };
    else drawn = { ...drawn, operations: [...drawn.operations, operationOf(line)] };
  }
  return drawn;
}

export function casesOfText(text: string): readonly ProcedureCase[] {
  return text
    .split(/^=== /m)
    .slice(1)
    .map((each) => {
      const [head, ...rest] = each.split('\n');
      const [name, style] = head!.split(' | ');
      const [text, ...graphs] = rest.join('\n').split(/^--- graph\n/m);
      return { name: name!, style: style ?? '', text: text!.trim(), drawn: graphs.map(recipeOf) };
    });
}

const casesOf = (file: string): readonly ProcedureCase[] =>
  casesOfText(readFileSync(join('packages/core/test-support/procedures', file), 'utf8'));

/** To work with. */
export const seenCases = (): readonly ProcedureCase[] =>
  [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17].flatMap((part) => casesOf(`seen-${part}.txt`));
/** Only ever counted. */
export const unseenCases = (): readonly ProcedureCase[] => casesOf('unseen.txt');
