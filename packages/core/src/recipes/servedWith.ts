/** What a text says the dish is served with, in its own words. */
export function servedWithOf(text: string): string[] {
  const found = [
    ...text.matchAll(
      /\b(?:serve[sd]?(?: it| them| hot| warm| cold| immediately| at once)?|eaten|goes well|good|delicious|lovely) with ([^.;\n]{3,80})/gi,
    ),
  ].map((match) => match[1]!.trim().replace(/,?\s+(?:if you like|on the side|alongside|to serve)$/i, ''));
  return [...new Set(found)].slice(0, 10);
}
