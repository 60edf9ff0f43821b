/** "a, b and c". */
export function listed(words: readonly string[]): string {
  return words.length <= 1 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

/** A kind of kit in words: "gratin dish". */
export const kitWords = (kind: string): string => kind.replaceAll('-', ' ');

/** So many pieces of a kind of kit: "a gratin dish", "2 gratin dishes". */
export function piecesOfKit(kind: string, count: number): string {
  const words = kitWords(kind);
  if (count === 1) return `a ${words}`;
  const many = words.replace(/fe$/, 'ves').replace(/(?<=sh|ch|x)$/, 'es');
  return `${count} ${many === words ? `${words}s` : many}`;
}

/** An id made from a name, of at most so many characters, that none of the others has. */
export function freshId(
  name: string,
  taken: readonly string[] | ReadonlySet<string>,
  most = 50,
  otherwise = 'x',
): string {
  const others = taken instanceof Set ? taken : new Set(taken as readonly string[]);
  const base =
    name
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, most)
      .replace(/-+$/, '') || otherwise;
  let id = base;
  for (let count = 2; others.has(id); count++) id = `${base}-${count}`;
  return id;
}
