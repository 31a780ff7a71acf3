import { sql } from 'drizzle-orm'
import { LISTS_VERSION } from '../levels'
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
  db.$client.pragma(`user_version = ${LISTS_VERSION}`)
  return catchUpAll(db)
}

/** Lists that a program before this one made in another way are made again, a little at a time; until then they stand as they were. */
export function renewLists(db: Db): boolean {
  if (db.$client.pragma('user_version', { simple: true }) === LISTS_VERSION) return false
  db.update(overviews).set({ covers: -1 }).run()
  db.$client.pragma(`user_version = ${LISTS_VERSION}`)
  return true
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
