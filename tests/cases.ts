import type { Assessment } from '../core/assess'
import { evaluationOf } from '../core/exchange/evaluation'
import type { CaseResult } from '../core/exchange/exam-file/file'
import { readExamFile } from '../core/exchange/exam-file/from'
import { assessCase } from '../core/exchange/exam-file/replay'
import type { Side } from '../core/vocabulary/side'

/** A published case in few words: tests by result, on one side. */
export interface ShortCase {
  readonly age?: number | null
  readonly side?: Side
  readonly pos?: readonly string[]
  readonly neg?: readonly string[]
  /** Results that name another side than the case's own. */
  readonly more?: readonly CaseResult[]
  readonly conditions?: Readonly<Record<string, boolean>>
  readonly priors?: Readonly<Record<string, number>>
  readonly setting?: 'referred' | 'first-contact'
}

/** The assessment of a published case, read as a file is. */
export function assessed({
  age = null,
  side = 'right',
  pos = [],
  neg = [],
  more = [],
  conditions = {},
  priors = {},
  setting = 'referred',
}: ShortCase): Assessment {
  const results = [
    ...pos.map((test): CaseResult => ({ test, side, result: 'positive' })),
    ...neg.map((test): CaseResult => ({ test, side, result: 'negative' })),
    ...more,
  ]
  const read = readExamFile({ format: 'dust-lantern-exam', version: 1, facts: { age }, setting, conditions, priors, results })
  if (!read.ok || read.kind !== 'case') throw new Error(`The case cannot be read: ${JSON.stringify(read)}`)
  return assessCase(read.file)
}

/** What the evaluation command would print of a case. */
export function evaluated(short: ShortCase) {
  return evaluationOf(assessed(short))
}

/** A rule of a case, read for the right unless another side is asked. */
export function rule(short: ShortCase, id: string, side: Side = short.side ?? 'right') {
  const found = assessed(short).rules.find((r) => r.cluster.id === id && r.side === side)
  if (!found) throw new Error(`No rule ${id} on the ${side}.`)
  return found
}

/** A source of a case. */
export function source(short: ShortCase, id: string, side: Side = short.side ?? 'right') {
  return assessed(short).sources.find((s) => s.source === id && s.side === side)
}
