// Checks that the rooms import one way only, and that the check itself sees them: a cruise of nothing
// would also report no violation.
import { execFileSync } from 'node:child_process'
import { existsSync, rmSync, writeFileSync } from 'node:fs'

const rooms = ['core', 'db', 'server', 'ui', 'app', 'workers', 'devices'].filter((room) => existsSync(room))

function cruise() {
  try {
    return JSON.parse(execFileSync('npx', ['depcruise', '--output-type', 'json', ...rooms], { encoding: 'utf8', maxBuffer: 1 << 28 }))
  } catch (error) {
    return JSON.parse(error.stdout)
  }
}

const PLANTED = 'core/vocabulary/planted-violation.ts'
writeFileSync(PLANTED, "export type { RouteStep } from '../planner/route'\n")
let planted
try {
  planted = cruise()
} finally {
  rmSync(PLANTED)
}
if (!planted.summary.violations.some((v) => v.from === PLANTED)) {
  console.error('rooms: a planted violation was not found, so the check sees nothing.')
  process.exit(1)
}
const violations = planted.summary.violations.filter((v) => v.from !== PLANTED)
for (const v of violations) console.error(`rooms: ${v.rule.name}: ${v.from} -> ${v.to}`)
console.log(`rooms: ${planted.summary.totalCruised} modules, ${violations.length} violations, planted violation found.`)
process.exit(violations.length === 0 && planted.summary.totalCruised > 50 ? 0 : 1)
