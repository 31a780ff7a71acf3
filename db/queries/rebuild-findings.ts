import { sql } from 'drizzle-orm'
import type { Db } from '../open'
import { auditFacts, episodes, findings, overviews, performances, signChanges } from '../schema'
import { clinicKnowledge } from './clinic'
import { behind, catchUp } from './overviews'

/** Rebuild every projection from the events; needed only when the way they are read has changed. */
export function rebuildFindings(db: Db): number {
  db.transaction((tx) => {
    for (const table of [findings, performances, signChanges, auditFacts, episodes]) tx.delete(table).run()
    tx.run(sql`DELETE FROM search`)
    tx.update(overviews).set({ covers: -1 }).run()
  })
  return catchUpAll(db)
}

/** Bring every list up to date. */
export function catchUpAll(db: Db): number {
  const clinic = clinicKnowledge(db)
  let done = 0
  for (;;) {
    const ids = behind(db, 200)
    if (ids.length === 0) return done
    for (const id of ids) if (catchUp(db, id, clinic)) done++
  }
}
