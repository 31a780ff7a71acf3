/**
 * The part of an examination a test belongs to, within one posture: what tells most while doing least comes first.
 *
 * Within one phase the gentler test comes first, and a test that says so (`after`) comes after another.
 */
export const PHASES = [
  'neurological', // strength, reflexes and feeling, before hands load anything
  'ligament', // before anything else loads the upper neck
  'movement', // what the patient can do alone
  'relief', // what takes the symptom off
  'nerve', // nerves on stretch
  'outlet',
  'control', // muscles that hold
  'palpation',
  'hip',
  'loading', // joints under load
  'compression', // the neck pressed, gentlest first
] as const

export type Phase = (typeof PHASES)[number]
