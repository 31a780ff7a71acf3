import { describe, expect, it } from 'vitest'
import { assess } from '../assess'
import { bare, NOTHING, opened, signed, soreLeg, sorePelvis } from '@/tests/people'
import { noteOf } from './note'
import { openPoints } from './open-points'
import { plainText } from './paragraph'

describe('what is open before a signature', () => {
  it('names the story, the safety questions and a test that was begun, and nothing where all is done', () => {
    expect(openPoints(bare().exam)).toEqual(['No symptom is described in the story.', expect.stringMatching(/^\d+ safety questions not asked\.$/)])
    expect(openPoints(sorePelvis().test('thigh-thrust', 'right', [NOTHING]).exam)).toEqual([])
    const begun = soreLeg().test('slump', 'left', [NOTHING, NOTHING])
    expect(openPoints(begun.exam)).toEqual([expect.stringMatching(/^Slump test, left: begun, 2 stages answered, next would be “.+”\.$/)])
  })

  it('an unfinished test stands in the note, also once it is signed', () => {
    const begun = soreLeg().test('slump', 'left', [NOTHING, NOTHING])
    for (const record of [begun, signed(begun)])
      expect(plainText(noteOf(assess(record.exam), 'x'))).toMatch('Not finished: Slump test, left: begun, 2 stages answered')
    expect(plainText(noteOf(assess(opened().exam), 'x'))).not.toMatch('Not finished')
  })
})
