/**
 * Warning signs that can show themselves during an examination; each stops it at once.
 *
 * One key opens the list and the key of a line records it, so that none is further away than two.
 */
export const WARNINGS = [
  { id: 'dizzy-now', key: '1', words: 'Dizzy' },
  { id: 'double-vision-now', key: '2', words: 'Double vision' },
  { id: 'drop', key: '3', words: 'Drop attack' },
  { id: 'speech-now', key: '4', words: 'Trouble speaking' },
  { id: 'swallowing-now', key: '5', words: 'Trouble swallowing' },
  { id: 'nausea-now', key: '6', words: 'Sick' },
  { id: 'face-numb-now', key: '7', words: 'Face or lips numb' },
  { id: 'flicker', key: '8', words: 'Eyes flicker' },
  { id: 'faint', key: '9', words: 'Faint' },
  { id: 'unsteady-now', key: 'u', words: 'Unsteady' },
  { id: 'lid-now', key: 'd', words: 'Eyelid droops' },
  { id: 'headache-now', key: 'h', words: 'Sudden headache' },
  { id: 'electric', key: 'e', words: 'Electric feeling' },
  { id: 'both-arms-now', key: 'a', words: 'Both arms at once' },
  { id: 'both-legs-now', key: 'l', words: 'Both legs at once' },
  { id: 'saddle-now', key: 's', words: 'In the saddle' },
  { id: 'chest-now', key: 'c', words: 'Chest pain' },
  { id: 'weak-now', key: 'w', words: 'A limb gives way' },
] as const

export type WarningId = (typeof WARNINGS)[number]['id']
