import type { Quality } from '../vocabulary/quality'
import { FACTS, type FactId } from '../story/facts'
import { irritabilityOf } from '../story/irritability'
import { SCREEN, type ScreenItemId } from '../story/screen'
import type { Stirring, Symptom } from '../record/run'
import { placeAt } from '../vocabulary/body-area'
import { otherSide, type Side, SIDES } from '../vocabulary/side'
import { type Chance, chanceOf } from './chance'
import { type CaseRegion, PICTURES, PLAYED, type PlayedSource } from './picture'
import { SERIOUS, type SeriousId, seriousOf } from './serious'
import type { Build, HiddenSource, SimulatedPatient } from './simulated-patient'
import { storyWords } from './story-words'
import { type TrapId, TRAPS } from './trap'

/** What a case is made from: what is fixed, and what is left to chance. */
export interface Brief {
  readonly region: CaseRegion
  readonly sources?: readonly { readonly source: PlayedSource; readonly side?: Side; readonly level?: string }[]
  readonly serious?: SeriousId | null
  readonly traps?: readonly TrapId[]
  readonly irritability?: SimulatedPatient['irritability']
  readonly sensitivity?: number
}

/** Cases in which a trap stands, of every so many numbers. */
const BLOCK = 8

/**
 * The trap of a numbered case; null where it has none.
 *
 * In every eight numbers of a region each of its traps stands once, at places that change from block to block.
 */
export function trapOfCase(region: CaseRegion, number: number): TrapId | null {
  const traps = trapsIn(region)
  const block = Math.floor((number - 1) / BLOCK)
  const chance = chanceOf(`traps ${region} ${block}`)
  const slots = Array.from({ length: BLOCK }, (_, i) => i)
  for (const trap of traps) {
    const at = chance.whole(0, slots.length - 1)
    const [slot] = slots.splice(at, 1)
    if (slot === (number - 1) % BLOCK) return trap
  }
  return null
}

/** The first numbers of a trap, for whoever sets them. */
export function casesWith(trap: TrapId, count: number): readonly number[] {
  const { region } = TRAPS[trap]
  const found: number[] = []
  for (let number = 1; found.length < count; number++) if (trapOfCase(region, number) === trap) found.push(number)
  return found
}

/** Traps of a region, in the order they are declared. */
export function trapsIn(region: CaseRegion): readonly TrapId[] {
  return (Object.keys(TRAPS) as TrapId[]).filter((id) => TRAPS[id].region === region)
}

/**
 * The person of a numbered case: the same number gives the same person everywhere.
 *
 * @param number - whole, from 1
 */
export function numberedCase(region: CaseRegion, number: number): SimulatedPatient {
  const trap = trapOfCase(region, number)
  return patientFrom({ region, ...(trap && { traps: [trap] }) }, `${region} ${number}`)
}

/** A person drawn for a brief; what the brief leaves open is drawn by the name. */
export function patientFrom(brief: Brief, name: string): SimulatedPatient {
  const chance = chanceOf(`person ${name}`)
  const traps = brief.traps ?? []
  const serious = brief.serious === undefined ? seriousFor(brief, chance) : brief.serious
  const sources = sourcesFor({ ...brief, serious }, chance)
  const irritable = brief.irritability ?? irritabilityFor(traps, chance)
  const symptoms: Symptom[] = []
  const hidden: HiddenSource[] = []
  const manner = chance.oneOf(['terse', 'plain', 'talkative'])
  for (const { source, side, level } of sources) {
    const id: Symptom['id'] = `S${symptoms.length + 1}`
    const line = lineOf(source, level, chance)
    symptoms.push(complaint({ id, source, side, areas: line.areas, irritable, manner, milder: symptoms.length > 0 }, chance))
    // What a trap is about shows plainly. Elsewhere people differ in how readily their source shows; one that never shows would teach nothing.
    hidden.push({
      source,
      side,
      level: line.level,
      symptom: id,
      expressed: traps.length > 0 ? 0.8 + 0.3 * Math.abs(chance.normal()) : Math.max(-1, chance.normal()),
    })
  }
  if (symptoms.length === 0) symptoms.push(vague(brief.region, serious, irritable, manner, chance))
  const first = sources[0]
  const ageYears = ageFor(serious ? seriousOf(serious).ages : first ? PICTURES[first.source].ages : [20, 70], chance)
  const screen = screenFor({ serious, sources: hidden, traps, ageYears }, chance)
  return {
    case: name,
    region: brief.region,
    ageYears,
    sources: hidden,
    serious,
    symptoms,
    began: first ? chance.oneOf(PICTURES[first.source].began) : 'I could not say when it began',
    screen,
    facts: factsFor(hidden, chance),
    irritability: irritable,
    sensitivity: brief.sensitivity ?? (traps.includes('equal-tenderness') ? 2.2 : chance.normal()),
    suggestible: chance.happens(0.35),
    manner,
    build: buildFor(hidden, traps, ageYears, chance),
    traps,
  }
}

function seriousFor({ region, traps = [], sources }: Brief, chance: Chance): SeriousId | null {
  if (traps.length > 0 || sources) return null
  const here = (Object.keys(SERIOUS) as SeriousId[]).filter((id) => seriousOf(id).regions.includes(region))
  return chance.happens(0.12) ? (chance.weighted(here.map((id) => [id, 1])) ?? null) : null
}

/** What each trap is about. */
const OF_TRAP: Readonly<Record<TrapId, readonly PlayedSource[]>> = {
  'hamstring-slump': ['hamstring'],
  'raises-disagree': ['muscle-back'],
  'equal-tenderness': ['muscle-back'],
  'cord-as-root': ['cord'],
  'laxity-first': ['laxity-upper-neck'],
  'compression-positive': ['root-cervical'],
  'outlet-look-alike': ['outlet'],
  'centralising-pelvis': ['disc-annulus'],
  'groin-faber': ['hip'],
}

interface Wanted {
  readonly source: PlayedSource
  readonly side: Side
  readonly level?: string
}

function sourcesFor(brief: Brief, chance: Chance): readonly Wanted[] {
  const side = chance.oneOf(['left', 'right'])
  if (brief.sources) return brief.sources.map((s) => ({ side, ...s }))
  const trapped = (brief.traps ?? []).flatMap((trap) => OF_TRAP[trap])
  if (trapped.length > 0) return trapped.map((source) => ({ source, side }))
  const bySeverity = brief.serious === 'cauda-equina' ? (['root-lumbar-low'] as const) : brief.serious ? ([] as const) : null
  if (bySeverity) return bySeverity.map((source) => ({ source, side }))
  const many = chance.weighted([
    [0, 0.08],
    [1, 0.72],
    [2, 0.2],
  ])
  const open = PLAYED.filter((source) => PICTURES[source].region === brief.region && PICTURES[source].share > 0)
  const drawn: Wanted[] = []
  for (let i = 0; i < (many ?? 1); i++) {
    const left = open.filter((source) => drawn.every((d) => d.source !== source))
    const source = chance.weighted(left.map((s) => [s, PICTURES[s].share]))
    if (source) drawn.push({ source, side: i > 0 && chance.happens(0.3) ? otherSide(side) : side })
  }
  return drawn
}

function lineOf(source: PlayedSource, level: string | undefined, chance: Chance) {
  const [first, ...rest] = PICTURES[source].at.filter((line) => level === undefined || line.level === level)
  return chance.oneOf([first ?? { level: null, areas: ['low-back'] as const }, ...rest])
}

function irritabilityFor(traps: readonly TrapId[], chance: Chance): SimulatedPatient['irritability'] {
  if (traps.length > 0) return chance.happens(0.8) ? 'low' : 'moderate'
  return (
    chance.weighted<SimulatedPatient['irritability']>([
      ['low', 0.6],
      ['moderate', 0.28],
      ['high', 0.12],
    ]) ?? 'low'
  )
}

/** What irritability sounds like: how much it takes, how bad it gets and how long it stays. */
function stirringOf(
  irritable: SimulatedPatient['irritability'],
  chance: Chance,
): { readonly stirring: Stirring; readonly worst: number; readonly now: number } {
  const made = {
    low: {
      stirring: { stirredBy: chance.oneOf(['some', 'much'] as const), settles: chance.oneOf(['minutes', 'half-hour'] as const) },
      worst: chance.whole(4, 6),
      now: chance.whole(0, 3),
    },
    moderate: { stirring: { stirredBy: 'little' as const, settles: 'half-hour' as const }, worst: chance.whole(7, 8), now: chance.whole(2, 4) },
    high: { stirring: { stirredBy: 'little' as const, settles: 'longer' as const }, worst: chance.whole(8, 9), now: chance.whole(3, 5) },
  }
  return made[irritable]
}

interface Plaint {
  readonly id: Symptom['id']
  readonly source: PlayedSource
  readonly side: Side
  readonly areas: (typeof PICTURES)[PlayedSource]['at'][number]['areas']
  readonly irritable: SimulatedPatient['irritability']
  readonly manner: SimulatedPatient['manner']
  readonly milder: boolean
}

function complaint({ id, source, side, areas, irritable, manner, milder }: Plaint, chance: Chance): Symptom {
  const picture = PICTURES[source]
  const places = areas.map((area) => placeAt(side, area))
  const [first, ...others] = picture.qualities
  const qualities: readonly Quality[] = [first, ...others.filter(() => chance.happens(0.45))].slice(0, 3)
  const { stirring, worst, now } = stirringOf(milder ? 'low' : irritable, chance)
  const told = { places, qualities }
  return {
    id,
    words: storyWords(told, manner, chance),
    ...told,
    now,
    worst,
    usual: Math.min(worst, Math.max(now, Math.round((now + worst) / 2))),
    bringsOn: chance.oneOf(picture.bringsOn),
    eases: chance.oneOf(picture.eases),
    stirring,
  }
}

/** Pain without a source that a test here could find. */
function vague(
  region: CaseRegion,
  serious: SeriousId | null,
  irritable: SimulatedPatient['irritability'],
  manner: SimulatedPatient['manner'],
  chance: Chance,
): Symptom {
  const area = region === 'neck' ? 'neck-back' : region === 'back' ? 'low-back' : 'buttock'
  const places = SIDES.filter((side) => side === 'left' || serious !== null || chance.happens(0.5)).map((side) => placeAt(side, area))
  const told = { places, qualities: ['aching'] as const }
  const { stirring, worst, now } = stirringOf(irritable, chance)
  return {
    id: 'S1',
    words: storyWords(told, manner, chance),
    ...told,
    now,
    worst,
    usual: Math.max(now, worst - 2),
    bringsOn: chance.oneOf(['I cannot tell, it is just there', 'all sorts of things', 'being up for long']),
    eases: serious ? 'nothing, really' : chance.oneOf(['rest', 'it goes by itself', 'a walk']),
    stirring,
  }
}

function ageFor([low, high]: readonly [number, number], chance: Chance): number {
  return chance.whole(low, high)
}

interface Screened {
  readonly serious: SeriousId | null
  readonly sources: readonly HiddenSource[]
  readonly traps: readonly TrapId[]
  readonly ageYears: number
}

/** Answers that mean nothing by themselves, and how often they are a yes. */
const BENIGN: readonly (readonly [ScreenItemId, number])[] = [
  ['new-pain', 0.3],
  ['pregnant', 0.03],
  ['thinners', 0.05],
  ['hip-replaced', 0.03],
  ['dizzy-known', 0.04],
  ['old-neck-trauma', 0.03],
]

function screenFor({ serious, sources, traps, ageYears }: Screened, chance: Chance): SimulatedPatient['screen'] {
  const yes = new Set<ScreenItemId>()
  for (const [item, often] of BENIGN) {
    // Whoever hides a trap is asked about nothing that would close another door.
    const fits = (item !== 'pregnant' || ageYears < 45) && (item !== 'hip-replaced' || ageYears > 55)
    if (chance.happens(often) && fits && (traps.length === 0 || item === 'new-pain')) yes.add(item)
  }
  if (serious) {
    for (const item of seriousOf(serious).yes) yes.add(item)
    for (const item of seriousOf(serious).often) if (chance.happens(0.6)) yes.add(item)
  }
  const has = (source: PlayedSource) => sources.some((s) => s.source === source)
  if (has('cord')) {
    yes.add('clumsy-hands').add('unsteady')
    if (chance.happens(0.5)) yes.add('neck-shocks')
    if (chance.happens(0.4)) yes.add('stiff-legs')
  }
  if (has('laxity-upper-neck')) yes.add(chance.oneOf(['inflammatory-joint', 'loose-tissue', 'old-neck-trauma'] as const))
  if (has('inflammatory')) {
    for (const item of ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late'] as const) yes.add(item)
    if (chance.happens(0.5)) yes.add('buttocks-in-turn')
  }
  const items = SCREEN.flatMap((group) => group.items)
  return Object.fromEntries(items.map(({ id }) => [id, yes.has(id) ? 'yes' : 'no'])) as SimulatedPatient['screen']
}

function factsFor(sources: readonly HiddenSource[], chance: Chance): SimulatedPatient['facts'] {
  const answer = (id: FactId, on: 'yes' | 'no') => {
    const leans = sources.flatMap(({ source }) => [...(PICTURES[source].yes?.includes(id) ? [0.85] : []), ...(PICTURES[source].no?.includes(id) ? [0.1] : [])])
    // Whoever has nothing that leans either way answers as it points to in three of ten.
    return chance.happens(leans[0] ?? (on === 'yes' ? 0.3 : 0.7)) ? 'yes' : 'no'
  }
  return Object.fromEntries(FACTS.map(({ id, points }) => [id, answer(id, points.on)])) as SimulatedPatient['facts']
}

/** Ranges of healthy people, in degrees: mean and spread, made for practice; what a source takes from them stands with it. */
function buildFor(sources: readonly HiddenSource[], traps: readonly TrapId[], ageYears: number, chance: Chance): Build {
  const older = Math.max(0, ageYears - 40) / 10
  const both = (mean: number, spread: number, within: number): Record<Side, number> => {
    const own = mean + spread * clamped(chance.normal())
    return { left: Math.round(own + within * clamped(chance.normal())), right: Math.round(own + within * clamped(chance.normal())) }
  }
  const hurt = (source: PlayedSource, side: Side) => sources.some((s) => s.source === source && s.side === side)
  const less = (range: Record<Side, number>, source: PlayedSource, by: number): Record<Side, number> => ({
    left: Math.round(range.left - (hurt(source, 'left') ? by : 0)),
    right: Math.round(range.right - (hurt(source, 'right') ? by : 0)),
  })
  const tight = traps.includes('hamstring-slump')
  const stiff = 3 + 2 * Math.abs(chance.normal())
  return {
    hamstrings: tight ? both(46, 3, 1) : less(both(78 - 2 * older, 9, 3), 'hamstring', 22),
    neckTurn: less(less(both(76 - 3 * older, 5, 2), 'root-cervical', 20 + stiff), 'facet-cervical', 14),
    upperNeckTurn: less(both(43 - older, 2.5, 1.5), 'joint-upper-neck', 16),
    hipTurnIn: less(both(36 - 2 * older, 5, 2), 'hip', 20),
    lowBackFlexion: Math.round(52 - 3 * older + 6 * clamped(chance.normal()) + (sources.some((s) => s.source === 'instability-lumbar') ? 12 : 0)),
    lowBackExtension: Math.max(4, Math.round(24 - 3 * older + 4 * clamped(chance.normal()) - (sources.some((s) => s.source === 'facet-lumbar') ? 8 : 0))),
    neckFlexion: Math.round(52 - 2 * older + 5 * clamped(chance.normal())),
    neckExtension: Math.round(60 - 4 * older + 6 * clamped(chance.normal())),
    neckSideBend: Math.round(40 - 2 * older + 4 * clamped(chance.normal())),
  }
}

/** Nobody is farther than two spreads from the mean. */
function clamped(z: number): number {
  return Math.max(-2, Math.min(2, z))
}

/** Is the irritability that is drawn what the story tells? Asked by tests. */
export function toldIrritability(patient: Pick<SimulatedPatient, 'symptoms'>): string {
  return patient.symptoms[0] ? irritabilityOf(patient.symptoms[0]) : 'unknown'
}
