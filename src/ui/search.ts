/** Whether a text has every word that was typed, in any order and case; nothing typed is in every text. */
export function hasWords(text: string, typed: string): boolean {
  const lower = text.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => lower.includes(word));
}
