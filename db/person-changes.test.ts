import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { eq } from 'drizzle-orm'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { SHIPPED } from '../core/evidence/knowledge'
import { composedId } from '../core/record/compose'
import { fillDemoClinic } from './demo/clinic'
import { type Db, openDb } from './open'
import { appendEvents, eventsOfExam } from './queries/exam-events'
import { examHead, examHeads, type ExamHead } from './queries/exams'
import { recordOf } from './queries/ledger'
import { behind, catchUp, overviewsFound } from './queries/overviews'
import { peopleFound, peopleLike } from './queries/people'
import { correctPerson, mergePeople, moveExam, type PutRight } from './queries/person-changes'
import { people, personChanges } from './schema'
import { verifyOpen } from './verify'

const NOW = Date.UTC(2026, 10, 26, 12)
let folder: string
let db: Db
/** Filled and read once; each test works on a copy. */
const model = path.join(mkdtempSync(path.join(tmpdir(), 'dust-lantern-people-model-')), 'clinic.sqlite')
beforeAll(() => {
  const filled = openDb(model)
  fillDemoClinic(filled, new Date(NOW))
  for (const examId of behind(filled, 100)) catchUp(filled, examId, SHIPPED)
  filled.$client.close()
})
afterAll(() => rmSync(path.dirname(model), { recursive: true }))
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-people-'))
  copyFileSync(model, path.join(folder, 'clinic.sqlite'))
  db = openDb(path.join(folder, 'clinic.sqlite'))
})
afterEach(() => {
  db.$client.close()
  rmSync(folder, { recursive: true })
})

const act = (n: number, why = 'the wrong line was taken') => ({ id: composedId(NOW, 'change', n), by: 'Maren Oake', practitioner: 'maren-oake', at: NOW, why })

function of(name: string): ExamHead {
  const head = examHeads(db).find((one) => one.person.name === name)
  if (!head) throw new Error(`${name} is not in the demo clinic.`)
  return head
}
const exam = (examId: string) => {
  const { exam: found } = recordOf(db, examId)
  if (!found) throw new Error('The examination has a record.')
  return found
}
/** What was wrong; null when it was put right. */
const issue = (came: PutRight) => (came.ok ? null : came.problem)
const found = (text: string) => overviewsFound(db, text, 20).map((row) => row.examId)
const years = (head: ExamHead) => exam(head.id).ageYears

describe('an examination that belongs to somebody else', () => {
  it('is filed under them: header, search and age follow, the record says so, and the opening stays as it was', () => {
    const [imre, odalys] = [of('Imre Talvane'), of('Odalys Brightmoor')]
    const age = years(odalys)
    expect(years(imre)).not.toBe(age)
    expect(issue(moveExam(db, act(1), imre.id, { id: odalys.person.id }))).toBeNull()
    expect(examHead(db, imre.id)?.person.name).toBe('Odalys Brightmoor')
    expect(found('Odalys')).toContain(imre.id)
    expect(found('Talvane')).not.toContain(imre.id)
    expect(exam(imre.id).personId).toBe(imre.person.id)
    expect(years(imre)).toBe(age)
    expect(exam(imre.id).corrections.map((c) => c.what)).toEqual([
      expect.stringContaining(`opened under number ${imre.person.number}, filed under number ${odalys.person.number} since: the wrong line was taken`),
      expect.stringContaining(`to ${age}`),
    ])
    expect(verifyOpen(db.$client, {}).breaks).toEqual([])
    // What a window still holds of the opening may arrive again, and work goes on under the new name.
    expect(appendEvents(db, imre.id, eventsOfExam(db, imre.id).slice(0, 3)).ok).toBe(true)
  })

  it('sent twice it is moved once; it can be moved back, and both moves stay on record', () => {
    const [imre, odalys] = [of('Imre Talvane'), of('Odalys Brightmoor')]
    const age = years(imre)
    moveExam(db, act(1), imre.id, { id: odalys.person.id })
    const length = eventsOfExam(db, imre.id).length
    expect(issue(moveExam(db, act(1), imre.id, { id: odalys.person.id }))).toBeNull()
    expect(eventsOfExam(db, imre.id)).toHaveLength(length)
    expect(issue(moveExam(db, act(2), imre.id, { id: imre.person.id }))).toBeNull()
    expect(examHead(db, imre.id)?.person.id).toBe(imre.person.id)
    expect(years(imre)).toBe(age)
    expect(db.select().from(personChanges).all()).toHaveLength(2)
  })

  it('something else under the number of a change that was made is refused, and never taken for done', () => {
    const [imre, odalys, teodor] = [of('Imre Talvane'), of('Odalys Brightmoor'), of('Teodor Quill')]
    const { name, work } = imre.person
    expect(issue(correctPerson(db, act(1), imre.person.id, { name, born: '1983-04-12', work }))).toBeNull()
    expect(issue(correctPerson(db, act(1), imre.person.id, { work, born: '1983-04-12', name }))).toBeNull()
    expect(issue(correctPerson(db, act(1), imre.person.id, { name: 'Imre Oake', born: '1983-04-12', work }))?.what).toMatch(/^Something else/)
    expect(issue(moveExam(db, act(1), imre.id, { id: odalys.person.id }))?.what).toMatch(/^Something else/)
    expect(issue(mergePeople(db, act(1), imre.person.id, teodor.person.id))?.what).toMatch(/^Something else/)
    expect(examHead(db, imre.id)?.person).toMatchObject({ id: imre.person.id, name, born: '1983-04-12' })
    expect(db.select().from(personChanges).all()).toHaveLength(1)
  })

  it('may be somebody who is not here yet', () => {
    const imre = of('Imre Talvane')
    const id = composedId(NOW, 'new person', 1)
    const last = Math.max(...examHeads(db).map((head) => head.person.number))
    expect(issue(moveExam(db, act(1), imre.id, { id, details: { name: 'Wenna Saltmarsh', born: '1970-05-05', work: 'salt raker' } }))).toBeNull()
    expect(examHead(db, imre.id)?.person).toEqual({ id, number: last + 1, name: 'Wenna Saltmarsh', born: '1970-05-05', work: 'salt raker' })
    expect(years(imre)).toBe(56)
  })

  it('once signed, keeps every word of it and gets an addendum', () => {
    const signed = examHeads(db).find((head) => exam(head.id).signed)
    const [odalys] = [of('Odalys Brightmoor')]
    if (!signed) throw new Error('The demo clinic has a signed examination.')
    const before = eventsOfExam(db, signed.id)
    const age = years(signed)
    expect(issue(moveExam(db, act(1), signed.id, { id: odalys.person.id }))).toBeNull()
    expect(eventsOfExam(db, signed.id).slice(0, before.length)).toEqual(before)
    expect(exam(signed.id).addenda.at(-1)?.text).toContain(`filed under number ${odalys.person.number}`)
    expect(years(signed)).toBe(age)
  })

  it('is refused where there is nobody, or where it is already; then nothing is written', () => {
    const imre = of('Imre Talvane')
    expect(issue(moveExam(db, act(1), imre.id, { id: composedId(NOW, 'nobody', 1) }))?.what).toContain('nobody')
    expect(issue(moveExam(db, act(2), imre.id, { id: imre.person.id }))?.what).toContain('already')
    expect(issue(moveExam(db, act(3), composedId(NOW, 'no exam', 1), { id: imre.person.id }))?.what).toContain('no examination')
    expect(db.select().from(personChanges).all()).toEqual([])
    expect(examHead(db, imre.id)?.person.id).toBe(imre.person.id)
  })

  it('is not moved while its record cannot be read, and then nothing at all is changed', () => {
    const [imre, odalys] = [of('Imre Talvane'), of('Odalys Brightmoor')]
    db.$client.exec('DROP TRIGGER exam_events_never_change')
    db.$client.prepare("UPDATE exam_events SET event = 'broken' WHERE exam_id = ? AND seq = 4").run(imre.id)
    const other = openDb(path.join(folder, 'clinic.sqlite'))
    expect(issue(moveExam(other, act(1), imre.id, { id: odalys.person.id }))?.what).toContain('cannot be read')
    expect(examHead(other, imre.id)?.person.id).toBe(imre.person.id)
    other.$client.close()
  })
})

describe('one person under two numbers', () => {
  it('becomes one: every examination is under one number, and what only one entry knew is kept', () => {
    const [imre, odalys] = [of('Imre Talvane'), of('Odalys Brightmoor')]
    db.update(people).set({ born: null, work: '' }).where(eq(people.id, odalys.person.id)).run()
    const before = examHeads(db).filter((head) => [imre.person.id, odalys.person.id].includes(head.person.id)).length
    expect(issue(mergePeople(db, act(1, 'entered twice'), imre.person.id, odalys.person.id))).toBeNull()
    const theirs = examHeads(db).filter((head) => head.person.id === odalys.person.id)
    expect(theirs).toHaveLength(before)
    expect(theirs[0]?.person).toMatchObject({ name: 'Odalys Brightmoor', born: imre.person.born, work: imre.person.work })
    expect(found('Talvane')).toEqual([])
    // Their date of birth is known now, so every open examination has the age it gives.
    expect(years(odalys)).toBe(years(imre))
    expect(peopleFound(db, 'Talvane', 5)).toMatchObject([{ number: imre.person.number, exams: 0, latest: null }])
    expect(issue(mergePeople(db, act(2), odalys.person.id, odalys.person.id))?.what).toContain('one entry already')
  })
})

describe('what is known of a person', () => {
  it('is corrected; ages follow the date of birth and say why', () => {
    const imre = of('Imre Talvane')
    const born = '1950-01-01'
    expect(issue(correctPerson(db, act(1, 'two figures changed about'), imre.person.id, { name: 'Imre Talvane-Oake', born, work: 'bell-founder' }))).toBeNull()
    expect(examHead(db, imre.id)?.person).toMatchObject({ name: 'Imre Talvane-Oake', born })
    expect(found('Oake')).toContain(imre.id)
    expect(years(imre)).toBe(76)
    expect(exam(imre.id).corrections.at(-1)?.what).toContain('two figures changed about')
  })

  it('a new name corrects no age, also where the record had another than the date of birth gives', () => {
    const imre = of('Imre Talvane')
    db.update(people).set({ born: '1950-01-01' }).where(eq(people.id, imre.person.id)).run()
    const [age, length] = [years(imre), eventsOfExam(db, imre.id).length]
    expect(issue(correctPerson(db, act(1, 'married'), imre.person.id, { name: 'Imre Oake', born: '1950-01-01', work: '' }))).toBeNull()
    expect([years(imre), eventsOfExam(db, imre.id).length]).toEqual([age, length])
    expect(found('Oake')).toContain(imre.id)
  })

  it('a date of birth that is taken out again changes no age', () => {
    const imre = of('Imre Talvane')
    const [age, length] = [years(imre), eventsOfExam(db, imre.id).length]
    correctPerson(db, act(1), imre.person.id, { name: imre.person.name, born: null, work: '' })
    expect(years(imre)).toBe(age)
    expect(eventsOfExam(db, imre.id)).toHaveLength(length)
  })

  it('and what was put right is never changed or removed', () => {
    correctPerson(db, act(1), of('Imre Talvane').person.id, { name: 'X', born: null, work: '' })
    expect(() => db.$client.exec("UPDATE person_changes SET why = ''")).toThrow('never changed')
    expect(() => db.$client.exec('DELETE FROM person_changes')).toThrow('never removed')
  })
})

describe('people who are here already', () => {
  it('are offered by likeness, the likeliest first, whatever the accents', () => {
    const { person } = of('Imre Talvane')
    correctPerson(db, act(1), of('Odalys Brightmoor').person.id, { name: 'Ïmre Tälvane', born: '1990-01-01', work: '' })
    const like = peopleLike(db, { name: 'imre talvane', born: person.born }, 5)
    expect(like.map(({ name, why }) => [name, why])).toEqual([
      ['Imre Talvane', 'same name, same date of birth'],
      ['Ïmre Tälvane', 'same name, another date of birth'],
    ])
    expect(peopleLike(db, { name: '', born: person.born }, 5)).toEqual([])
    expect(peopleLike(db, { name: 'Nobody Thus', born: null }, 5)).toEqual([])
  })

  it('are found by name and by number, also without accents, and in no other way', () => {
    const { person, id } = of('Imre Talvane')
    correctPerson(db, act(1), person.id, { name: 'Émre Talvane', born: person.born, work: person.work })
    expect(peopleFound(db, 'emre', 5)).toMatchObject([{ id: person.id, exams: 1, latest: id }])
    expect(peopleFound(db, `${person.number}`, 5).map((p) => p.id)).toEqual([person.id])
    expect(peopleFound(db, 'bell-founder', 5)).toEqual([])
    expect(peopleFound(db, '" OR *', 5)).toEqual([])
  })
})
