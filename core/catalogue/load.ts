/** Parts of the body a test can load, move or stretch. */
export const LOADED_PARTS = ['upper-neck', 'neck', 'shoulder', 'arm', 'abdomen', 'low-back', 'pelvis', 'hip', 'leg'] as const
export type LoadedPart = (typeof LOADED_PARTS)[number]

/** In which way a part is loaded. */
export const LOAD_WAYS = [
  'movement', // moved by the patient or guided, without force
  'bending', // moved to the end of its range or held there
  'compression',
  'traction',
  'rotation',
  'shear',
  'pressing', // pressed by hand or thumb
  'thrust', // a forceful press, built up or repeated
  'tension', // nerve or muscle put on stretch
  'contraction', // the patient's own effort against resistance
  'breath-held',
] as const
export type LoadWay = (typeof LOAD_WAYS)[number]

/** How strongly. `light` is what a weak bone and an irritable joint bear. */
export const LOAD_STRENGTHS = ['light', 'moderate', 'strong'] as const
export type LoadStrength = (typeof LOAD_STRENGTHS)[number]

/** What a test does to one part of the body. Safety gates bar tests by this, never by their names. */
export interface Load {
  readonly part: LoadedPart
  readonly way: LoadWay
  readonly strength: LoadStrength
}

/** A strong thrust on the pelvis is `on('pelvis', 'thrust', 'strong')`. */
export function on(part: LoadedPart, way: LoadWay, strength: LoadStrength): Load {
  return { part, way, strength }
}

/** Loads a gate is about: all of these parts, where given only in these ways, and from this strength up. */
export interface LoadsAmong {
  readonly parts: readonly LoadedPart[]
  readonly ways?: readonly LoadWay[]
  /** `light` when absent: anything at all. */
  readonly from?: LoadStrength
}

/** Is one of these loads among those asked about, leaving out the parts that a variant spares? */
export function isLoadedAmong(loads: readonly Load[], { parts, ways, from = 'light' }: LoadsAmong, spared: readonly LoadedPart[] = []): boolean {
  const least = LOAD_STRENGTHS.indexOf(from)
  return loads.some(
    (l) => parts.includes(l.part) && !spared.includes(l.part) && (ways === undefined || ways.includes(l.way)) && LOAD_STRENGTHS.indexOf(l.strength) >= least,
  )
}
