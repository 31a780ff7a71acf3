// Looks an installation over and changes nothing: npm run doctor. Exit 1 when something is wrong.
import { examine } from '../server/doctor'
import { environment } from '../server/environment'

const SIGNS = { good: 'good ', look: 'look ', wrong: 'WRONG' } as const
const found = examine(environment(), Date.now())
for (const { level, what, do: todo } of found) console.log(`${SIGNS[level]}  ${what}${todo === undefined ? '' : `\n       ${todo}`}`)
process.exit(found.some(({ level }) => level === 'wrong') ? 1 : 0)
