import { type AreaId, areaOf, sideOf } from '../vocabulary/body-area'
import type { TestSide } from '../vocabulary/side'
import type { Familiar } from './answer'
import type { Run } from './exam'
import { type StageOutline, stagesOf, type TestOutline } from './outline'

/** As much of a test as its ladder is made of. */
export type OutlineOfLadder = Pick<TestOutline, 'stages' | 'variants' | 'endsAt'>

/** As much of a run as its place on the ladder depends on. */
export type OnLadder = Pick<Run, 'answers' | 'stopped' | 'variant'> & Partial<Pick<Run, 'catalogue'>>

/**
 * The stage a run waits for.
 *
 * Loads are climbed until the familiar symptom comes; then the remaining loads are left out and the
 * releasing stages follow. If it never comes there is nothing to release. What is only looked at,
 * measured or filled in does not wait for a symptom.
 *
 * @returns null when the run is over: ladder done, or stopped
 */
export function nextStage(run: OnLadder, test: OutlineOfLadder): StageOutline | null {
  if (run.stopped) return null
  const stages = stagesOf(test, run.variant, run.catalogue)
  const answered = new Set(run.answers.map((a) => a.stage))
  const reproduced = endedLadder(run, test)
  const eased = run.answers.some((a) => a.answer.said === 'eased')
  const onlyReleases = !stages.some((stage) => stage.kind === 'load')
  const wanted = stages.filter((stage) => {
    if (stage.when && !wasObserved(run, stage.when)) return false
    if (stage.whenAny && editionOf(run) >= stage.whenAny.since && !stage.whenAny.of.some((when) => wasObserved(run, when))) return false
    if (stage.ifReproduced && editionOf(run) >= stage.ifReproduced.since && !reproduced) return false
    if (stage.whenAt && liesWholly(run, stage.whenAt.areas) !== (stage.whenAt.is === 'only')) return false
    if (stage.ifEased && !eased) return false
    if (stage.unlessPainAt && endedByPain(run, stage.unlessPainAt)) return false
    switch (stage.kind) {
      case 'load':
        return !reproduced
      case 'release':
      case 'return':
        return reproduced || onlyReleases
      case 'relief':
      case 'observe':
      case 'measure':
      case 'grid':
        return true
    }
  })
  return wanted.find((stage) => !answered.has(stage.id)) ?? null
}

function wasObserved(run: OnLadder, { stage, chose }: NonNullable<StageOutline['when']>): boolean {
  return run.answers.some(({ stage: at, answer }) => at === stage && answer.said === 'observed' && chose.includes(answer.choice))
}

/** Did the own pain end one of these measures? */
function endedByPain(run: OnLadder, stages: readonly string[]): boolean {
  return run.answers.some(({ stage, answer }) => stages.includes(stage) && answer.said === 'measured' && answer.limitedBy === 'own-pain')
}

/** Does the own symptom lie in these areas and nowhere else? */
function liesWholly(run: OnLadder, areas: readonly AreaId[]): boolean {
  const places = run.answers.flatMap(({ answer }) => (answer.said === 'familiar' ? answer.places : []))
  return places.length > 0 && places.every((place) => areas.includes(areaOf(place)))
}

/** Has the run reached the end of its ladder, or been stopped? */
export function isOver(run: OnLadder, test: OutlineOfLadder): boolean {
  return nextStage(run, test) === null
}

/**
 * Did a symptom that the test is about come on? Own pain elsewhere is kept, and the ladder goes on. A place that was not told ends it.
 */
export function endedLadder(run: OnLadder, test: OutlineOfLadder): boolean {
  const { areas, since } = test.endsAt ?? {}
  const anywhere = !areas || editionOf(run) < (since ?? 0)
  return reproductions(run, test).some(({ answer }) => anywhere || answer.places.length === 0 || answer.places.some((p) => areas.includes(areaOf(p))))
}

/** Own symptoms that a load brought on, oldest first; what was felt in the start position is the baseline. */
export function reproductions(run: OnLadder, test: Pick<TestOutline, 'stages'>): readonly Reproduction[] {
  return run.answers.flatMap(({ stage, answer }) => (answer.said === 'familiar' && !isBaseline(stage, run, test) ? [{ stage, answer }] : []))
}

/** An own symptom, and the stage it came on at. */
export interface Reproduction {
  readonly stage: string
  readonly answer: Familiar
}

/** Is this the start position, in a performance recorded since it was one? */
export function isBaseline(stage: string, run: OnLadder, test: Pick<TestOutline, 'stages'>): boolean {
  const { baseline } = test.stages.find((s) => s.id === stage) ?? {}
  return baseline !== undefined && editionOf(run) >= baseline.since
}

/** Loads of its ladder that were not given, as when an own symptom ended it. */
export function loadsLeft(run: OnLadder, test: OutlineOfLadder): readonly StageOutline[] {
  const answered = new Set(run.answers.map((a) => a.stage))
  return stagesOf(test, run.variant, run.catalogue).filter((stage) => stage.kind === 'load' && !answered.has(stage.id))
}

function editionOf(run: OnLadder): number {
  return run.catalogue ?? Infinity
}

/** Did the familiar symptom come on there: on this side, or at a place that was not told? Where the test has no side, anywhere. */
export function broughtItOnAt(run: Pick<Run, 'answers'>, side: TestSide): boolean {
  return run.answers.some(
    ({ answer }) => answer.said === 'familiar' && (side === 'none' || answer.places.length === 0 || answer.places.some((p) => sideOf(p) === side)),
  )
}

/** Did the familiar symptom come on at any stage of this run? */
export function broughtItOn(run: Pick<Run, 'answers'>): boolean {
  return run.answers.some((a) => a.answer.said === 'familiar')
}
