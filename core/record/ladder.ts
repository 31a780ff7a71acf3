import { type AreaId, areaOf } from '../vocabulary/body-area'
import type { Run } from './exam'
import { type StageOutline, stagesOf, type TestOutline } from './outline'

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
export function nextStage(run: OnLadder, test: Pick<TestOutline, 'stages' | 'variants'>): StageOutline | null {
  if (run.stopped) return null
  const stages = stagesOf(test, run.variant, run.catalogue)
  const answered = new Set(run.answers.map((a) => a.stage))
  const reproduced = broughtItOn(run)
  const eased = run.answers.some((a) => a.answer.said === 'eased')
  const onlyReleases = !stages.some((stage) => stage.kind === 'load')
  const wanted = stages.filter((stage) => {
    if (stage.when && !wasObserved(run, stage.when)) return false
    if (stage.whenAt && liesWholly(run, stage.whenAt.areas) !== (stage.whenAt.is === 'only')) return false
    if (stage.ifEased && !eased) return false
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

/** Does the own symptom lie in these areas and nowhere else? */
function liesWholly(run: OnLadder, areas: readonly AreaId[]): boolean {
  const places = run.answers.flatMap(({ answer }) => (answer.said === 'familiar' ? answer.places : []))
  return places.length > 0 && places.every((place) => areas.includes(areaOf(place)))
}

/** Has the run reached the end of its ladder, or been stopped? */
export function isOver(run: OnLadder, test: Pick<TestOutline, 'stages' | 'variants'>): boolean {
  return nextStage(run, test) === null
}

/** Did the familiar symptom come on at any stage of this run? */
export function broughtItOn(run: Pick<Run, 'answers'>): boolean {
  return run.answers.some((a) => a.answer.said === 'familiar')
}
