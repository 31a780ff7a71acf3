import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { composedId } from '../core/record/compose'
import { clinicToSpoil, NOW } from '../tests/clinic-to-spoil'
import { erasePerson } from './queries/erase'
import { examHeads, examsOfPerson } from './queries/exams'
import { recordOf } from './queries/ledger'
import { overviewsFound } from './queries/overviews'
import { peopleFound } from './queries/people'
import { mergePeople } from './queries/person-changes'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const { file, byHand } = clinic

describe('a person who is erased', () => {
  const written = (n: number) => ({ id: composedId(NOW, 'erase', n), by: 'wenna', at: NOW })

  it('is gone with everything about them, also under a number that was joined; the chain still verifies', () => {
    const heads = examHeads(clinic.db)
    const [one, two] = ['Imre Talvane', 'Odalys Brightmoor'].map((name) => heads.find((head) => head.person.name === name))
    if (!one || !two) throw new Error('The demo has both.')
    mergePeople(
      clinic.db,
      { id: composedId(NOW, 'merge', 1), by: 'Maren Oake', practitioner: 'maren-oake', at: NOW, why: 'the same person' },
      two.person.id,
      one.person.id,
    )
    const entries = recordOf(clinic.db, one.id).events.length + recordOf(clinic.db, two.id).events.length
    expect(erasePerson(clinic.db, written(1), one.person.id, 'asked for it')).toEqual({ ok: true, erased: { exams: 2, entries, changes: 1 } })
    expect(erasePerson(clinic.db, written(1), one.person.id, 'asked for it')).toMatchObject({ ok: true })
    expect(erasePerson(clinic.db, written(2), one.person.id, 'again')).toMatchObject({ ok: false })
    expect(examsOfPerson(clinic.db, one.person.id)).toEqual([])
    expect(recordOf(clinic.db, one.id).seq).toBe(0)
    expect(peopleFound(clinic.db, 'talvane', 5)).toEqual([])
    expect(overviewsFound(clinic.db, 'bell-founder', 5).map((row) => row.name)).not.toContain('Imre Talvane')
    clinic.db.$client.close()
    const verified = verifyFile(file())
    expect(verified.breaks).toEqual([])
    const bytes = readFileSync(file())
    for (const word of ['Imre Talvane', 'Odalys Brightmoor', 'bell-founder', 'ferry purser', one.id.replaceAll('-', '') + 'x'])
      expect(bytes.includes(word), word).toBe(false)
  })

  it('nobody goes without an erasure on record', () => {
    byHand((c) => {
      expect(() => c.exec(`DELETE FROM people`)).toThrow('never removed')
      expect(() => c.exec(`DELETE FROM exams`)).toThrow('never removed')
    }, true)
  })
})
