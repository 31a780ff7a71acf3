import { acrossFrom, cellsAt, nervesOf, rootsLost, SCREEN_OF } from '../findings/deficits'
import type { Run } from '../record/exam'
import { SIDES, type Side } from '../vocabulary/side'

const SCREENS: readonly string[] = Object.values(SCREEN_OF)

function screens(runs: readonly Run[], test?: string): readonly (Run & { readonly side: Side })[] {
  return runs.flatMap((run) =>
    run.side !== 'none' && (test === undefined ? SCREENS.includes(run.test) : run.test === test) ? [{ ...run, side: run.side }] : [],
  )
}

/** What a performance shows, read against the other side. */
function read(run: Run & { readonly side: Side }, runs: readonly Run[]) {
  return nervesOf(run, run.side, acrossFrom(run, runs))
}

/** Performances in which feeling of the saddle was lost. */
export function saddleLoss(runs: readonly Run[]): readonly string[] {
  return screens(runs).flatMap((run) => (read(run, runs).saddle ? [causeOf(run)] : []))
}

/** Performances in which a muscle had a strength of 3 or less. */
export function severeDeficit(runs: readonly Run[]): readonly string[] {
  return screens(runs).flatMap((run) => (read(run, runs).deficits.some((d) => d.kind === 'strength' && Number(d.value) <= 3) ? [causeOf(run)] : []))
}

/** Performances in which more than one root lost something. */
export function manyRoots(runs: readonly Run[]): readonly string[] {
  return screens(runs).flatMap((run) => (rootsLost(read(run, runs)).length > 1 ? [causeOf(run)] : []))
}

/** Performances of one limb that show a deficit, where both sides do. */
export function bothSides(limb: 'arm' | 'leg', runs: readonly Run[]): readonly string[] {
  const lost = screens(runs, SCREEN_OF[limb]).filter((run) => read(run, runs).deficits.length > 0)
  return SIDES.every((side) => lost.some((run) => run.side === side)) ? lost.map(causeOf) : []
}

/** Tests whose choice is a cord sign by itself. */
const SHOCK = { test: 'neck-flexion-shock', stage: 'bend', choice: 'electric' } as const

/**
 * Cord signs found by examining: every sign of the tables, or an electric feeling on bending the neck. Brisk reflexes join them where
 * another sign was found or told (`withBrisk`).
 */
export function cordSigns(runs: readonly Run[]): readonly string[] {
  const found = screens(runs).filter((run) => read(run, runs).cord.length > 0)
  const shocks = runs.filter(
    (run) => run.test === SHOCK.test && run.answers.some((a) => a.stage === SHOCK.stage && a.answer.said === 'observed' && a.answer.choice === SHOCK.choice),
  )
  return [...found, ...shocks].map(causeOf)
}

/** Performances with brisk reflexes, on either side. */
export function briskReflexes(runs: readonly Run[]): readonly string[] {
  const brisk = screens(runs).filter((run) => read(run, runs).brisk.length > 0)
  return brisk.map(causeOf)
}

const FEELING = ['absent', 'less', 'normal']

/** Later screens of the same side that show less strength, reflex or feeling than an earlier one. */
export function deficitGrew(runs: readonly Run[]): readonly string[] {
  const all = screens(runs)
  return all.flatMap((later, i) =>
    all.slice(0, i).some((earlier) => earlier.test === later.test && earlier.side === later.side && isWorse(earlier, later)) ? [causeOf(later)] : [],
  )
}

function isWorse(before: Run, after: Run): boolean {
  const lower = (stage: string, rank: (value: string) => number) =>
    Object.entries(cellsAt(after, stage)).some(([cell, value]) => {
      const was = cellsAt(before, stage)[cell]
      return was !== undefined && rank(was) >= 0 && rank(value) >= 0 && rank(value) < rank(was)
    })
  const feeling = (value: string) => FEELING.indexOf(value)
  return lower('strength', Number) || lower('reflexes', Number) || lower('sensation', feeling)
}

/** What a performance is called as the cause of a gate. */
export function causeOf(run: Pick<Run, 'test' | 'id'>): string {
  return `${run.test} ${run.id}`
}
