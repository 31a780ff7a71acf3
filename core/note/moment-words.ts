/** A moment in words that mean the same everywhere: "2026-11-25, 09:30 UTC". */
export function momentWords(at: number): string {
  return `${new Date(at).toISOString().slice(0, 16).replace('T', ', ')} UTC`
}
