/** What a typed time means: "18:30", "1830", "18.30", "7", "7:05" on the 24-hour clock; undefined where it is no time. */
export function clockFromText(text: string): string | undefined {
  const match = /^\s*(\d{1,2})(?:[:.h]?(\d{2}))?\s*$/.exec(text);
  if (!match) return undefined;
  const [hours, minutes] = [Number(match[1]), Number(match[2] ?? 0)];
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
