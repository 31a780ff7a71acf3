// Prints "passed failed" of a JSON report of Vitest or Playwright; exits 1 when there is no report or no test in it.
import { existsSync, readFileSync } from 'node:fs'

const file = process.argv[2]
if (!file || !existsSync(file)) {
  console.error(`No report at ${file ?? 'no path'}.`)
  process.exit(1)
}
const report = JSON.parse(readFileSync(file, 'utf8'))
const [passed, failed] = report.stats
  ? [report.stats.expected + report.stats.flaky, report.stats.unexpected + report.errors.length]
  : [report.numPassedTests, report.numFailedTests + report.testResults.filter((r) => r.status === 'failed' && r.assertionResults.length === 0).length]
if (passed + failed === 0) process.exit(1)
console.log(`${passed} ${failed}`)
