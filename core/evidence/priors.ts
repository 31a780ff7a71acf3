import { ARM, BELOW_KNEE, FRONT_OF_LEG, LOW_BACK, SACROILIAC, SCIATIC_THIGH } from '../vocabulary/area-sets'
import type { AreaId } from '../vocabulary/body-area'
import type { SourceId } from '../vocabulary/source'

/** Sources whose probability the register can move. */
export const WEIGHED = [
  'root-cervical',
  'root-lumbar-mid',
  'root-lumbar-low',
  'facet-cervical',
  'joint-upper-neck',
  'facet-lumbar',
  'sij-pain',
  'hip',
  'instability-lumbar',
  'sij-ligament',
  'disc-annulus',
  'outlet',
  'cord',
] as const satisfies readonly SourceId[]

export type WeighedSource = (typeof WEIGHED)[number]

/** One starting probability and where it comes from. */
export interface Start {
  readonly p: number
  /** Follows the place: ": 30 % in people referred for back pain (Schwarzer 1995)". */
  readonly why: string
  readonly n: number
  readonly assumed: boolean
}

/** What the story has to paint for a line to fit. */
export interface Placed {
  /** One of these, on the side that is asked about. */
  readonly at: readonly AreaId[]
  /** And one of these: pain that runs down counts with where it runs from. The back may be painted on either side. */
  readonly with?: readonly AreaId[]
  /** Told as well as painted: arm pain of the kind the outlet makes. */
  readonly told?: 'as-from-the-outlet'
}

/** A line of the table: one source, one place of pain, two settings. */
export interface PriorLine {
  readonly id: string
  readonly source: WeighedSource
  /** Null fits everywhere: the story does not put the source there. */
  readonly placed: Placed | null
  readonly where: string
  readonly referred: Start
  readonly firstContact: Start
}

const known = (p: number, why: string, n = 20): Start => ({ p, why: `: ${why}`, n, assumed: false })
const assumed = (p: number): Start => ({ p, why: '; no study fits', n: 20, assumed: true })

const line = (id: string, source: WeighedSource, placed: Placed | null, where: string, referred: Start, firstContact: Start): PriorLine => ({
  id,
  source,
  placed,
  where,
  referred,
  firstContact,
})

/** Where pain that runs down the leg comes from. */
const ABOVE: readonly AreaId[] = [...LOW_BACK, ...SACROILIAC, ...SCIATIC_THIGH, 'outer-hip']
const BACK_OR_BUTTOCK: readonly AreaId[] = [...LOW_BACK, ...SACROILIAC]

/**
 * Starting probabilities by place of pain and setting (register rows N1 to N6); of each source the first line that fits.
 *
 * Most studies were made in people who had been referred; at first contact few figures exist, and the table says so. Row N7 (74 % of back
 * and leg pain judged sciatica) is not used: that judgement had the leg raise and the neurological examination in it already.
 */
export const PRIORS: readonly PriorLine[] = [
  line(
    'root-cervical-arm',
    'root-cervical',
    { at: ARM },
    'Pain marked in the arm',
    known(0.23, '23 % in people sent for nerve conduction (Wainner 2003)', 82),
    assumed(0.2),
  ),
  line('root-cervical', 'root-cervical', null, 'No arm pain marked on this side', assumed(0.1), assumed(0.05)),
  line(
    'root-lumbar-mid-front',
    'root-lumbar-mid',
    { at: FRONT_OF_LEG.filter((area) => area !== 'thigh-outer'), with: [...BACK_OR_BUTTOCK, 'groin'] },
    'Pain marked at the front of the thigh or the inner shin, with back, buttock or groin',
    assumed(0.15),
    assumed(0.1),
  ),
  line('root-lumbar-mid', 'root-lumbar-mid', null, 'No such pain marked on this side', assumed(0.05), assumed(0.03)),
  line(
    'root-lumbar-low-leg',
    'root-lumbar-low',
    { at: BELOW_KNEE, with: ABOVE },
    'Pain marked below the knee, with back, buttock or thigh',
    assumed(0.55),
    assumed(0.5),
  ),
  line('root-lumbar-low-shin', 'root-lumbar-low', { at: BELOW_KNEE }, 'Pain marked below the knee alone', assumed(0.2), assumed(0.15)),
  line(
    'root-lumbar-low-thigh-back',
    'root-lumbar-low',
    { at: SCIATIC_THIGH, with: BACK_OR_BUTTOCK },
    'Pain marked at the back or outside of the thigh, with back or buttock',
    assumed(0.3),
    assumed(0.25),
  ),
  line(
    'root-lumbar-low-thigh-alone',
    'root-lumbar-low',
    { at: SCIATIC_THIGH },
    'Pain marked at the back or outside of the thigh alone',
    assumed(0.15),
    assumed(0.1),
  ),
  line('root-lumbar-low', 'root-lumbar-low', null, 'No such leg pain marked on this side', assumed(0.1), assumed(0.05)),
  line(
    'facet-cervical-neck',
    'facet-cervical',
    { at: ['neck-back', 'back-of-head'] },
    'Pain marked at the back of neck or head',
    known(0.36, '36 to 60 % in people referred with neck pain, the lower end (Speldewinde 2001, Lord 1996, Manchikanti 2004)'),
    assumed(0.25),
  ),
  line('facet-cervical', 'facet-cervical', null, 'No such neck pain marked on this side', assumed(0.1), assumed(0.05)),
  line('joint-upper-neck-back-of-head', 'joint-upper-neck', { at: ['back-of-head'] }, 'Pain marked at the back of the head', assumed(0.33), assumed(0.2)),
  line(
    'joint-upper-neck-face',
    'joint-upper-neck',
    { at: ['face'], with: ['neck-back', 'back-of-head'] },
    'Pain marked in the face, with the back of the neck',
    assumed(0.2),
    assumed(0.1),
  ),
  line('joint-upper-neck', 'joint-upper-neck', null, 'No such head pain marked on this side', assumed(0.1), assumed(0.05)),
  line(
    'facet-lumbar-back',
    'facet-lumbar',
    { at: ['low-back'] },
    'Pain marked in the low back',
    known(0.31, '31 % in chronic back pain seen by specialists (DePalma 2011); 15 to 45 % elsewhere'),
    assumed(0.15),
  ),
  line('facet-lumbar', 'facet-lumbar', null, 'No low-back pain marked on this side', assumed(0.1), assumed(0.05)),
  line(
    'sij-pain-below-l5',
    'sij-pain',
    { at: SACROILIAC },
    'Pain marked below L5, at joint or buttock',
    known(0.3, '30 % in people referred for back pain (Schwarzer 1995); 18 % in others (Maigne 1996, DePalma 2011)'),
    assumed(0.2),
  ),
  line('sij-pain', 'sij-pain', null, 'No pain marked at joint or buttock on this side', assumed(0.1), assumed(0.05)),
  line('hip-in-the-groin', 'hip', { at: ['groin'] }, 'Pain marked in the groin', assumed(0.3), assumed(0.25)),
  line(
    'hip-beside',
    'hip',
    { at: ['outer-hip', 'thigh-front', 'thigh-inner', 'buttock'] },
    'Pain marked at hip, buttock or front of the thigh, not in the groin',
    assumed(0.15),
    assumed(0.15),
  ),
  line('hip', 'hip', null, 'No pain marked near the hip on this side', assumed(0.05), assumed(0.05)),
  line('instability-lumbar-back', 'instability-lumbar', { at: ['low-back'] }, 'Pain marked in the low back', assumed(0.2), assumed(0.1)),
  line('instability-lumbar', 'instability-lumbar', null, 'No low-back pain marked on this side', assumed(0.05), assumed(0.05)),
  line('sij-ligament-below-l5', 'sij-ligament', { at: SACROILIAC }, 'Pain marked below L5, at joint or buttock', assumed(0.15), assumed(0.1)),
  line('sij-ligament', 'sij-ligament', null, 'No pain marked at joint or buttock on this side', assumed(0.05), assumed(0.05)),
  line(
    'disc-annulus-back',
    'disc-annulus',
    { at: ['low-back'] },
    'Pain marked in the low back',
    known(0.39, '39 % in chronic back pain (Schwarzer 1995); 42 % seen by specialists (DePalma 2011)'),
    assumed(0.25),
  ),
  line('disc-annulus', 'disc-annulus', null, 'No low-back pain marked on this side', assumed(0.1), assumed(0.1)),
  line(
    'outlet-told',
    'outlet',
    { at: ARM, told: 'as-from-the-outlet' },
    'Arm pain told as the outlet makes it: down the inner arm, or with the arm raised',
    assumed(0.1),
    assumed(0.05),
  ),
  line('outlet', 'outlet', null, 'No such arm pain on this side', assumed(0.02), assumed(0.01)),
  line(
    'cord-neck',
    'cord',
    { at: [...ARM, 'neck-back', 'back-of-head', 'shoulder-back', 'shoulder-front', 'shoulder-blade'] },
    'Pain marked in neck or arm',
    assumed(0.05),
    assumed(0.02),
  ),
  line('cord', 'cord', null, 'No neck or arm pain marked on this side', assumed(0.02), assumed(0.01)),
]

/** Lines of earlier tables, and the one that took each one's place: a clinic's own figure for them counts there. */
export const REPLACED_LINES: Readonly<Record<string, string>> = {
  'root-lumbar-mid-thigh': 'root-lumbar-mid-front',
  'root-lumbar-low-below-knee': 'root-lumbar-low-leg',
  'root-lumbar-low-thigh': 'root-lumbar-low-thigh-back',
  'joint-upper-neck-head': 'joint-upper-neck-back-of-head',
  'sij-pain-pelvis': 'sij-pain-below-l5',
  'hip-groin': 'hip-in-the-groin',
  'sij-ligament-pelvis': 'sij-ligament-below-l5',
  'outlet-arm': 'outlet-told',
}
