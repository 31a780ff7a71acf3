import { describe, expect, it } from 'vitest'
import { BUTTOCK, signed, sorePelvis } from '@/tests/people'
import { assess } from '../assess'
import { progressOf } from '../planner/progress'
import { withLateSafety } from '../record/exam'
import { haltsOf } from '../safety/safety'
import { letterBody, urgencyOf } from './letter'
import { noteOf } from './note'
import { plainText } from './paragraph'
import { arranged } from './template'
import { versionWords } from './version'

const before = signed(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]))
const late = before.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })

describe('what is told about safety after signing', () => {
  it('joins the record and changes nothing that was signed', () => {
    expect(late.exam.late.map((event) => event.type)).toEqual(['screen-answered'])
    expect({ ...late.exam, late: [], counted: 0, length: 0 }).toEqual({ ...before.exam, counted: 0, length: 0 })
    const [was, is] = [before, late].map((one) => noteOf(assess(one.exam), 'Somebody.'))
    expect(is?.filter((section) => section.id !== 'late')).toEqual(was)
    for (const content of [{ type: 'warning-seen', sign: 'faint' }, { type: 'consent-withdrawn' }, { type: 'symptom-rated', symptom: 'S1', now: 9 }] as const) {
      expect(before.then(content).exam.late).toHaveLength(1)
    }
  })

  it('raises its halt first in the note in every layout, in the lists and in the letter', () => {
    expect(haltsOf(before.exam)).toEqual([])
    expect(haltsOf(late.exam).length).toBeGreaterThan(0)
    const sections = noteOf(assess(late.exam), 'Somebody.')
    expect(sections[1]).toMatchObject({ id: 'late', heading: 'Added after signing' })
    expect(plainText(sections)).toMatch(/ADDED AFTER SIGNING[^]*Emergency[^]*saddle[^]*Added \d{4}-/)
    for (const template of ['full', 'short', 'soap'] as const) expect(JSON.stringify(arranged(sections, template).slice(0, 1))).toMatch('Added after signing')
    expect(progressOf(assess(late.exam))).toMatchObject({ at: 'halted', goOn: 'note', words: expect.stringMatching(/^signed; halted since/) as string })
    expect(urgencyOf(assess(late.exam))).toBe('emergency')
    expect(letterBody(assess(late.exam), { when: () => 'now' })).toMatch(/saddle/)
    expect(versionWords(late.exam)).toMatch(/^Version 2: .*with 1 safety entry after signing/)
  })

  it('is read for gates alone: the examination itself stays as it was signed', () => {
    expect(withLateSafety(before.exam)).toBe(before.exam)
    expect(withLateSafety(late.exam).screen['saddle-numb']).toBe('yes')
    expect(late.exam.screen).toEqual(before.exam.screen)
  })
})

describe('a signature that came with a file', () => {
  it('is told as what the file says, and has no check code of this clinic', () => {
    const assessment = assess(before.exam)
    const own = plainText(noteOf(assessment, 'Somebody.', { code: '7K3M-Q0ZV-AAAA-BBBB-CCCC', claimed: false }))
    const claimed = plainText(noteOf(assessment, 'Somebody.', { code: null, claimed: true }))
    expect(own).toMatch('7K3M-Q0ZV-AAAA-BBBB-CCCC')
    expect(own).toMatch(/^Signed \d{4}-/m)
    expect(claimed).not.toMatch(/^Signed /m)
    expect(claimed).toMatch(/The file this came in says that it was signed .* Nobody of this clinic signed it\./)
  })
})
