// Brings the database up to date and fills the demo clinic when it is empty. With --reset the old data is
// moved aside first, never deleted.
import { existsSync, renameSync } from 'node:fs'
import { fillDemoClinic } from '../db/demo/clinic'
import { dataFile, openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'

const file = dataFile()
if (process.argv.includes('--reset') && existsSync(file)) {
  const aside = `${file}.${new Date().toISOString().replaceAll(':', '-')}.aside`
  for (const part of ['', '-wal', '-shm']) if (existsSync(file + part)) renameSync(file + part, aside + part)
  console.log(`Demo reset: the data until now lies in ${aside}`)
}
const db = openDb(file)
if (examHeads(db).length === 0) {
  fillDemoClinic(db, new Date())
  console.log('Demo clinic filled: Kettle Row Treatment Rooms, all people invented.')
}
db.$client.close()
