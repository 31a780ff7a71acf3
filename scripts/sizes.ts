// What a page makes a browser load before it can be used: npm run sizes. Exit 1 when a page is over its budget.
// Counts the scripts that the page itself names, compressed as a server in front would send them.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { EDITION } from '../core/edition'
import { composedId } from '../core/record/compose'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { startRun } from '../db/queries/practice'
import { freePort, serve } from '../tests/served'

/** Kilobytes (1,000 bytes) of compressed script a page may load first. */
const BENCH = 200
const EXAM = 180
// Help, the search over everything and the link past the header stand on every page.
const OTHER = 155

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-sizes-'))
const db = openDb(path.join(folder, 'clinic.sqlite'))
fillDemoClinic(db, new Date())
const imre = examHeads(db).find((head) => head.person.name === 'Imre Talvane')
const [exam, person] = [imre?.id ?? '', imre?.person.id ?? '']
const run = composedId(Date.now(), 'run', 1)
const opening = { type: 'exam-opened', id: run, at: Date.now(), by: 'maren-oake', examId: run, personId: run, ageYears: 61, edition: EDITION } as const
startRun(db, { id: run, by: 'maren-oake', at: Date.now(), case: 'back 8', file: null, class: null }, opening)
db.$client.close()

const pages: readonly (readonly [string, number])[] = [
  [`/exam/${exam}/bench`, BENCH],
  ...['story', 'safety', 'weigh', 'recheck', 'note'].map((screen) => [`/exam/${exam}/${screen}`, EXAM] as const),
  ...[
    '/today',
    '/library',
    '/library/thigh-thrust',
    '/settings',
    '/settings/evidence',
    '/settings/rules',
    '/exchange',
    '/audit',
    '/audit/reliability',
    `/person/${person}`,
    '/bell/AAAAAA',
    '/tilt/AAAAAA',
    '/practice',
    '/practice/classes',
    '/practice/cases',
    '/practice/drill/stage-order',
  ].map((page) => [page, OTHER] as const),
  ...['story', 'safety', 'bench', 'weigh', 'commit'].map((screen) => [`/practice/run/${run}/${screen}`, screen === 'bench' ? BENCH : EXAM] as const),
]

const served = await serve({ folder, port: await freePort() })
const { url } = served
const sizes = new Map<string, number>()
let over = 0
try {
  for (const [page, budget] of pages) {
    const html = await (await fetch(url + page)).text()
    // What only a browser without modules asks for is loaded by none that can run this.
    const tags = [...html.matchAll(/<(?:script|link)[^>]*>/g)].map((m) => m[0]).filter((tag) => !/nomodule/i.test(tag))
    const scripts = new Set(tags.flatMap((tag) => /(?:src|href)="(\/_next\/static\/[^"]+\.js)[^"]*"/.exec(tag)?.[1] ?? []))
    let sum = 0
    for (const script of scripts) sum += await sizeOf(script)
    const kilobytes = Math.round(sum / 1000)
    if (kilobytes > budget) over++
    console.log(
      `${page.replace(exam, 'ID').replace(person, 'ID').replace(run, 'ID').padEnd(28)} ${String(kilobytes).padStart(4)} kB of ${budget}${kilobytes > budget ? '  over its budget' : ''}`,
    )
  }
} finally {
  await served.kill()
  rmSync(folder, { recursive: true, force: true })
}
process.exit(over === 0 ? 0 : 1)

async function sizeOf(script: string): Promise<number> {
  const known = sizes.get(script)
  if (known !== undefined) return known
  const size = gzipSync(Buffer.from(await (await fetch(url + script)).arrayBuffer())).byteLength
  sizes.set(script, size)
  return size
}
