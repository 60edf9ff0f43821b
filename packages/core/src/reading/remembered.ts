/** How many texts are kept: a few hundred recipes' worth. */
const mostKept = 5000;

/**
 * A reading that remembers what it read: lists, steps, checks and editor ask for the same words again and again. What it gives is shared and must
 * not be changed. The memory is let go before it grows.
 */
export function remembering<Reading>(read: (text: string) => Reading): (text: string) => Reading {
  const known = new Map<string, Reading>();
  return (text) => {
    let reading = known.get(text);
    if (reading === undefined) {
      if (known.size > mostKept) known.clear();
      known.set(text, (reading = read(text)));
    }
    return reading;
  };
}
