// Puts a backup in the place of the data: npm run restore -- FILE [--identity KEYFILE]. The file is tried first; the old data is moved aside.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { dataFile, openDb } from '../db/open'
import { writeTrail } from '../db/queries/trail'
import { restore } from '../db/restore'
import { environment } from '../server/environment'

const words = process.argv.slice(2)
const at = words.indexOf('--identity')
const identity = at >= 0 ? /AGE-SECRET-KEY-\S+/.exec(readFileSync(words[at + 1] ?? '', 'utf8'))?.[0] : undefined
const [from] = words.filter((_, i) => at < 0 || (i !== at && i !== at + 1))
if (from === undefined) {
  console.error('Name the backup: npm run restore -- FILE')
  process.exit(1)
}
const { dataFolder, keyFolder, anchorFolder } = environment()
const came = await restore({ from, folder: dataFolder, ...(identity !== undefined && { identity }), keyFolder, anchorFolder, now: Date.now() })
if (came.ok) {
  const db = openDb(dataFile())
  writeTrail(db, { at: Date.now(), who: '', what: 'restored', address: 'this computer', more: path.basename(from) })
  db.$client.close()
  console.log(`Restored: ${came.verified.entries} entries of examinations, ${came.verified.links} links, verified.`)
  if (came.aside) console.log(`The data until now lies in ${came.aside}`)
  if (came.older) console.log(came.older)
} else console.error(`${came.what} ${came.do}`)
process.exit(came.ok ? 0 : 1)
