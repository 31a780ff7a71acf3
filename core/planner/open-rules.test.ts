import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, sorePelvis } from '@/tests/people'
import { assess } from '../assess'
import { openRules } from './open-rules'

const five = (record: ReturnType<typeof sorePelvis>) => openRules(assess(record.exam), 'right').find((rule) => rule.id === 'pelvic-five')

describe('a rule that can be done as a whole', () => {
  it('holds its open tests in the order of the positions, without a side where they have none', () => {
    expect(five(sorePelvis())?.tests).toEqual([
      { test: 'sij-distraction', side: 'none' },
      { test: 'faber', side: 'right' },
      { test: 'thigh-thrust', side: 'right' },
      { test: 'gaenslen', side: 'right' },
      { test: 'sij-compression', side: 'right' },
    ])
  })

  it('leaves out what is done, and is none any more once it is decided', () => {
    expect(five(sorePelvis().test('faber', 'right', [BUTTOCK]))?.tests.map((t) => t.test)).not.toContain('faber')
    const broken = (['thigh-thrust', 'gaenslen', 'faber'] as const).reduce((r, test) => r.test(test, 'right', [NOTHING]), sorePelvis())
    expect(five(broken)).toBeUndefined()
  })
})
