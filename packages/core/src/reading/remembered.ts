/** How many texts are kept: a few hundred recipes' worth; and how long one may be, in characters, so that no page pasted whole fills the memory. */
const [mostKept, longestKept] = [5000, 2000];

/**
 * A reading that remembers what it read: lists, steps, checks and editor ask for the same words again and again. What it gives is shared and must
 * not be changed. The memory is let go before it grows, and long texts are read each time.
 */
export function remembering<Reading>(read: (text: string) => Reading): (text: string) => Reading {
  const known = new Map<string, Reading>();
  return (text) => {
    if (text.length > longestKept) return read(text);
    let reading = known.get(text);
    if (reading === undefined) {
      if (known.size > mostKept) known.clear();
      known.set(text, (reading = read(text)));
    }
    return reading;
  };
}
