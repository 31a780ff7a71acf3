// Walks the hash chain of every examination: npm run verify. Exit 1 when something was changed by other hands.
import { dataFile, openDb } from '../db/open'
import { verifyChains } from '../db/queries/exam-events'

const { events, breaks } = verifyChains(openDb(dataFile()))
for (const b of breaks) console.error(`Examination ${b.examId}, entry ${b.seq}: ${b.what}.`)
console.log(breaks.length === 0 ? `${events} entries, unbroken.` : `${events} entries, ${breaks.length} breaks.`)
process.exit(breaks.length === 0 ? 0 : 1)
