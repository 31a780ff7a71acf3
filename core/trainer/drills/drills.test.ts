import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DRILL_IDS, type DrillItem, type Level } from './drill'
import { itemOf, topicsOf } from './items'
import { type Drilled, dueOf, levelOf, nextTopic } from './schedule'
import { eyeError, scoreDrill } from './score'

const DAY = 24 * 3600_000
const T0 = Date.UTC(2026, 0, 5)

/** The answer that is right. */
function rightAnswer(item: DrillItem) {
  switch (item.kind) {
    case 'estimate':
      return { kind: 'estimate', value: item.truth } as const
    case 'choice':
      return { kind: 'choice', choice: item.truth } as const
    case 'order':
      return { kind: 'order', order: item.truth } as const
    case 'press':
      return { kind: 'press', inBand: 1, overshoot: 0, heldSeconds: item.holdSeconds, smoothness: 1 } as const
  }
}

const drilled = (right: boolean, at: number, topic = 'hip', error: number | null = null): Drilled => ({
  drill: 'angle-eye',
  topic,
  at,
  level: 1,
  right,
  share: right ? 1 : 0,
  error,
})

describe('a question of a drill', () => {
  it('is the same for the same seed, can be answered rightly and wrongly, and says why', () => {
    for (const drill of DRILL_IDS) {
      const topics = topicsOf(drill)
      expect([drill, topics.length > 1]).toEqual([drill, true])
      for (const topic of topics.slice(0, 12)) {
        for (const level of [1, 3, 5] as const) {
          const item = itemOf(drill, topic, level, 's1')
          expect(itemOf(drill, topic, level, 's1')).toEqual(item)
          expect([drill, topic, item.ask.length > 5, item.why.length > 3]).toEqual([drill, topic, true, true])
          expect([drill, topic, scoreDrill(item, rightAnswer(item)).right]).toEqual([drill, topic, true])
          if (item.kind === 'choice') {
            expect(item.choices.map((c) => c.id)).toContain(item.truth)
            expect(new Set(item.choices.map((c) => c.id)).size).toBe(item.choices.length)
            for (const { id } of item.choices) expect(scoreDrill(item, { kind: 'choice', choice: id }).right).toBe(id === item.truth)
          }
          if (item.kind === 'order') {
            expect(item.shown.map((s) => s.id).toSorted()).toEqual(item.truth.toSorted())
            expect(item.shown.map((s) => s.id)).not.toEqual(item.truth)
            expect(scoreDrill(item, { kind: 'order', order: item.truth.toReversed() })).toMatchObject({ right: false, share: 0 })
          }
          if (item.kind === 'estimate') {
            expect(item.truth).toBeGreaterThanOrEqual(item.min)
            expect(scoreDrill(item, { kind: 'estimate', value: item.truth + item.within + 1 })).toMatchObject({ right: false, error: item.within + 1 })
          }
          if (item.kind === 'press') expect(scoreDrill(item, { kind: 'press', inBand: 0.2, overshoot: 30, heldSeconds: 1, smoothness: 1 }).right).toBe(false)
        }
      }
    }
  })

  it('gives both results and every state among its truths', () => {
    const truths = (drill: 'true-positive' | 'cluster-count' | 'red-flags' | 'side-sense', topics: readonly string[]) =>
      new Set(
        topics.flatMap((topic) =>
          [1, 2, 3, 4, 5, 6].map((n) => {
            const item = itemOf(drill, topic, 3, `${n}`)
            return item.kind === 'choice' ? item.truth : ''
          }),
        ),
      )
    expect(truths('true-positive', topicsOf('true-positive'))).toEqual(new Set(['positive', 'negative']))
    expect(truths('cluster-count', topicsOf('cluster-count'))).toEqual(new Set(['met', 'out-of-reach', 'open']))
    expect(truths('red-flags', topicsOf('red-flags')).has('go-on')).toBe(true)
    expect(truths('red-flags', topicsOf('red-flags')).has('emergency')).toBe(true)
    expect(truths('side-sense', topicsOf('side-sense'))).toEqual(new Set(['left', 'right']))
  })

  it('counts a rule as anybody would who reads what stands there', () => {
    let read = 0
    for (const topic of topicsOf('cluster-count')) {
      for (const n of Array.from({ length: 12 }, (_, i) => i)) {
        const item = itemOf('cluster-count', topic, ((n % 5) + 1) as Level, `c${n}`)
        if (item.kind !== 'choice') continue
        const [, k, of, counts = ''] = /at least (\d+) of (\d+) answered (yes|no)/.exec(item.ask) ?? []
        expect(item.lines).toHaveLength(Number(of))
        read++
        const ending = (word: string) => item.lines.filter((line) => line.endsWith(`: ${word}`)).length
        const [so, open] = [ending(counts), ending('not done')]
        expect([topic, item.truth]).toEqual([topic, so >= Number(k) ? 'met' : so + open < Number(k) ? 'out-of-reach' : 'open'])
      }
    }
    expect(read).toBeGreaterThan(100)
  })

  it('reckons what a negative result leaves, and both from sensitivity and specificity where no counts are given', () => {
    fc.assert(
      fc.property(fc.constantFrom('positive', 'negative'), fc.nat(5000), (topic, n) => {
        const item = itemOf('figure-meaning', topic, 5, `${n}`)
        if (item.kind !== 'estimate') throw new Error('A figure is estimated.')
        const [, people = 0, have = 0, sens = 0, spec = 0] =
          /Of (\d+) people (\d+) have it. Sensitivity (\d+) %, specificity (\d+) %/.exec(item.lines[0] ?? '')?.map(Number) ?? []
        const p = have / people
        const [hit, alarm] = [(p * sens) / 100, (1 - p) * (1 - spec / 100)]
        const chance = topic === 'positive' ? hit / (hit + alarm) : (p - hit) / (1 - hit - alarm)
        expect(Math.abs(item.truth - 100 * chance)).toBeLessThanOrEqual(1)
      }),
    )
  })

  it('counts what a figure means out of people, and not by its specificity', () => {
    const item = itemOf('figure-meaning', 'positive', 1, 'x')
    const given = item.kind === 'estimate' ? (item.lines[0] ?? '') : ''
    const [, have = 0, hits = 0, well = 0, false_ = 0] =
      /people (\d+) have it; (\d+) of them test positive. Of the (\d+) who do not have it, (\d+) test/.exec(given)?.map(Number) ?? []
    expect(have + well).toBe(1000)
    expect(item.kind === 'estimate' && item.truth).toBe(Math.round((100 * hits) / (hits + false_)))
  })
})

describe('what comes again', () => {
  it('comes later after each right answer, and soon after a wrong one', () => {
    const first = dueOf([drilled(true, T0)])[0]?.at ?? 0
    const second = dueOf([drilled(true, T0), drilled(true, T0 + 3 * DAY)])[0]?.at ?? 0
    const missed = dueOf([drilled(true, T0), drilled(true, T0 + 3 * DAY), drilled(false, T0 + 12 * DAY)])[0]?.at ?? 0
    expect(second - (T0 + 3 * DAY)).toBeGreaterThan(first - T0)
    expect(missed - (T0 + 12 * DAY)).toBeLessThan(DAY)
  })

  it('does not hang on the order in which answers arrive', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 60 })), { minLength: 1, maxLength: 20 }), (list) => {
        const answers = [...new Map(list.map(([right, day]) => [day, drilled(right, T0 + day * DAY)])).values()]
        expect(dueOf(answers.toReversed())).toEqual(dueOf(answers))
      }),
    )
  })

  it('asks what is overdue first, then what was never asked, then what is due soonest', () => {
    const topics = ['hip', 'knee', 'elbow']
    const one = (fresh: readonly string[]) => fresh[0]
    const soon = [drilled(false, T0, 'hip')]
    expect(nextTopic('angle-eye', topics, soon, T0 + DAY, one)).toBe('hip')
    expect(nextTopic('angle-eye', topics, [drilled(true, T0, 'hip'), drilled(true, T0, 'hip')], T0 + 1000, one)).toBe('knee')
    const all = topics.map((topic, i) => drilled(true, T0 + i * DAY, topic))
    expect(nextTopic('angle-eye', topics, all, T0 + 2 * DAY + 1, one)).toMatch(/hip|knee|elbow/)
  })

  it('is harder after two right in a row, easier after one wrong, and never beyond its ends', () => {
    const run = (rights: readonly boolean[]) => levelOf(rights.map((right, i) => ({ right, at: i })))
    expect([run([]), run([true, true]), run([true, true, true, true]), run([true, true, false]), run([false, false])]).toEqual([
      1, 2, 3, 1, 1,
    ] satisfies Level[])
    fc.assert(fc.property(fc.array(fc.boolean(), { maxLength: 60 }), (rights) => run(rights) >= 1 && run(rights) <= 5))
  })

  it('tells bias and personal error of the eye from three estimates on', () => {
    expect(eyeError([drilled(true, 1, 'hip', 4), drilled(true, 2, 'hip', 6)])).toBeNull()
    expect(eyeError([4, 6, 8].map((e, i) => drilled(true, i, 'hip', e)))).toEqual({ n: 3, bias: 6, sem: 2 })
  })
})
