import type { ExamTest, TestId } from '../../catalogue/exam-test'
import { preferredRow } from '../../evidence/register'
import { normalQuantile } from '../../evidence/normal'
import { areaOf, bodyArea } from '../../vocabulary/body-area'
import type { TestSide } from '../../vocabulary/side'
import { chanceOf } from '../chance'
import type { HiddenSource, SimulatedPatient } from '../simulated-patient'
import type { TrapId } from '../trap'
import { directness } from './structures'

/** Share of the spread between people that all tests of one source have in common; the rest belongs to the single test. Made for practice. */
const COMMON = 0.6

/** Where the register holds no figure: how often a test shows a source it is made for, and one it loads beside another. Assumed, from no study. */
const ASSUMED_SENSITIVITY = 0.7
const ASSUMED_SPECIFICITY = 0.85

/** The test of each family of nerve tests whose sensitivity sets how tight the nerve is; the others follow from what they tighten. */
const ANCHORS: Readonly<Record<string, TestId>> = { 'sciatic-tension': 'leg-raise', 'femoral-tension': 'femoral-stretch', 'brachial-tension': 'ulnt-1' }

/** Tests that a trap makes show it, or not show it, whatever chance would say: the margin it has there. */
const FORCED: Readonly<Partial<Record<TrapId, Readonly<Partial<Record<TestId, number>>>>>> = {
  'raises-disagree': { 'leg-raise': 2.8, 'seated-leg-raise': -1.2, slump: -1.2 },
  'equal-tenderness': { 'muscle-palpation': -1.2, 'sij-palpation': -1.2 },
  'centralising-pelvis': { 'thigh-thrust': 1.2, 'sacral-thrust': 1.2, gaenslen: 1.2 },
  'groin-faber': { faber: 1.2, 'thigh-thrust': -1.2, 'sij-distraction': -1.2, 'sij-compression': -1.2, 'sacral-thrust': -1.2 },
  'compression-positive': { 'neck-compression': 2 },
  'outlet-look-alike': { 'elevated-arm-stress': 1.2, 'neck-compression': -1.2, 'neck-closing-a': -1.2 },
}
/**
 * How far beyond its threshold this source lies in this test, in standard deviations; above 0 the test can bring it on.
 *
 * A probit model: a part shared by all tests of the source and a part of the test's own, cut where the register's sensitivity says. A test
 * that does not load the source itself still moves its region, as often as its specificity leaves room for.
 */
export function readinessOf(patient: SimulatedPatient, source: HiddenSource, test: ExamTest, side: TestSide, variant: string): number {
  const forced = patient.traps.flatMap((trap) => FORCED[trap]?.[test.id] ?? [])[0]
  if (forced !== undefined) return forced
  const family = test.shares.find((s) => ANCHORS[s] !== undefined)
  const chance = chanceOf(`${patient.case} ${source.source} ${source.side} ${family ?? test.id} ${family ? '' : side}`)
  const z = Math.sqrt(COMMON) * source.expressed + Math.sqrt(1 - COMMON) * chance.normal()
  return z - normalQuantile(1 - shows(source, test, family, variant))
}

/** How often this test shows this source in people who have it. */
function shows(source: HiddenSource, test: ExamTest, family: string | undefined, variant: string): number {
  const direct = directness(test, source.source)
  if (direct === 0) return moves(test, source) ? 1 - specificityOf(test, source) : 0.001
  const anchor = family === undefined ? undefined : ANCHORS[family]
  const row = preferredRow(anchor ?? test.id, source.source, source.side, anchor ? undefined : variant)
  return inside(row?.sens?.value ?? ASSUMED_SENSITIVITY * direct)
}

function specificityOf(test: ExamTest, source: HiddenSource): number {
  const row = 'source' in test.reading ? preferredRow(test.id, test.reading.source, source.side) : undefined
  return inside(row?.spec?.value ?? ASSUMED_SPECIFICITY)
}

/** Does the test move the region where this source lies, though it is not made for it? */
function moves(test: ExamTest, { source }: HiddenSource): boolean {
  const parts = test.loads.filter((l) => l.strength !== 'light').map((l) => l.part)
  return LIES_IN[source].some((part) => parts.some((p) => p === part))
}

/** The loaded parts among which each source lies. */
const LIES_IN: Readonly<Record<HiddenSource['source'], readonly ExamTest['loads'][number]['part'][]>> = {
  'root-cervical': ['neck', 'shoulder'],
  'facet-cervical': ['neck'],
  'joint-upper-neck': ['upper-neck', 'neck'],
  'muscle-neck': ['neck', 'shoulder'],
  'laxity-upper-neck': ['upper-neck'],
  'neural-peripheral': ['arm'],
  cord: ['neck'],
  outlet: ['shoulder', 'arm'],
  'root-lumbar-low': ['low-back', 'leg'],
  'root-lumbar-mid': ['low-back', 'leg'],
  'facet-lumbar': ['low-back'],
  'disc-annulus': ['low-back', 'pelvis'],
  'instability-lumbar': ['low-back'],
  'muscle-back': ['low-back'],
  inflammatory: ['pelvis'],
  hamstring: ['leg'],
  'sij-pain': ['pelvis', 'low-back'],
  'sij-ligament': ['pelvis'],
  hip: ['hip', 'pelvis'],
  piriformis: ['hip', 'pelvis'],
  'pubic-symphysis': ['pelvis'],
  'outer-hip': ['hip', 'pelvis'],
}

/** A figure of 0 or 1 leaves room for people. */
function inside(p: number): number {
  return Math.min(0.985, Math.max(0.015, p))
}

/** Does the complaint of this source lie in a limb, where nerves are felt? */
export function isInLimb(source: Pick<HiddenSource, 'symptom'>, patient: Pick<SimulatedPatient, 'symptoms'>): boolean {
  const limb: readonly string[] = ['arm', 'thigh', 'below-knee']
  return patient.symptoms.some((s) => s.id === source.symptom && s.places.some((p) => limb.includes(bodyArea(areaOf(p)).zone)))
}
