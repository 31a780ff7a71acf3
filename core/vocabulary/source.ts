/** The kinds of tissue a pain can come from, as the board groups them. */
export type Family = 'nerve' | 'joint' | 'ligament' | 'disc' | 'muscle' | 'away'

export const FAMILY_WORDS: Record<Family, string> = {
  nerve: 'Nerve root',
  joint: 'Joint',
  ligament: 'Ligament',
  disc: 'Disc',
  muscle: 'Muscle',
  away: 'Elsewhere',
}

/** The order in which families stand on the board. */
export const FAMILIES: readonly Family[] = ['nerve', 'joint', 'ligament', 'disc', 'muscle', 'away']

/** One possible source of pain. Each is its own yes or no; several can be true together. */
export interface Source {
  readonly family: Family
  readonly name: string
  /** How the source reads inside a sentence, after "points to". */
  readonly inWords: string
}

/**
 * Every source the board can speak about.
 *
 * `outer-hip` and `hip-flexor` are not on the list of the published rules. `outer-hip` is not on the list of the published rules: it gives the pain that FABER brings on
 * over the outer buttock a name of its own, so that it is not filed under the hip joint.
 */
export const SOURCES = {
  'root-cervical': { family: 'nerve', name: 'Neck root, C5–T1', inWords: 'a nerve root of the neck' },
  'root-lumbar-mid': { family: 'nerve', name: 'Mid lumbar root, L2–L4', inWords: 'a mid lumbar nerve root' },
  'neural-peripheral': { family: 'nerve', name: 'Nerve further out', inWords: 'a nerve further out' },
  'root-lumbar-low': { family: 'nerve', name: 'Low lumbar root, L4–S1', inWords: 'a low lumbar nerve root' },
  'facet-cervical': { family: 'joint', name: 'Neck facet', inWords: 'a facet joint of the neck' },
  'joint-upper-neck': { family: 'joint', name: 'Upper neck joint, C1–C2', inWords: 'the upper neck joint' },
  'pubic-symphysis': { family: 'joint', name: 'Pubic joint', inWords: 'the pubic joint' },
  'sij-pain': { family: 'joint', name: 'Sacroiliac joint', inWords: 'the sacroiliac joint' },
  'sij-stiff': { family: 'joint', name: 'Stiff pelvis', inWords: 'a stiff pelvis' },
  'facet-lumbar': { family: 'joint', name: 'Lumbar facet', inWords: 'a lumbar facet joint' },
  hip: { family: 'joint', name: 'Hip', inWords: 'the hip joint' },
  'laxity-upper-neck': { family: 'ligament', name: 'Upper neck ligaments', inWords: 'lax upper neck ligaments' },
  'instability-lumbar': { family: 'ligament', name: 'Loose low-back segment', inWords: 'a loose segment of the low back' },
  'sij-ligament': { family: 'ligament', name: 'Sacroiliac ligaments', inWords: 'the sacroiliac ligaments' },
  'disc-annulus': { family: 'disc', name: 'Disc', inWords: 'a lumbar disc' },
  'muscle-neck': { family: 'muscle', name: 'Neck muscle', inWords: 'the neck muscles' },
  piriformis: { family: 'muscle', name: 'Piriformis, deep buttock', inWords: 'the deep muscles of the buttock' },
  'abdominal-wall': { family: 'muscle', name: 'Abdominal wall', inWords: 'the abdominal wall' },
  'muscle-back': { family: 'muscle', name: 'Back muscle', inWords: 'the back muscles' },
  hamstring: { family: 'muscle', name: 'Hamstring', inWords: 'the hamstring' },
  'hip-flexor': { family: 'muscle', name: 'Hip flexor', inWords: 'a tight hip flexor' },
  cord: { family: 'away', name: 'Spinal cord', inWords: 'the spinal cord' },
  'neck-artery': { family: 'away', name: 'Neck artery or brain stem', inWords: 'a neck artery or the brain stem' },
  outlet: { family: 'away', name: 'Thoracic outlet', inWords: 'the thoracic outlet' },
  inflammatory: { family: 'away', name: 'Inflammatory disease', inWords: 'an inflammatory disease' },
  visceral: { family: 'away', name: 'An inner organ', inWords: 'an inner organ' },
  'outer-hip': { family: 'muscle', name: 'Outer hip, muscle or bursa', inWords: 'the outer hip, muscle or bursa' },
} as const satisfies Record<string, Source>

export type SourceId = keyof typeof SOURCES

/** Sources that are referred: whatever points to them comes first, before any source that is treated. */
export const REFERRED: readonly SourceId[] = ['cord', 'neck-artery', 'inflammatory', 'visceral']

/** The source with this id, with its shared type. */
export function sourceOf(id: SourceId): Source {
  return SOURCES[id]
}
