// Makes a verified backup now: npm run backup [-- FOLDER]. Works beside a running server.
import { makeBackup } from '../db/backup'
import { dataFile } from '../db/open'
import { environment } from '../server/environment'
import { existsSync } from 'node:fs'

const { backupFolder, recipient } = environment()
const [folder = backupFolder] = process.argv.slice(2)
if (!existsSync(dataFile())) {
  console.error(`There is no clinic at ${dataFile()}.`)
  process.exit(1)
}
const made = await makeBackup({ file: dataFile(), folder, recipient, now: Date.now() })
if (made.ok) {
  const { file, bytes, encrypted } = made.backup
  console.log(
    `${file}: ${Math.ceil(bytes / 1000)} kB, ${made.verified.entries} entries, verified${encrypted ? ', encrypted' : ''}. ${made.removed} older ones went by the rule.`,
  )
} else console.error(`No backup: ${made.what}`)
process.exit(made.ok ? 0 : 1)
