import { ALL_IN_ALL, ALWAYS_EVEN, ALWAYS_POSITIVE, byPolicy, casesFrom, learner, type Marks, marksOf, MEAN_ATTEMPT, reliabilityOf } from './score'

/** Who takes the cases of practice well, and does the judge see it? `npm run practice-proof -- 500`. Ends with 1 where a claim is not held. */
const count = Number(process.argv[2] ?? 500)
const cases = casesFrom(count)
const takers = [byPolicy('plan'), byPolicy('catalogue'), byPolicy('random'), ALWAYS_POSITIVE, ALWAYS_EVEN]
const marks = takers.map((taker) => marksOf(taker, cases))
const [plan, catalogue, random, positive, even] = marks

console.log(`${count} cases of neck, back and pelvis in turn\n`)
console.log('who               all   error  right %  reading  economy  certainty  Brier')
for (const m of marks) {
  const cells = [m.all.toFixed(1), m.error.toFixed(1), m.right.toFixed(0), m.reading.toFixed(0), m.economy.toFixed(0), String(m.certainty), m.brier.toFixed(3)]
  console.log(`${m.name.padEnd(16)} ${cells.map((c) => c.padStart(6)).join('  ')}`)
}
const students = [0, 0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.75].map(learner).map((taker) => marksOf(taker, cases.slice(0, 120)))
console.log('\nreliability, ten students who misread 0 to 75 % of the answers: of the figure; of the mean attempt without certainty')
for (const length of [5, 10, 20, 40, 60]) {
  const found = [ALL_IN_ALL, MEAN_ATTEMPT].map((measure) => reliabilityOf(students, length, measure))
  if (!found.includes(null)) console.log(`${String(length).padStart(3)} cases: ${found.map((r) => r?.toFixed(2)).join('   ')}`)
}

/** Better by three standard errors of the difference, and by ten points. */
const above = (a: Marks | undefined, b: Marks | undefined) =>
  a !== undefined && b !== undefined && a.all - b.all > Math.max(3 * Math.hypot(a.error, b.error), 10)

const claims: readonly (readonly [string, boolean])[] = [
  ['the plan scores better than tests by lot', above(plan, random)],
  ['the plan scores better than every test in the order of the catalogue', above(plan, catalogue)],
  ['who calls everything positive reads badly, and scores far below', (positive?.reading ?? 100) < 60 && above(plan, positive)],
  ['who is never surer than even earns nothing for certainty, and scores far below', even?.certainty === 0 && above(plan, even)],
]
console.log('')
for (const [claim, held] of claims) console.log(`${held ? 'held    ' : 'NOT HELD'} ${claim}`)
process.exit(claims.every(([, held]) => held) ? 0 : 1)
