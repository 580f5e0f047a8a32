/** 1:04:09, or 4:09. */
export function clockText(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const two = (value: number) => String(value).padStart(2, '0');
  const rest = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${rest}` : `${minutes}:${rest}`;
}
