import type { ExamTest } from '../catalogue/exam-test'
import { POSTURES, type Posture } from '../vocabulary/posture'

/** Seconds it takes to move a person from one posture to another; a clinic may write its own. */
export type TurnSeconds = Readonly<Record<Posture, Readonly<Record<Posture, number>>>>

const row = (sitting: number, supine: number, sideLying: number, prone: number, standing: number) => ({
  sitting,
  supine,
  'side-lying': sideLying,
  prone,
  standing,
})

/** Working assumptions, 15 to 40 s a turn; no study is known. */
export const TURN_SECONDS: TurnSeconds = {
  sitting: row(0, 20, 25, 35, 15),
  supine: row(20, 0, 15, 30, 30),
  'side-lying': row(25, 15, 0, 20, 35),
  prone: row(35, 30, 20, 0, 40),
  standing: row(15, 25, 30, 40, 0),
}

/** A turn that a clinic priced itself; the latest of each pair counts. */
export interface OwnTurn {
  readonly from: Posture
  readonly to: Posture
  readonly seconds: number
}

/** The matrix with a clinic's own prices in it. */
export function turnSeconds(own: readonly OwnTurn[]): TurnSeconds {
  return own.reduce<TurnSeconds>((table, { from, to, seconds }) => ({ ...table, [from]: { ...table[from], [to]: seconds } }), TURN_SECONDS)
}

/** Seconds a test takes in this way, without turning. */
export function secondsOf(test: Pick<ExamTest, 'seconds' | 'variants'>, variant: string): number {
  return test.variants.find((v) => v.id === variant)?.seconds ?? test.seconds
}

/** How many times the body is turned when these postures are taken one after another, from where it lies. */
export function turnsOf(from: Posture | null, postures: readonly Posture[]): number {
  return postures.reduce<{ at: Posture | null; turns: number }>(({ at, turns }, to) => ({ at: to, turns: turns + (at !== null && at !== to ? 1 : 0) }), {
    at: from,
    turns: 0,
  }).turns
}

/** Every order of these postures: at most 5! = 120. */
export function orders(postures: readonly Posture[]): readonly (readonly Posture[])[] {
  if (postures.length <= 1) return [postures]
  return postures.flatMap((first) => orders(postures.filter((p) => p !== first)).map((rest) => [first, ...rest]))
}

/** The postures in which a test could be waiting, in the usual order. */
export function inUsualOrder(postures: Iterable<Posture>): readonly Posture[] {
  const wanted = new Set(postures)
  return POSTURES.filter((p) => wanted.has(p))
}
