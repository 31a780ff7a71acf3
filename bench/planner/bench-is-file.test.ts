import { describe, expect, it } from 'vitest'
import { type Assessment, assess } from '../../core/assess'
import { testById } from '../../core/catalogue'
import { CLUSTERS } from '../../core/clusters'
import { registerNameOf } from '../../core/evidence/lead'
import type { Accuracy } from '../../core/evidence/accuracy'
import { moves, REGISTER } from '../../core/evidence/register'
import { SIGNS } from '../../core/evidence/signs'
import { otherSide, type Side } from '../../core/vocabulary/side'
import type { SourceId } from '../../core/vocabulary/source'
import { assessed } from '../../tests/cases'
import { runThatReads } from './answers'
import { namesOf } from './arm'
import { storyOf } from './people/person'

/** A complaint on the right that each source could make. */
const STORY: Partial<Record<SourceId, Parameters<typeof storyOf>[0]>> = {
  'root-lumbar-low': ['right-calf', 'right-buttock'],
  'root-lumbar-mid': ['right-thigh-front', 'right-low-back'],
  'root-cervical': ['right-forearm-back', 'right-neck-back'],
  outlet: ['right-forearm-front', 'right-little-finger', 'right-upper-arm-front'],
}
const ELSEWHERE = ['right-buttock', 'right-low-back', 'right-groin', 'right-neck-back', 'right-back-of-head', 'right-forearm-back'] as const

const SIDE: Side = 'right'

/** What one row makes of an answer about the right: its ratio, whichever number of the register it has; null where it says nothing. */
function spoken(assessment: Assessment, { of, for: source }: Accuracy): unknown {
  const steps = assessment.sources.find((s) => s.source === source && s.side === SIDE)?.weighed?.joined.flatMap((j) => j.steps) ?? []
  const step = steps.find((s) => s.of === of)
  return step ? { row: step.row.id, lr: step.lr, positive: step.positive } : null
}

describe('what is done on the bench and what a file gives as a result say the same', () => {
  const rows = REGISTER.filter((row) => moves(row) && row.side !== 'left' && (testById(row.of ?? '') !== undefined || SIGNS.some((s) => s.id === row.of)))
  const cases = rows.flatMap((row) =>
    [true, false].map((positive) => [`${row.id} ${row.of ?? ''} ${positive ? 'positive' : 'negative'}`, row, positive] as const),
  )

  it.each(cases)('%s', (_, row, positive) => {
    const of = row.of ?? ''
    const sign = SIGNS.find((s) => s.id === of)
    const test = testById(sign?.test ?? of)
    if (!test) throw new Error(of)
    const side = test.sides === 'none' ? 'none' : test.reading.kind === 'crossed' ? otherSide(SIDE) : SIDE
    const story = storyOf(STORY[row.for ?? 'sij-pain'] ?? ELSEWHERE)
    const told: typeof story = { ...story, symptoms: story.symptoms.map((s) => ({ ...s, qualities: ['aching', 'shooting'], bringsOn: 'with the arm raised' })) }
    const others = Object.fromEntries(namesOf(test).map((id) => [id, false]))
    const wanted = sign ? { ...others, [of]: positive, ...(of === 'patellar-reflex' && { 'low-reflex': positive }) } : { [of]: positive }
    const variant = row.variants?.[0] ?? test.variants[0]?.id ?? ''
    const better = test.reading.kind !== 'nerves' ? null : runThatReads(told, test, otherSide(SIDE), variant, otherSide(SIDE), others)
    const exam = { ...told, runs: better ? [better] : [] }
    const run = runThatReads(exam, test, side, variant, SIDE, wanted)
    if (!run) throw new Error(`${of} cannot be answered ${positive ? 'positive' : 'negative'}`)
    const onBench = spoken(assess({ ...exam, runs: [...exam.runs, run] }), row)
    const result = positive ? 'positive' : 'negative'
    const inFile = spoken(assessed(sign ? { conditions: { [of]: positive } } : { more: [{ test: test.id, side: side === 'none' ? SIDE : side, result }] }), row)
    expect(onBench).toEqual(inFile)
  })

  it('every row of a count is what some rule here says in some state', () => {
    const names = new Set(CLUSTERS.flatMap((cluster) => Array.from({ length: 9 }, (_, positives) => registerNameOf({ cluster, positives }))))
    const counts = REGISTER.filter((row) => moves(row) && row.of !== null && !testById(row.of) && !SIGNS.some((s) => s.id === row.of))
    expect(counts.filter((row) => row.of !== null && !names.has(row.of) && row.id !== 'A14').map((row) => row.id)).toEqual([])
  })
})
