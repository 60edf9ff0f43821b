/** Minutes since midnight of a time of day, "17:05". */
export function minutesOfClock(clock: string): number {
  const [hours, minutes] = clock.split(':').map(Number);
  return hours! * 60 + minutes!;
}

/** Minutes since midnight of the occasion's day, for a moment relative to serving. */
const minuteOfDay = (serveAt: string, momentMin: number): number => minutesOfClock(serveAt) + momentMin;

/** The time of day, "17:05", of a moment relative to serving. */
export function clockTime(serveAt: string, momentMin: number): string {
  const within = ((minuteOfDay(serveAt, momentMin) % 1440) + 1440) % 1440;
  return `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`;
}

/** How many days before (negative) or after the occasion's day a moment lies. */
export function dayOf(serveAt: string, momentMin: number): number {
  return Math.floor(minuteOfDay(serveAt, momentMin) / 1440);
}

/** "the evening before", "the day after": empty on the day itself. */
export function dayWords(serveAt: string, momentMin: number): string {
  const day = dayOf(serveAt, momentMin);
  if (day === 0) return '';
  if (day === -1) return 'the day before';
  return day < 0 ? `${-day} days before` : 'the day after';
}

/** "2 h 10", "45 min". */
export function span(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  const rest = minutes % 60;
  return rest === 0
    ? `${Math.floor(minutes / 60)} h`
    : `${Math.floor(minutes / 60)} h ${String(rest).padStart(2, '0')}`;
}
