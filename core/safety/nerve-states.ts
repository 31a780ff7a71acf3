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

/**
 * Later screens of the same side that show less strength, reflex or feeling than an earlier one.
 *
 * @param runs - the performances of this visit
 * @param earlier - those of earlier visits of the episode: what they showed is the baseline, and no cause by itself
 */
export function deficitGrew(runs: readonly Run[], earlier: readonly Run[] = []): readonly string[] {
  const before = screens(earlier)
  const all = screens(runs)
  return all.flatMap((later, i) =>
    [...before, ...all.slice(0, i)].some((one) => one.test === later.test && one.side === later.side && isWorse(one, later)) ? [causeOf(later)] : [],
  )
}

function isWorse(before: Run, after: Run): boolean {
  return cellChanges(before, after).some(({ by }) => by < 0)
}

/** A cell of a neurological screen that shows more or less than before. */
export interface CellChange {
  readonly stage: string
  readonly cell: string
  readonly before: string
  readonly after: string
  /** Grades lost, below 0, or gained. */
  readonly by: number
}

/** Strength, reflexes and feeling of one limb, twice: what was seen both times and differs. */
export function cellChanges(before: Pick<Run, 'answers'>, after: Pick<Run, 'answers'>): readonly CellChange[] {
  return Object.entries(RANKS).flatMap(([stage, rank]) => {
    const then = cellsAt(before, stage)
    return Object.entries(cellsAt(after, stage)).flatMap(([cell, value]) => {
      const was = then[cell]
      const [from, to] = [was === undefined ? -1 : rank(was), rank(value)]
      return was === undefined || from < 0 || to < 0 || from === to ? [] : [{ stage, cell, before: was, after: value, by: to - from }]
    })
  })
}

/** How much of it there is, by stage; what cannot be ranked is below 0. */
const RANKS: Readonly<Record<string, (value: string) => number>> = {
  strength: Number,
  reflexes: Number,
  sensation: (value) => FEELING.indexOf(value),
}

/** What a performance is called as the cause of a gate. */
export function causeOf(run: Pick<Run, 'test' | 'id'>): string {
  return `${run.test} ${run.id}`
}
