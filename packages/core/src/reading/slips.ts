/** Letters changed, added, dropped or swapped with their neighbour; stops counting past `most`. */
export function slips(a: string, b: string, most: number): number {
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    let least = i;
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1];
      let cost = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (same ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) cost = Math.min(cost, before[j - 2]! + 1);
      next.push(cost);
      least = Math.min(least, cost);
    }
    if (least > most) return most + 1;
    before = row;
    row = next;
  }
  return row[b.length]!;
}
