import { describe, expect, it } from 'vitest'
import { NOTHING, own, soreLeg } from '../../tests/people'
import { testById } from '../catalogue'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { assess } from '../assess'
import type { Answer } from '../record/answer'
import { type Composed } from '../record/compose'
import type { EventContent } from '../record/event'
import { closing } from './safety'
import { LIGAMENTS, starting, somebody } from '../../tests/safety-text'
import { yes, refused } from '../../tests/admitted'

describe('a gate that closed is remembered', () => {
  const causes = (record: Composed, gate: string) => closing(record.exam, gate)
  const open = (record: Composed, gate: string, why = 'asked again: it was the old scar'): EventContent => ({
    type: 'gate-opened',
    gate,
    why,
    causes: causes(record, gate),
  })

  it('an answer that is changed or taken back lifts nothing without words, and both stay in the note', () => {
    const halted = yes(soreLeg(), 'saddle-numb')
    const changed = halted.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'no' })
    const undone = halted.then({ type: 'undone', target: halted.events.at(-1)?.id ?? '' })
    for (const record of [changed, undone]) {
      expect(starting(record, 'leg-raise')?.do).toMatch('Emergency')
      expect(refused(record, open(record, 'cauda-equina', '  . ')), 'blanks').not.toBeNull()
      const lifted = record.then(open(record, 'cauda-equina'))
      expect(starting(lifted, 'leg-raise')).toBeNull()
      const note = plainText(noteOf(assess(lifted.exam), 'x'))
      expect(note).toMatch('Possible cauda equina syndrome')
      expect(note).toMatch('it was the old scar')
    }
  })

  it('is opened only while closed, for what closed it; a new cause closes it again', () => {
    expect(refused(soreLeg(), { type: 'gate-opened', gate: 'cauda-equina', why: 'just in case', causes: [] })?.what).toMatch('not closed')
    const halted = yes(soreLeg(), 'saddle-numb')
    expect(refused(halted, { type: 'gate-opened', gate: 'cauda-equina', why: 'known and old', causes: ['bladder'] })?.what).toMatch('Something else')
    const opened = halted.then(open(halted, 'cauda-equina'))
    expect(starting(opened, 'leg-raise')).toBeNull()
    expect(starting(yes(opened, 'bladder'), 'leg-raise')?.do).toMatch('Emergency')
  })

  it('another school or another age lifts nothing that had closed, and closes nothing that never held together', () => {
    const choose = (id: string): EventContent => ({ type: 'schools-chosen', schools: { 'ligaments-who': id }, setting: 'referred' })
    const referred = yes(somebody().then(choose('history-only')), 'inflammatory-joint')
    for (const test of LIGAMENTS) expect(starting(referred.then(choose('history')), test)?.do, test).toMatch('Refer')
    // The school was changed before anything was told: its halt never closed.
    for (const test of LIGAMENTS)
      expect(starting(yes(somebody().then(choose('history-only')).then(choose('history')), 'inflammatory-joint'), test), test).toBeNull()
    const aged = yes(somebody().then({ type: 'age-corrected', ageYears: 70, why: 'wrong year' }), 'neck-accident')
    const younger = aged.then({ type: 'age-corrected', ageYears: 40, why: 'it was right' })
    expect(starting(younger, 'neck-side-bend')?.do).toMatch('imaging rule')
    const undone = aged.then({ type: 'undone', target: aged.events.find((e) => e.type === 'age-corrected')?.id ?? '' })
    expect(starting(undone, 'neck-side-bend')?.do).toMatch('imaging rule')
  })

  it('a result or a warning that was taken back is remembered as well', () => {
    const spread = soreLeg().test('leg-raise', 'left', [own(['left-calf', 'right-calf'], 6, 40)])
    const back = spread.then({ type: 'undone', target: spread.events.at(-1)?.id ?? '' })
    expect(starting(back, 'slump')?.what).toMatch('both legs')
    const faint = soreLeg().then({ type: 'warning-seen', sign: 'faint' })
    expect(starting(faint.then({ type: 'undone', target: faint.events.at(-1)?.id ?? '' }), 'slump')).not.toBeNull()
  })
})

describe('what a stage does to the body decides what a closed gate still allows', () => {
  const answer = (record: Composed, stage: string, given: Answer) =>
    refused(record, { type: 'stage-answered', run: record.exam.runs.at(-1)?.id ?? '', stage, answer: given })

  it.each([
    ['a further load', 'slump', [NOTHING], 'slump', NOTHING],
    ['putting back', 'leg-raise-ankle', [{ said: 'eased' }], 'bend-up', { said: 'returned' }],
    ['a glide', 'upper-neck-shear', [{ said: 'observed', choice: 'quiet' }], 'glide', { said: 'observed', choice: 'still' }],
  ] as const)('%s is refused', (_, test, before, stage, given) => {
    const parent = test === 'leg-raise-ankle' ? soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]) : soreLeg()
    const record = yes(parent.test(test, testById(test)?.sides === 'none' ? 'none' : 'left', [...before] as Answer[]), 'saddle-numb')
    expect(answer(record, stage, given)?.do).toMatch('Stop the test')
    expect(refused(record, { type: 'test-stopped', run: record.exam.runs.at(-1)?.id ?? '', why: 'halted' })).toBeNull()
  })

  it('letting go is always allowed, and the answer of a load that a warning interrupted is kept', () => {
    const up = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
      .test('leg-raise-ankle', 'left', [])
    expect(answer(yes(up, 'saddle-numb'), 'let-go', { said: 'eased' })).toBeNull()
    const warned = soreLeg().test('slump', 'left', [NOTHING]).then({ type: 'warning-seen', sign: 'dizzy-now' })
    expect(answer(warned, 'slump', own(['left-calf'], 6))).toBeNull()
    expect(answer(warned.then({ type: 'stage-answered', run: warned.exam.runs[0]?.id ?? '', stage: 'slump', answer: NOTHING }), 'chin', NOTHING)?.do).toMatch(
      'Stop the test',
    )
  })
})
