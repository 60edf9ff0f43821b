/** "a, b and c". */
export function listed(words: readonly string[]): string {
  return words.length <= 1 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
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
