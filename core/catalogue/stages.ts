import type { Choice, GridColumn, GridLine } from '../record/outline'
import type { AngleLimits } from '../vocabulary/degrees'
import type { Pose } from '../vocabulary/pose'
import { ASK, type Stage } from './exam-test'

type More = Partial<Omit<Stage, 'id' | 'kind' | 'label' | 'do' | 'pose'>>

/** A stage that adds something and asks what it brings on. */
export function load(id: string, label: string, doing: string, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'load', label, do: doing, ask: ASK, holdSeconds: 0, pose, ...more }
}

/** A stage that takes one distant part away. */
export function release(id: string, label: string, doing: string, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'release', label, do: doing, ask: 'What happens to it now?', holdSeconds: 0, pose, ...more }
}

/** A stage that puts the part back, asked only when letting it go eased the symptom. */
export function putBack(id: string, label: string, doing: string, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'return', label, do: doing, ask: 'What do you feel now? Where?', holdSeconds: 0, ifEased: true, pose, ...more }
}

/** A stage that takes something off a symptom that is there already. */
export function relief(id: string, label: string, doing: string, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'relief', label, do: doing, ask: 'What happens to it now?', holdSeconds: 0, pose, ...more }
}

/** A stage at which the examiner sees or feels one of a few things. */
export function observe(id: string, label: string, doing: string, choices: Readonly<Record<string, string>>, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'observe', label, do: doing, ask: 'What do you feel? Where?', holdSeconds: 0, choices: choicesOf(choices), pose, ...more }
}

/** A stage that measures, up to three times. */
export function measure(id: string, label: string, doing: string, angle: AngleLimits, pose: Pose, more: More = {}): Stage {
  return { id, kind: 'measure', label, do: doing, ask: 'What stops it? Where do you feel it?', holdSeconds: 0, angle, pose, ...more }
}

/** A stage at which a small table is filled in. */
export function grid(
  id: string,
  label: string,
  doing: string,
  rows: Readonly<Record<string, string>>,
  columns: readonly GridColumn[],
  pose: Pose,
  more: More = {},
): Stage {
  return { id, kind: 'grid', label, do: doing, ask: ASK, holdSeconds: 0, grid: { rows: linesOf(rows), columns }, pose, ...more }
}

/** A table whose rows are pressures held against a cuff, in mmHg. */
export function cuffGrid(
  id: string,
  label: string,
  doing: string,
  pressures: readonly number[],
  columns: readonly GridColumn[],
  pose: Pose,
  more: More = {},
): Stage {
  const rows = pressures.map((mmHg) => ({ id: `p${mmHg}`, words: `${mmHg} mmHg`, mmHg }))
  return { ...grid(id, label, doing, {}, columns, pose, more), grid: { rows, columns } }
}

/** A column of a table. */
export function column(id: string, words: string, values: Readonly<Record<string, string>>, more: Pick<GridColumn, 'usual' | 'not'> = {}): GridColumn {
  return { id, words, values: choicesOf(values), ...more }
}

function choicesOf(choices: Readonly<Record<string, string>>): readonly Choice[] {
  return Object.entries(choices).map(([id, words]) => ({ id, words }))
}

function linesOf(rows: Readonly<Record<string, string>>): readonly GridLine[] {
  return Object.entries(rows).map(([id, words]) => ({ id, words }))
}

/** Muscle strength by the usual scale. A record sorts its keys, so each carries its word. */
export const STRENGTH: readonly Choice[] = ['5', '4', '3', '2', '1', '0'].map((n) => ({ id: n, words: n }))

/** Reflexes: 0 absent, 1 less, 2 usual, 3 brisk, 4 with clonus. */
export const REFLEX: readonly Choice[] = ['2', '1', '0', '3', '4'].map((n) => ({ id: n, words: n === '4' ? '4+' : n }))

/** Touch or pin against the same place on the other side. */
export const SENSATION: readonly Choice[] = [
  { id: 'normal', words: 'normal' },
  { id: 'less', words: 'less' },
  { id: 'absent', words: 'absent' },
  { id: 'more', words: 'more' },
]

/** Seen or not. */
export const SIGN: readonly Choice[] = [
  { id: 'no', words: 'no' },
  { id: 'yes', words: 'yes' },
]

/** Levels of the low back. */
export const LUMBAR_LEVELS = { l1: 'L1', l2: 'L2', l3: 'L3', l4: 'L4', l5: 'L5' } as const

/** Levels of the neck that are felt one by one. */
export const NECK_LEVELS = { 'c2-3': 'C2–C3', 'c3-4': 'C3–C4', 'c4-5': 'C4–C5', 'c5-6': 'C5–C6', 'c6-7': 'C6–C7' } as const
