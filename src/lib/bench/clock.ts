/** Formats the time left, or overdue: '12:05', '-0:40', '1:02:00'. */
export function countdown(ms: number): string {
  const over = ms < 0;
  const seconds = Math.round(Math.abs(ms) / 1000);
  const [hours, minutes, rest] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (part: number) => String(part).padStart(2, '0');
  return `${over && seconds > 0 ? '-' : ''}${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(rest)}`;
}
