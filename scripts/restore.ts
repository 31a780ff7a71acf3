// Puts a backup in the place of the data: npm run restore -- FILE [--identity KEYFILE]; --finish goes on with one that was ended. The file is tried first; the old data is moved aside.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { dataFile, openDb } from '../db/open'
import { writeTrail } from '../db/queries/trail'
import { takeLock } from '../db/lock'
import { finishRestore, restore } from '../db/restore'
import { environment } from '../server/environment'

const words = process.argv.slice(2)
const at = words.indexOf('--identity')
const identity = at >= 0 ? /AGE-SECRET-KEY-\S+/.exec(readFileSync(words[at + 1] ?? '', 'utf8'))?.[0] : undefined
const { dataFolder, keyFolder, anchorFolder } = environment()
if (words.includes('--finish')) {
  const lock = takeLock(dataFolder)
  if (!lock.ok) {
    console.error('Dust Lantern runs on this folder. Stop it first.')
    process.exit(1)
  }
  console.log(finishRestore(dataFolder) ? 'The restore is finished.' : 'No restore was under way.')
  lock.release()
  process.exit(0)
}
const [from] = words.filter((_, i) => at < 0 || (i !== at && i !== at + 1))
if (from === undefined) {
  console.error('Name the backup: npm run restore -- FILE')
  process.exit(1)
}
const came = await restore({ from, folder: dataFolder, ...(identity !== undefined && { identity }), keyFolder, anchorFolder, now: Date.now() })
if (came.ok) {
  const db = openDb(dataFile())
  writeTrail(db, { at: Date.now(), who: '', what: 'restored', address: 'this computer', more: path.basename(from) })
  db.$client.close()
  console.log(`Restored: ${came.verified.entries} entries of examinations, ${came.verified.links} links, verified.`)
  if (came.aside) console.log(`The data until now lies in ${came.aside}`)
  if (came.older) console.log(came.older)
  if (came.erasedAgain > 0) console.log(`Erased again, since the backup was made before their erasure: ${came.erasedAgain}.`)
} else console.error(`${came.what} ${came.do}`)
process.exit(came.ok ? 0 : 1)
