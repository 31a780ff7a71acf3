// Lets a lead in again who has lost password and second factor, with nobody left who could invite them: npm run recover-lead -- LOGIN.
// Whoever may run this on the computer of the clinic reads all of its data anyway; it is written on the trail, and the lead is told.
import { existsSync } from 'node:fs'
import { dataFile, openDb } from '../db/open'
import { accountByLogin, changeAccount, endSessionsOf } from '../db/queries/accounts'
import { writeTrail } from '../db/queries/trail'
import { digest, newCode } from '../server/auth/secrets'

/** Long enough to walk to the other computer. */
const GOOD_FOR_MS = 3_600_000

const [login] = process.argv.slice(2)
if (login === undefined || !existsSync(dataFile())) {
  console.error(login === undefined ? 'Name the sign-in name: npm run recover-lead -- LOGIN' : `There is no clinic at ${dataFile()}.`)
  process.exit(1)
}
const db = openDb(dataFile())
const account = accountByLogin(db, login)
if (account?.role !== 'lead') {
  console.error(`Nobody who leads this clinic signs in as “${login}”. Nothing was changed.`)
  db.$client.close()
  process.exit(1)
}
const code = newCode(4)
const now = Date.now()
changeAccount(db, account.id, { open: true, totp: null, totpUsed: 0, recovery: '[]', invitation: digest(code), invitedUntil: now + GOOD_FOR_MS })
endSessionsOf(db, account.id)
writeTrail(db, { at: now, who: '', what: 'lead-recovered', about: account.id, address: 'this computer' })
db.$client.close()
console.log(`${account.name} chooses a new password with this code under “I have an invitation”, within an hour: ${code}`)
console.log('The second factor is removed, every session of theirs has ended, and this stands on the trail.')
