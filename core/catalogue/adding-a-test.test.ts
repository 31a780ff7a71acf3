import { describe, expect, it, vi } from 'vitest'
import { assess } from '../assess'
import { NOTHING, own, sorePelvis } from '../../tests/people'
import { PERSON } from '../../tests/outside'
import { TABLES } from '../exchange/csv/tables'
import { toCsv } from '../exchange/csv/to'
import { noteOf } from '../note/note'
import { summaryOf } from '../note/summary'
import { plainText } from '../note/paragraph'
import { routeOf } from '../planner/route'
import { contraindicationOf } from '../safety/safety'
import { CATALOGUE, testById } from '.'
import type { ExamTest } from './exam-test'
import type * as Roll from './roll'

// What a person who adds a test does: one file (here: one object) and one line in the roll.
vi.mock('./roll', async (original) => {
  const roll = await original<typeof Roll>()
  const { on } = await import('./load')
  const added: ExamTest = {
    ...roll.thighThrust,
    id: 'pelvic-rock' as ExamTest['id'],
    name: 'Pelvic rock',
    short: 'rock',
    alsoCalled: [],
    after: 'thigh-thrust',
    loads: [on('pelvis', 'shear', 'light')],
    notWith: [{ when: 'hip-replacement' }],
    careWith: [],
  }
  return { ...roll, pelvicRock: added }
})

const ADDED = 'pelvic-rock' as ExamTest['id']

describe('a test that was added with one file and one line', () => {
  const record = sorePelvis()

  it('is in the catalogue at its place, and planned', () => {
    expect(testById('pelvic-rock')?.name).toBe('Pelvic rock')
    expect(CATALOGUE.findIndex((t) => t.id === ADDED)).toBeGreaterThan(CATALOGUE.findIndex((t) => t.id === 'thigh-thrust'))
    expect(routeOf(assess(record.exam)).flatMap((leg) => leg.steps.map((step) => step.test.id as string))).toContain('pelvic-rock')
  })

  it('is contraindicated by the condition on its card with no further edit, and free while that does not hold', () => {
    expect(contraindicationOf(record.exam, 'pelvic-rock', 'hand-under')).toBeUndefined()
    const replaced = record.then({ type: 'screen-answered', item: 'hip-replaced', answer: 'yes' })
    expect(contraindicationOf(replaced.exam, 'pelvic-rock', 'hand-under')?.gate.id).toBe('hip-replaced')
  })

  it('is contraindicated by what it loads: lightly, so that a fracture leaves it and a halt of everything does not', () => {
    const yes = (item: string) => record.then({ type: 'screen-answered', item, answer: 'yes' }).exam
    expect(contraindicationOf(yes('big-fall'), 'pelvic-rock', 'hand-under')).toBeUndefined()
    expect(contraindicationOf(yes('saddle-numb'), 'pelvic-rock', 'hand-under')?.gate.id).toBe('cauda-equina')
  })

  it('is told to the person, drawn, and written into every table', () => {
    const done = record.test('pelvic-rock', 'right', [own(['right-buttock'], 6)])
    const { movements } = summaryOf(assess(done.exam), { agreed: '', figures: false })
    expect(movements.map((m) => m.says)).toEqual(['Your pain came on when we pressed down along your right thigh.'])
    const source = { person: PERSON, assessment: assess(done.exam), at: done.exam.openedAt }
    for (const table of TABLES.filter(({ name }) => name === 'findings' || name === 'measures')) expect(toCsv(table, [source])).toContain('"Pelvic rock"')
  })

  it('is performed, read and written into the note', () => {
    const done = record.test('pelvic-rock', 'right', [own(['right-buttock'], 6)]).test('pelvic-rock', 'left', [NOTHING])
    expect(plainText(noteOf(assess(done.exam), 'x'))).toMatch('- Pelvic rock, right')
  })
})
