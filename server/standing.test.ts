import { describe, expect, it } from 'vitest'
import { BUTTOCK, signed, sorePelvis } from '../tests/people'
import { assess } from '../core/assess'
import { SHIPPED } from '../core/evidence/knowledge'
import { progressOf } from '../core/planner/progress'
import { standingOf } from './standing'

describe('how far an examination has come', () => {
  it('is what it would be if computed anew, at every length of its record', () => {
    let record = sorePelvis()
    for (const test of ['thigh-thrust', 'gaenslen', 'faber']) {
      record = record.test(test, 'right', [BUTTOCK])
      for (let twice = 0; twice < 2; twice++) expect(standingOf(record.exam, SHIPPED)).toEqual(progressOf(assess(record.exam)))
    }
    expect(standingOf(signed(record).exam, SHIPPED).at).toBe('signed')
  })
})
