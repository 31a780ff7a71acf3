// Brings the database up to date and fills the demo clinic when it is empty. With --reset the old data is
// moved aside first, never deleted.
import { mkdirSync } from 'node:fs'
import path from 'node:path'
import { fillDemoClinic } from '../db/demo/clinic'
import { fillGenerated } from '../db/demo/generated'
import { isInUse } from '../db/lock'
import { dataFile, openDb } from '../db/open'
import { allAccounts } from '../db/queries/accounts'
import { examHeads } from '../db/queries/exams'
import { catchUpAll } from '../db/queries/rebuild-findings'
import { moveAside } from '../db/restore'

/** Closed examinations that chance makes beside the twelve and more of the demo. */
const GENERATED = 64

const file = dataFile()
mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 })
if (process.argv.includes('--reset')) {
  if (isInUse(path.dirname(file))) {
    console.error('Dust Lantern runs on this folder. Stop it first; nothing was changed.')
    process.exit(1)
  }
  const aside = moveAside(path.dirname(file), Date.now())
  if (aside) console.log(`Demo reset: the data until now lies in ${aside}`)
}
const db = openDb(file)
// A clinic in which somebody signs in is never filled with invented people.
if (examHeads(db).length === 0 && allAccounts(db).length === 0) {
  fillDemoClinic(db, new Date())
  fillGenerated(db, new Date(), GENERATED)
  catchUpAll(db)
  console.log(`Demo clinic filled: Kettle Row Treatment Rooms, all people invented; ${GENERATED} of them by chance, so that Audit has something to add up.`)
}
db.$client.close()
