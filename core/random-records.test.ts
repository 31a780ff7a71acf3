import { describe, expect, it } from 'vitest'
import { randomExam } from '../tests/random-exam'
import { unsound } from '../tests/sound'

/** A few here; the bench reads some thousands of them (`bench/random-records.ts`). */
const RECORDS = 80

describe('whatever the record takes', () => {
  it('is assessed, planned and written without an exception, an undefined or a NaN, every figure within 0 and 1, nothing unseen called negative', () => {
    for (let n = 0; n < RECORDS; n++) expect(unsound(randomExam(`whatever ${n}`, 40).exam), `whatever ${n}`).toEqual([])
  })
})
