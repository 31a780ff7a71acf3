import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '.'
import { stagesOf } from '../record/outline'
import { stageAs } from './exam-test'

/** Ways that differ in what counts, or in when the test is done: hands and words stay the same. */
const SAME_HANDS = ['slump any-symptom', 'arm-pulse-inspiration pulse-alone', 'elevated-arm-stress pulse-difference', 'standing-hip-flexion after-painful-lift']

const told = (test: (typeof CATALOGUE)[number], way: string) =>
  JSON.stringify(stagesOf(test, way).map((stage) => ({ ...stageAs(test, way, stage), holds: undefined })))

describe('a way of doing a test', () => {
  const ways = CATALOGUE.flatMap((test) => test.variants.filter((v) => !v.retired).map((way) => [`${test.id} ${way.id}`, test, way] as const))

  it.each(ways.filter(([name, test, way]) => way !== test.variants[0] && !SAME_HANDS.includes(name)))(
    '%s is said or drawn otherwise than the first',
    (_, test, way) => {
      expect(told(test, way.id)).not.toBe(told(test, test.variants[0]?.id ?? ''))
    },
  )

  it('that was replaced is never the first, never asked for by a school, and still a ladder', () => {
    for (const test of CATALOGUE) {
      expect(test.variants[0]?.retired, test.id).toBeUndefined()
      for (const way of test.variants.filter((v) => v.retired)) expect(stagesOf(test, way.id).length, `${test.id} ${way.id}`).toBeGreaterThan(0)
    }
  })

  it('says whatever it changes of a stage that it has', () => {
    for (const [name, test, way] of ways) {
      const ids = stagesOf(test, way.id).map((s) => s.id)
      for (const id of Object.keys(way.changes ?? {})) expect(ids, name).toContain(id)
    }
  })

  it('cradled is said and drawn at every stage of every arm nerve test', () => {
    for (const test of CATALOGUE.filter((t) => t.id.startsWith('ulnt-'))) {
      const way = test.variants.find((v) => v.id.startsWith('cradled'))
      expect(way, test.id).toBeDefined()
      for (const stage of stagesOf(test, way?.id ?? '')) {
        const done = stageAs(test, way?.id ?? '', stage)
        expect(done.do, `${test.id} ${stage.id}`).toMatch(/cradled/)
        expect(done.pose.contacts.length).toBe(stage.pose.contacts.length + 1)
      }
    }
  })
})
