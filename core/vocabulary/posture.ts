/** How the patient's body lies while a test is done. Turning a sore person over costs time and goodwill. */
export type Posture = 'sitting' | 'supine' | 'side-lying' | 'prone' | 'standing'

/** The order in which the postures are taken when nothing speaks against it. */
export const POSTURES: readonly Posture[] = ['sitting', 'supine', 'side-lying', 'prone', 'standing']

export const POSTURE_WORDS: Record<Posture, string> = {
  sitting: 'Sitting',
  supine: 'Supine',
  'side-lying': 'Side-lying',
  prone: 'Prone',
  standing: 'Standing',
}
