// Mutation testing of the core's judging rooms. `npm run mutants` tries every mutant; `npm run mutants -- --share 4` every fourth
// stretch of lines, beginning at another one with `--from`, for a look in less time; `--room safety` one room alone. The report goes to .mutants/.
import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync, rmSync } from 'node:fs'
import { parseArgs } from 'node:util'

const ROOMS = ['safety', 'findings', 'clusters', 'logic', 'record']
/** Lines of a stretch that is taken or left as a whole. */
const STRETCH = 8

const { values } = parseArgs({
  options: { share: { type: 'string', default: '1' }, from: { type: 'string', default: '0' }, room: { type: 'string', multiple: true, default: ROOMS } },
})
const share = Math.max(1, Number(values.share))
const from = Number(values.from) % share

const files = values.room.flatMap((room) =>
  readdirSync(`core/${room}`, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .map((file) => `core/${room}/${file}`),
)
let at = 0
const mutate = files.flatMap((file) => {
  if (share === 1) return [file]
  const lines = readFileSync(file, 'utf8').split('\n').length
  return Array.from({ length: Math.ceil(lines / STRETCH) }, (_, i) => i).flatMap((i) => {
    at += 1
    return at % share === from ? [`${file}:${i * STRETCH + 1}-${Math.min(lines, (i + 1) * STRETCH)}`] : []
  })
})
// What an interrupted run left behind.
rmSync('.mutants/sandbox', { recursive: true, force: true })
const { status } = spawnSync('npx', ['stryker', 'run', '--mutate', mutate.join(',')], { stdio: 'inherit' })
process.exit(status ?? 1)
