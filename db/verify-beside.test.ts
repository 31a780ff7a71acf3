import Database from 'better-sqlite3'
import { describe, expect, it } from 'vitest'
import { clinicToSpoil, NOW } from '../tests/clinic-to-spoil'
import { writeTrail } from './queries/trail'
import { verifyOpen } from './verify'

const clinic = clinicToSpoil()

describe('a look at the chain while the clinic works', () => {
  it('holds what it sees of one moment: a row that is written meanwhile is no break', () => {
    const looking = new Database(clinic.file(), { readonly: true })
    const prepare = looking.prepare.bind(looking)
    let written = 0
    // Between the links and the rows, as a running server does it.
    looking.prepare = (sql: string) => {
      if (sql.includes(`l.kind = 'trail'`) && written < 3) {
        written++
        writeTrail(clinic.db, { at: NOW, who: 'maren-oake', what: 'opened', address: '127.0.0.1' })
      }
      return prepare(sql)
    }
    expect(verifyOpen(looking, {}).breaks).toEqual([])
    expect(written).toBeGreaterThan(0)
    expect(looking.inTransaction).toBe(false)
    looking.close()
  })
})
