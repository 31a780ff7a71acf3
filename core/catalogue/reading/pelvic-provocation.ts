import type { Stage, Variant } from '../exam-test'
import type { PlacePointer, Provocation } from './reading'

/**
 * The shared reading of the pelvic provocation tests: own pain, on the tested side, below L5, over the
 * back of the iliac crest and the buttock.
 */
export function pelvicProvocation(pointers: readonly PlacePointer[], stretch?: Provocation['stretch']): Provocation {
  return {
    kind: 'provocation',
    source: 'sij-pain',
    counts: ['sacroiliac', 'buttock'],
    countsInWords: 'below L5, over the sacroiliac joint or buttock',
    pointers,
    lightOnly: ['light-only'],
    ...(stretch && { stretch }),
  }
}

/** The front ligaments of the joint are loaded too. */
export const FRONT_LIGAMENTS: PlacePointer = {
  at: ['sacroiliac', 'buttock'],
  source: 'sij-ligament',
  because: 'the test also loads the ligaments at the front of the joint',
}

/** The back ligaments of the joint are loaded too. */
export const BACK_LIGAMENTS: PlacePointer = {
  at: ['sacroiliac', 'buttock'],
  source: 'sij-ligament',
  because: 'the test also loads the ligaments at the back of the joint',
}

/** Own pain in the groin is the hip's place, not the sacroiliac joint's. */
export const GROIN_IS_HIP: PlacePointer = {
  at: ['groin', 'thigh-front'],
  source: 'hip',
  because: 'familiar pain in the groin or the front of the thigh belongs to the hip',
}

/**
 * The two schools of loading a pelvic test.
 *
 * Build: one rise to the target. Graded: light, then held, then quick presses, ended by the first own pain; it is
 * negative only when all three were quiet.
 *
 * @param load - target of the build school, in words
 * @param builds - ways of the build school; the first is the default
 */
export function pelvicVariants(load: string, ...builds: readonly Pick<Variant, 'id' | 'name' | 'posture' | 'changes'>[]): readonly Variant[] {
  return [
    ...builds.map((build) => ({ ...build, grade: 'full' as const, stages: ['press'], how: `Rise over about 5 s to ${load}, and hold.` })),
    {
      id: 'graded',
      grade: 'full',
      name: 'Graded: light, held, quick presses',
      how: 'The first familiar pain ends it. A sensitive patient stays at the light grade.',
      stages: ['light', 'hold', 'presses'],
      seconds: 60,
    },
    {
      id: 'light-only',
      grade: 'light',
      name: 'The light grade only',
      how: 'For weak bones and people who are stirred up easily. When negative, it is inconclusive.',
      stages: ['light'],
      seconds: 15,
    },
  ]
}

/** What the two loads of the pelvic tests aim at, in newtons: 25 to 30 kg, and about 15 kg. */
export const FIRM = [245, 295] as const
export const MODERATE = [137, 157] as const

/** The press of the build school, and the three grades of the other. */
export function pelvicStages(given: Stage, force: readonly [number, number] = FIRM): readonly Stage[] {
  const press = { ...given, force }
  return [
    press,
    { ...given, id: 'light', label: 'Light pressure', holdSeconds: 5 },
    { ...press, id: 'hold', label: 'Hold it', do: 'Hold the pressure up to 30 seconds; stop at the first familiar pain.', holdSeconds: 30 },
    { ...press, id: 'presses', label: 'Quick presses', do: 'Five or six small quick presses, firm, never a jerk.', holdSeconds: 0 },
  ]
}
