/** Warning signs that can show themselves during an examination; each stops it at once. */
export const WARNINGS = [
  { id: 'faint', words: 'Faint' },
  { id: 'drop', words: 'Drop attack' },
  { id: 'flicker', words: 'Eyes flicker' },
  { id: 'electric', words: 'Electric feeling' },
  { id: 'both-legs-now', words: 'Both legs at once' },
  { id: 'saddle-now', words: 'In the saddle' },
] as const

export type WarningId = (typeof WARNINGS)[number]['id']
