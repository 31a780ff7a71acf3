// One archive, or one plain read of the same rows, in a process of its own, so that its memory can be told: JSON of what it cost.
import { openToRead } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { forget, recordOf } from '../db/queries/ledger'
import { archiveOf } from '../server/outside/archive'
import { zipped } from '../server/outside/zip'
import { toPdf } from '../server/paper/pdf'

const [, , what = '', file = '', scratch = ''] = process.argv
const db = openToRead(file)
const now = Date.now()
let bytes = 0
let highest = 0
const look = () => (highest = Math.max(highest, process.memoryUsage.rss()))
const began = performance.now()
if (what === 'archive') {
  for await (const piece of zipped(archiveOf(db, { all: true }, { template: 'full', now, scratch, print: (papers) => toPdf(papers, now) }), now)) {
    bytes += piece.byteLength
    look()
  }
} else {
  for (const head of examHeads(db, 1_000_000)) {
    bytes += JSON.stringify(recordOf(db, head.id).events).length
    forget(db, head.id)
    look()
  }
}
console.log(JSON.stringify({ ms: performance.now() - began, bytes, highest }))
