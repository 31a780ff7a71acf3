/**
 * The part of an examination a test belongs to, within one posture: what tells most while doing least comes first.
 *
 * Within one phase the gentler test comes first, and a test that says so (`after`) comes after another.
 */
export const PHASES = [
  'ligament', // before anything loads the upper neck
  'neurological', // strength, reflexes and feeling of the arm, before load
  'movement', // what the patient can do alone
  'relief', // what takes the symptom off
  'nerve', // nerves on stretch; the leg’s strength, reflexes and feeling among them
  'outlet',
  'control', // muscles that hold
  'palpation',
  'hip',
  'loading', // joints under load
  'compression', // the neck pressed, gentlest first
] as const

export type Phase = (typeof PHASES)[number]
