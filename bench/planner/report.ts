import { fork } from 'node:child_process'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { report } from '../measure'
import type { Tendency } from './case'
import { type ArmResult, ARMS, type CaseResult, type Task } from './part'
import { brier, calibrationError, type Forecast, mean, tenths } from './score'

/** Nothing was tuned on this seed. */
const SEED = 20_261_125
const CASES = 2000
const TENDENCIES: readonly Tendency[] = [
  { name: 'answers hang together in some people', group: 0.3, person: 0.05 },
  { name: 'answers hang together in many people', group: 0.6, person: 0.1 },
  { name: 'every answer stands alone', group: 0, person: 0 },
]

/** The planner against the full battery, and the model against plain multiplication, on people whose truth is known. */
export async function planner(cases = CASES, seed = SEED): Promise<void> {
  for (const [i, tendency] of TENDENCIES.entries()) {
    const results = await inParts({ seed: seed + i, from: 0, to: cases, tendency, arms: i === 0 })
    if (i === 0) reportArms(results)
    reportForecasts(
      tendency.name,
      results.flatMap((r) => r.full.forecasts),
    )
  }
}

async function inParts(task: Task): Promise<readonly CaseResult[]> {
  const parts = Math.min(4, availableParallelism())
  const size = Math.ceil(task.to / parts)
  const tasks = Array.from({ length: parts }, (_, i) => ({ ...task, from: i * size, to: Math.min(task.to, (i + 1) * size) }))
  return (await Promise.all(tasks.map(inProcess))).flat()
}

/** A process of its own for each part: a thread would not read TypeScript. */
function inProcess(task: Task): Promise<readonly CaseResult[]> {
  return new Promise((resolve, reject) => {
    const part = fork(fileURLToPath(new URL('./part-process.ts', import.meta.url)), { execArgv: ['--import', 'tsx'], serialization: 'advanced' })
    part.once('message', (results) => resolve(results as readonly CaseResult[]))
    part.once('error', reject)
    part.send(task)
  })
}

function reportArms(results: readonly CaseResult[]): void {
  const full = {
    tests: mean(results.map((r) => r.full.tests)),
    turns: mean(results.map((r) => r.full.turns)),
    seconds: mean(results.map((r) => r.full.seconds)),
  }
  report(`Planning ${results.length} generated people`, [
    `full battery: ${full.tests.toFixed(1)} tests, ${full.turns.toFixed(2)} turns, ${(full.seconds / 60).toFixed(1)} min`,
    ...ARMS.map((mode, i) => {
      const arms = results.flatMap((r) => r.arms[i] ?? [])
      return `${mode}: ${armWords(arms, full)}`
    }),
    `Brier score of the leading figure: full battery ${score(results.flatMap((r) => r.full.forecasts))}, ${ARMS.map(
      (mode, i) => `${mode} ${score(results.flatMap((r) => r.arms[i]?.forecasts ?? []))}`,
    ).join(', ')}`,
  ])
}

function score(forecasts: readonly Forecast[]): string {
  return brier(forecasts, (f) => f.headline).toFixed(4)
}

function armWords(arms: readonly ArmResult[], full: { tests: number; turns: number; seconds: number }): string {
  const saved = (part: 'tests' | 'turns' | 'seconds') => percent(1 - mean(arms.map((a) => a[part])) / full[part])
  const sum = (part: keyof ArmResult['agreement']) => arms.reduce((total, a) => total + a.agreement[part], 0)
  return [
    `${saved('tests')} of tests, ${saved('turns')} of turns and ${saved('seconds')} of time saved`,
    `of ${sum('decided')} rules the battery decides ${percent(sum('same') / sum('decided'))} the same, ${percent(sum('leftOpen') / sum('decided'))} open, ${sum('contrary')} contrary`,
    `same source first in ${percent(mean(arms.map((a) => Number(a.sameLeader))))}`,
  ].join('; ')
}

function reportForecasts(name: string, all: readonly Forecast[]): void {
  const joined = all.filter((f) => f.joined)
  const line = (title: string, of: readonly Forecast[], said: (f: Forecast) => number) =>
    `${title}: Brier ${brier(of, said).toFixed(4)}, calibration error ${calibrationError(of, said).toFixed(4)}`
  const bands = (said: (f: Forecast) => number) =>
    tenths(joined, said)
      .map((t) => `${Math.round(t.said * 100)}→${Math.round(t.true * 100)} (${t.n})`)
      .join(', ')
  report(`Forecasts where ${name}: ${joined.length} where tests share a cause, of ${all.length}`, [
    line('shared-cause model', joined, (f) => f.model),
    line('plain product', joined, (f) => f.product),
    line('rule only', joined, (f) => f.ruleOnly),
    line('leading figure', joined, (f) => f.headline),
    `model, said→true in %: ${bands((f) => f.model)}`,
    `product, said→true in %: ${bands((f) => f.product)}`,
    `all ${all.length}: ${line('model', all, (f) => f.model)}; ${line('product', all, (f) => f.product)}; ${line('rule only', all, (f) => f.ruleOnly)}`,
  ])
}

function percent(p: number): string {
  return `${Math.round(p * 100)} %`
}
