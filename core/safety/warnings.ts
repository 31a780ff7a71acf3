/** Warning signs that can show themselves during an examination; each stops it at once. */
export const WARNINGS = [
  { id: 'faint', words: 'Faint' },
  { id: 'drop', words: 'Drop attack' },
  { id: 'flicker', words: 'Eyes flicker' },
  { id: 'electric', words: 'Electric feeling' },
  { id: 'both-legs-now', words: 'Symptom in both legs' },
  { id: 'saddle-now', words: 'Symptom in the saddle' },
] as const
