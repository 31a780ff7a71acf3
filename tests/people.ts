import { testById } from '../core/catalogue'
import { EDITION } from '../core/edition'
import { signatureOf } from '../core/exchange/freeze'
import { nextStage } from '../core/record/ladder'
import { cellsOf, type StageOutline } from '../core/record/outline'
import type { TestSide } from '../core/vocabulary/side'
import { RULEBOOK } from '../core/safety/rulebook'
import { closing } from '../core/safety/safety'
import type { Answer } from '../core/record/answer'
import { agreedTo, type Composed, compose, composedId } from '../core/record/compose'
import type { Place } from '../core/vocabulary/body-area'

const AT = Date.UTC(2026, 2, 3, 9, 0)

/** A new examination with one complaint in the right buttock, 3 of 10 at rest, shooting or not. */
export function sorePelvis(): Composed {
  return opened()
    .symptom('S1', { words: 'an ache behind on the right', places: ['right-buttock'], qualities: ['aching'], now: 3 })
    .consent()
}

/** A new examination with shooting pain in the left calf. */
export function soreLeg(): Composed {
  return opened()
    .symptom('S1', { words: 'shoots into the calf', places: ['left-calf'], qualities: ['shooting'], now: 3 })
    .consent()
}

/** An examination without a story, consented to and screened with a no to everything: what good practice asks before a test. */
export function opened(): Composed {
  return bare().screened()
}

/** An examination in which nothing was asked yet. */
export function bare(): Composed {
  return compose(
    { examId: composedId(AT, 'exam', 1), personId: composedId(AT, 'person', 2), ageYears: 43, at: AT, by: 'test-author', edition: EDITION },
    RULEBOOK,
  )
}

export const NOTHING: Answer = { said: 'nothing' }
export const STRETCH: Answer = { said: 'stretch', places: [] }

/** S1 came on, at these places and this strong. */
export function own(places: readonly Place[], intensity = 5, onset?: number): Answer {
  return { said: 'familiar', symptom: 'S1', places, intensity, ...(onset !== undefined && { onset }) }
}

/** What a healthy person gives at a stage: nothing, no change, the first choice, a usual figure, usual cells. */
export function quiet(stage: StageOutline): Answer {
  switch (stage.kind) {
    case 'load':
      return NOTHING
    case 'release':
    case 'relief':
      return { said: 'unchanged' }
    case 'return':
      return { said: 'stayed-away' }
    case 'observe':
      return { said: 'observed', choice: stage.choices?.[0]?.id ?? '' }
    case 'measure':
      return { said: 'measured', trials: [stage.angle ? Math.round((stage.angle.usual[0] + 3 * stage.angle.usual[1]) / 4) : 0] }
    case 'grid':
      return {
        said: 'grid',
        cells: Object.fromEntries(
          (stage.grid ? cellsOf(stage.grid) : []).flatMap((c) => (c.column.number ? [] : [[c.id, c.column.usual ?? c.column.values[0]?.id ?? '']])),
        ),
      }
  }
}

/** Perform a test to its end with quiet answers, but for the stages that are answered otherwise. */
export function performed(record: Composed, id: string, side: TestSide, given: Readonly<Record<string, Answer>> = {}, variant?: string): Composed {
  const test = testById(id)
  if (!test) throw new Error(`There is no test called ${id}.`)
  const way = variant ?? test.variants[0]?.id ?? ''
  const run = composedId(AT, `${id} ${side}`, record.events.length)
  const moment = record.exam.treatments.length
  let next = agreedTo(record, test.intimate).then({ type: 'test-started', run, test: id, side, variant: way, ...(moment > 0 && { moment }) })
  for (;;) {
    const now = next.exam.runs.find((r) => r.id === run)
    const stage = now && nextStage(now, test)
    if (!stage) return next
    next = next.then({ type: 'stage-answered', run, stage: stage.id, answer: given[stage.id] ?? quiet(stage) })
  }
}

/** S1 in the right buttock: counts for the right sacroiliac joint. */
export const BUTTOCK: Answer = own(['right-buttock'])

/** Open a gate with a reason, for all that closes it. */
export function gateOpened(record: Composed, gate: string, why: string): Composed {
  return record.then({ type: 'gate-opened', gate, why, causes: closing(record.exam, gate) })
}

/** Sign a record with what it reads as now. */
export function signed(record: Composed): Composed {
  return record.then(signatureOf(record.exam))
}
