import type { Run } from '../record/exam'
import { otherSide, type Side } from '../vocabulary/side'

/** A limb's neurological screen. */
export type Limb = 'arm' | 'leg'

/** One loss of strength, reflex or feeling, at the roots it belongs to. */
export interface Deficit {
  readonly kind: 'strength' | 'reflex' | 'sensation'
  /** The row of the table: a root, or a tendon. */
  readonly row: string
  readonly value: string
  readonly roots: readonly string[]
}

/** What the neurological screens of one limb show, side by side. */
export interface Nerves {
  readonly side: Side
  readonly deficits: readonly Deficit[]
  /** Reflexes of 0 or 1 that wait for the other side before they mean anything. */
  readonly waiting: readonly string[]
  readonly brisk: readonly string[]
  /** Cord signs seen. */
  readonly cord: readonly string[]
  readonly saddle: boolean
  /** How many of the cells that a verdict needs were filled, and how many there are. */
  readonly seen: boolean
}

export const SCREEN_OF: Readonly<Record<Limb, string>> = { arm: 'neuro-upper', leg: 'neuro-lower' }

/** Roots a tendon's reflex belongs to, as in the card of the screen. */
const REFLEX_ROOTS: Readonly<Record<string, readonly string[]>> = {
  biceps: ['c5', 'c6'],
  brachioradialis: ['c6'],
  triceps: ['c7'],
  patellar: ['l3', 'l4'],
  hamstring: ['l5'],
  achilles: ['s1'],
}

type Cells = Readonly<Record<string, string>>

/** The cells of a stage: "row.column" to value, the latest answer of the stage. */
export function cellsAt(run: Pick<Run, 'answers'>, stage: string): Cells {
  const found = run.answers.findLast((a) => a.stage === stage)?.answer
  return found?.said === 'grid' ? found.cells : {}
}

/**
 * Read one performance of a neurological screen, against the same screen of the other side where there is one.
 *
 * A reflex is compared: quiet alike on both sides it is none, and quiet on one side while the other was not asked it waits. Lost
 * strength and feeling speak alone. Both sides weak or numb alike are both counted: two sides are more, not less.
 */
export function nervesOf(run: Pick<Run, 'answers'>, side: Side, other: Pick<Run, 'answers'> | undefined): Nerves {
  const across = other?.answers ?? NOTHING_ACROSS
  const known = KNOWN.get(run.answers) ?? new WeakMap<Run['answers'], Nerves>()
  KNOWN.set(run.answers, known)
  const nerves = known.get(across) ?? compared(run, side, other)
  known.set(across, nerves)
  return nerves.side === side ? nerves : { ...nerves, side }
}

/** Answers are never changed in place, and gates, rules and figures all ask the same of them. */
const KNOWN = new WeakMap<Run['answers'], WeakMap<Run['answers'], Nerves>>()
const NOTHING_ACROSS: Run['answers'] = []

function compared(run: Pick<Run, 'answers'>, side: Side, other: Pick<Run, 'answers'> | undefined): Nerves {
  const strength = rowsOf(cellsAt(run, 'strength'), 'strength')
  const reflexes = rowsOf(cellsAt(run, 'reflexes'), 'reflex')
  const theirs = other ? rowsOf(cellsAt(other, 'reflexes'), 'reflex') : {}
  const sensation = cellsAt(run, 'sensation')
  const touch = rowsOf(sensation, 'touch')
  const pin = rowsOf(sensation, 'pin')
  const weak = Object.entries(strength).flatMap(([row, value]) => (Number(value) < 5 ? [{ kind: 'strength' as const, row, value, roots: [row] }] : []))
  const quiet = Object.entries(reflexes).filter(([, value]) => value === '0' || value === '1')
  const lost = quiet.flatMap(([row, value]) => {
    const across = theirs[row]
    return across !== undefined && Number(value) < Number(across) ? [{ kind: 'reflex' as const, row, value, roots: REFLEX_ROOTS[row] ?? [] }] : []
  })
  const numb = [...new Set([...Object.keys(touch), ...Object.keys(pin)])].flatMap((row) => {
    const value = [touch[row], pin[row]].find((v) => v === 'absent') ?? [touch[row], pin[row]].find((v) => v === 'less')
    return value === undefined || row === 'saddle' ? [] : [{ kind: 'sensation' as const, row, value, roots: [row] }]
  })
  return {
    side,
    deficits: [...weak, ...lost, ...numb],
    waiting: quiet.flatMap(([row]) => (theirs[row] === undefined ? [row] : [])),
    brisk: Object.entries(reflexes).flatMap(([row, value]) => (value === '3' || value === '4' ? [row] : [])),
    cord: [
      ...Object.entries(rowsOf(cellsAt(run, 'cord'), 'sign')).flatMap(([row, value]) => (value === 'yes' ? [row] : [])),
      ...(Object.values(reflexes).includes('4') ? ['clonus'] : []),
    ],
    saddle: touch.saddle === 'less' || touch.saddle === 'absent',
    seen: Object.keys(strength).length > 0 && Object.keys(reflexes).length > 0 && Object.keys(touch).length > 0,
  }
}

function rowsOf(cells: Cells, column: string): Readonly<Record<string, string>> {
  return Object.fromEntries(Object.entries(cells).flatMap(([id, value]) => (id.endsWith(`.${column}`) ? [[id.slice(0, -column.length - 1), value]] : [])))
}

/** Roots that lost something, by strength and feeling; a reflex adds one only where none of its roots is among them. */
export function rootsLost({ deficits }: Pick<Nerves, 'deficits'>): readonly string[] {
  // The knee bend of S2 is carried by S1 as well.
  const root = (r: string) => (r === 's2' ? 's1' : r)
  const plain = new Set(deficits.filter((d) => d.kind !== 'reflex').flatMap((d) => d.roots.map(root)))
  for (const d of deficits) if (d.kind === 'reflex' && d.roots.length > 0 && !d.roots.some((r) => plain.has(root(r)))) plain.add(root(d.roots[0] ?? ''))
  return [...plain]
}

/** The screen of the other side that a performance is read against: the latest one. */
export function acrossFrom(run: Pick<Run, 'test' | 'side'>, runs: readonly Run[]): Run | undefined {
  return run.side === 'none' ? undefined : runs.findLast((r) => r.test === run.test && r.side === otherSide(run.side as Side))
}
