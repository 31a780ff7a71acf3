import type { BodyArea } from '../vocabulary/body-area'
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

/** A line of the table: one source, one place of pain, two settings. */
export interface PriorLine {
  readonly id: string
  readonly source: WeighedSource
  /** Zones of which one is painted on this side; null fits everywhere. */
  readonly zones: readonly BodyArea['zone'][] | null
  readonly where: string
  readonly referred: Start
  readonly firstContact: Start
}

const known = (p: number, why: string, n = 20): Start => ({ p, why: `: ${why}`, n, assumed: false })
const assumed = (p: number): Start => ({ p, why: '; no study fits', n: 20, assumed: true })

/**
 * Starting probabilities by place of pain and setting (register rows N1 to N7).
 *
 * Most studies were made in people who had been referred; at first contact few figures exist, and the table says so.
 */
export const PRIORS: readonly PriorLine[] = [
  {
    id: 'root-cervical-arm',
    source: 'root-cervical',
    zones: ['arm'],
    where: 'Pain marked in the arm',
    referred: known(0.23, '23 % in people sent for nerve conduction (Wainner 2003)', 82),
    firstContact: assumed(0.2),
  },
  { id: 'root-cervical', source: 'root-cervical', zones: null, where: 'No arm pain marked on this side', referred: assumed(0.1), firstContact: assumed(0.05) },
  {
    id: 'root-lumbar-mid-thigh',
    source: 'root-lumbar-mid',
    zones: ['thigh'],
    where: 'Pain marked in the thigh',
    referred: assumed(0.15),
    firstContact: assumed(0.1),
  },
  {
    id: 'root-lumbar-mid',
    source: 'root-lumbar-mid',
    zones: null,
    where: 'No thigh pain marked on this side',
    referred: assumed(0.05),
    firstContact: assumed(0.03),
  },
  {
    id: 'root-lumbar-low-below-knee',
    source: 'root-lumbar-low',
    zones: ['below-knee'],
    where: 'Pain marked below the knee',
    referred: known(0.74, 'about 74 % of back and leg pain judged sciatica in primary care (Stynes 2018)'),
    firstContact: known(0.74, 'about 74 % of back and leg pain judged sciatica in primary care (Stynes 2018)'),
  },
  {
    id: 'root-lumbar-low-thigh',
    source: 'root-lumbar-low',
    zones: ['thigh'],
    where: 'Pain marked in the thigh only',
    referred: assumed(0.3),
    firstContact: assumed(0.25),
  },
  {
    id: 'root-lumbar-low',
    source: 'root-lumbar-low',
    zones: null,
    where: 'No leg pain marked on this side',
    referred: assumed(0.1),
    firstContact: assumed(0.05),
  },
  {
    id: 'facet-cervical-neck',
    source: 'facet-cervical',
    zones: ['neck', 'head'],
    where: 'Pain marked in neck or head',
    referred: known(0.36, '36 to 60 % in people referred with neck pain, the lower end (Speldewinde 2001, Lord 1996, Manchikanti 2004)'),
    firstContact: assumed(0.25),
  },
  {
    id: 'facet-cervical',
    source: 'facet-cervical',
    zones: null,
    where: 'No neck pain marked on this side',
    referred: assumed(0.1),
    firstContact: assumed(0.05),
  },
  {
    id: 'joint-upper-neck-head',
    source: 'joint-upper-neck',
    zones: ['head'],
    where: 'Pain marked in the head',
    referred: assumed(0.33),
    firstContact: assumed(0.2),
  },
  {
    id: 'joint-upper-neck',
    source: 'joint-upper-neck',
    zones: null,
    where: 'No head pain marked on this side',
    referred: assumed(0.1),
    firstContact: assumed(0.05),
  },
  {
    id: 'facet-lumbar-back',
    source: 'facet-lumbar',
    zones: ['low-back'],
    where: 'Pain marked in the low back',
    referred: known(0.31, '31 % in chronic back pain seen by specialists (DePalma 2011); 15 to 45 % elsewhere'),
    firstContact: assumed(0.15),
  },
  {
    id: 'facet-lumbar',
    source: 'facet-lumbar',
    zones: null,
    where: 'No low-back pain marked on this side',
    referred: assumed(0.1),
    firstContact: assumed(0.05),
  },
  {
    id: 'sij-pain-pelvis',
    source: 'sij-pain',
    zones: ['pelvis'],
    where: 'Pain marked below L5',
    referred: known(0.3, '30 % in people referred for back pain (Schwarzer 1995); 18 % in others (Maigne 1996, DePalma 2011)'),
    firstContact: assumed(0.2),
  },
  { id: 'sij-pain', source: 'sij-pain', zones: null, where: 'No pain marked below L5 on this side', referred: assumed(0.1), firstContact: assumed(0.05) },
  {
    id: 'hip-groin',
    source: 'hip',
    zones: ['thigh', 'pelvis'],
    where: 'Pain marked in groin, buttock or thigh',
    referred: assumed(0.2),
    firstContact: assumed(0.2),
  },
  { id: 'hip', source: 'hip', zones: null, where: 'No pain marked near the hip on this side', referred: assumed(0.05), firstContact: assumed(0.05) },
  {
    id: 'instability-lumbar-back',
    source: 'instability-lumbar',
    zones: ['low-back'],
    where: 'Pain marked in the low back',
    referred: assumed(0.2),
    firstContact: assumed(0.1),
  },
  {
    id: 'instability-lumbar',
    source: 'instability-lumbar',
    zones: null,
    where: 'No low-back pain marked on this side',
    referred: assumed(0.05),
    firstContact: assumed(0.05),
  },
  { id: 'sij-ligament-pelvis', source: 'sij-ligament', zones: ['pelvis'], where: 'Pain marked below L5', referred: assumed(0.15), firstContact: assumed(0.1) },
  {
    id: 'sij-ligament',
    source: 'sij-ligament',
    zones: null,
    where: 'No pain marked below L5 on this side',
    referred: assumed(0.05),
    firstContact: assumed(0.05),
  },
  {
    id: 'disc-annulus-back',
    source: 'disc-annulus',
    zones: ['low-back'],
    where: 'Pain marked in the low back',
    referred: known(0.39, '39 % in chronic back pain (Schwarzer 1995); 42 % seen by specialists (DePalma 2011)'),
    firstContact: assumed(0.25),
  },
  {
    id: 'disc-annulus',
    source: 'disc-annulus',
    zones: null,
    where: 'No low-back pain marked on this side',
    referred: assumed(0.1),
    firstContact: assumed(0.1),
  },
  { id: 'outlet-arm', source: 'outlet', zones: ['arm'], where: 'Pain marked in the arm', referred: assumed(0.1), firstContact: assumed(0.03) },
  { id: 'outlet', source: 'outlet', zones: null, where: 'No arm pain marked on this side', referred: assumed(0.02), firstContact: assumed(0.01) },
  { id: 'cord-neck', source: 'cord', zones: ['neck', 'arm'], where: 'Pain marked in neck or arm', referred: assumed(0.05), firstContact: assumed(0.02) },
  { id: 'cord', source: 'cord', zones: null, where: 'No neck or arm pain marked on this side', referred: assumed(0.02), firstContact: assumed(0.01) },
]
