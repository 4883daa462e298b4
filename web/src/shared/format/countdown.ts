/** Time to go as a clock shows it: 12:05, 1:02:00; past its time with a plus. */
export function countdown(leftMs: number): string {
  const late = leftMs < 0;
  const total = Math.floor(Math.abs(leftMs) / 1000);
  const hours = Math.floor(total / 3600);
  const minutes = Math.floor((total % 3600) / 60);
  const seconds = String(total % 60).padStart(2, '0');
  const text =
    hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${seconds}` : `${minutes}:${seconds}`;
  return late && total > 0 ? `+${text}` : text;
}

/** Time of day, in the clock of this place. */
export const timeText = (ms: number): string =>
  new Date(ms).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit', hour12: false });
