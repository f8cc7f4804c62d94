const hour = 60;
const day = 24 * hour;

/** "40 s", "90 min", "2 h", "2 h 30 min", "2 days": a stretch of time in minutes, as short as it can be said. */
export function showSpan(minutes: number): string {
  if (minutes < 1) return `${Math.round(minutes * 60)} s`;
  const whole = Math.round(minutes);
  if (whole < 2 * hour) return `${whole} min`;
  if (whole >= 2 * day && whole % day === 0) return `${whole / day} days`;
  const rest = whole % hour;
  return rest === 0 ? `${whole / hour} h` : `${Math.floor(whole / hour)} h ${rest} min`;
}

/** "28–40 min", "8–12 h", "90 min–2 h": between two stretches of time, in one unit where they share it. */
export function showSpans({ low, high }: { readonly low: number; readonly high: number }): string {
  const [short, long] = [showSpan(low), showSpan(high)];
  if (short === long) return long;
  const [, figure, unit] = /^(\d+) (\w+)$/.exec(short) ?? [];
  return figure !== undefined && long.endsWith(` ${unit}`) && /^\d+ \w+$/.test(long)
    ? `${figure}–${long}`
    : `${short}–${long}`;
}
