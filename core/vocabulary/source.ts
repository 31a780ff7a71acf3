import type { Side } from './side'

/** The kinds of tissue a pain can come from, as the board groups them. */
export type Family = 'nerve' | 'joint' | 'ligament' | 'disc' | 'muscle' | 'away'

export const FAMILY_WORDS: Record<Family, string> = {
  nerve: 'Radicular / neural',
  joint: 'Joint',
  ligament: 'Ligamentous',
  disc: 'Disc',
  muscle: 'Muscular',
  away: 'Refer',
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
  'root-cervical': { family: 'nerve', name: 'Cervical radiculopathy (C5-T1)', inWords: 'cervical radiculopathy' },
  'root-lumbar-mid': { family: 'nerve', name: 'Lumbar radiculopathy (L2-4)', inWords: 'lumbar radiculopathy (L2-4)' },
  'neural-peripheral': { family: 'nerve', name: 'Peripheral nerve', inWords: 'a peripheral nerve' },
  'root-lumbar-low': { family: 'nerve', name: 'Lumbosacral radiculopathy (L4-S1)', inWords: 'lumbosacral radiculopathy' },
  'facet-cervical': { family: 'joint', name: 'Cervical facet joint', inWords: 'a cervical facet joint' },
  'joint-upper-neck': { family: 'joint', name: 'Upper cervical joint (C1-2)', inWords: 'the upper cervical joint (C1-2)' },
  'pubic-symphysis': { family: 'joint', name: 'Pubic symphysis', inWords: 'the pubic symphysis' },
  'sij-pain': { family: 'joint', name: 'Sacroiliac joint', inWords: 'the sacroiliac joint' },
  'sij-stiff': { family: 'joint', name: 'Sacroiliac hypomobility', inWords: 'sacroiliac hypomobility' },
  'facet-lumbar': { family: 'joint', name: 'Lumbar facet joint', inWords: 'a lumbar facet joint' },
  hip: { family: 'joint', name: 'Hip joint', inWords: 'the hip joint' },
  'laxity-upper-neck': { family: 'ligament', name: 'Craniocervical ligament laxity', inWords: 'craniocervical ligament laxity' },
  'instability-lumbar': { family: 'ligament', name: 'Lumbar segmental instability', inWords: 'lumbar segmental instability' },
  'sij-ligament': { family: 'ligament', name: 'Sacroiliac ligaments / laxity', inWords: 'the sacroiliac ligaments' },
  'disc-annulus': { family: 'disc', name: 'Disc', inWords: 'a lumbar disc' },
  'muscle-neck': { family: 'muscle', name: 'Cervical muscles', inWords: 'the cervical muscles' },
  piriformis: { family: 'muscle', name: 'Piriformis / deep gluteal', inWords: 'piriformis or the deep gluteal muscles' },
  'abdominal-wall': { family: 'muscle', name: 'Abdominal wall', inWords: 'the abdominal wall' },
  'muscle-back': { family: 'muscle', name: 'Lumbar muscles', inWords: 'the lumbar muscles' },
  hamstring: { family: 'muscle', name: 'Hamstrings', inWords: 'the hamstrings' },
  'hip-flexor': { family: 'muscle', name: 'Hip flexors', inWords: 'the hip flexors' },
  cord: { family: 'away', name: 'Spinal cord (myelopathy)', inWords: 'the spinal cord (myelopathy)' },
  'neck-artery': { family: 'away', name: 'Cervical arterial dysfunction', inWords: 'cervical arterial dysfunction' },
  outlet: { family: 'away', name: 'Thoracic outlet', inWords: 'the thoracic outlet' },
  inflammatory: { family: 'away', name: 'Axial spondyloarthritis', inWords: 'axial spondyloarthritis' },
  visceral: { family: 'away', name: 'Visceral or other non-musculoskeletal', inWords: 'a visceral or other non-musculoskeletal cause' },
  'outer-hip': { family: 'muscle', name: 'Greater trochanteric region', inWords: 'the greater trochanteric region' },
} as const satisfies Record<string, Source>

export type SourceId = keyof typeof SOURCES

/** Sources that are referred: whatever points to them comes first, before any source that is treated. */
export const REFERRED: readonly SourceId[] = ['cord', 'neck-artery', 'inflammatory', 'visceral']

/** The source with this id, with its shared type. */
export function sourceOf(id: SourceId): Source {
  return SOURCES[id]
}

/** A source on its side, as lists and headings name it: "Sacroiliac joint, right". */
export function sourceTitle({ source, side }: { readonly source: SourceId; readonly side: Side }): string {
  return `${SOURCES[source].name}, ${side}`
}
