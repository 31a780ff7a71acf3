import { report } from '../measure'
import { type Count, fitCount } from './count'
import { type Forecast, REGIONS } from './forecast'
import { inParts } from './in-parts'
import { type ArmResult, ARMS, type PersonResult } from './part'
import { WORLDS, type WorldName } from './people/worlds'
import { auc, brier, calibrationError, mean, netBenefit, type Said, settledAt, tenths } from './score'

/** Nothing was tuned on this seed, and nothing that is reported is made from the other one. */
const SEED = 20_261_126
const TUNING_SEED = 555_001

const NAMES = Object.keys(WORLDS) as readonly WorldName[]

/** Every way of reckoning that is compared. */
const WAYS: readonly (readonly [name: string, said: (f: Forecast, count: Count) => number])[] = [
  ['estimate', (f) => f.headline],
  ['model', (f) => f.model],
  ['product', (f) => f.product],
  ['rule only', (f) => f.ruleOnly],
  ['pretest', (f) => f.pretest],
  ['fitted count', (f, count) => count(f)],
]

/** The planner against the full battery, a fixed order and an oracle; and every way of reckoning against what is true, in five kinds of people. */
export async function planner({ people = 1000, planned = 600, fitted = 400, seed = SEED } = {}): Promise<void> {
  reportArms(await inParts({ seed, from: 0, to: planned, world: 'alone', arms: true }))
  const known: Forecast[] = []
  for (const world of NAMES) known.push(...forecastsOf(await inParts({ seed: TUNING_SEED, from: 0, to: fitted, world, arms: false })))
  const count = fitCount(known)
  for (const [i, world] of NAMES.entries())
    reportWorld(world, forecastsOf(await inParts({ seed: seed + 1 + i, from: 0, to: people, world, arms: false })), count)
}

function forecastsOf(results: readonly PersonResult[]): readonly Forecast[] {
  return results.flatMap((r) => r.full.forecasts)
}

function reportArms(results: readonly PersonResult[]): void {
  const full = {
    tests: mean(results.map((r) => r.full.tests)),
    turns: mean(results.map((r) => r.full.turns)),
    seconds: mean(results.map((r) => r.full.seconds)),
  }
  report(`Planning ${results.length} generated people`, [
    `full battery: ${full.tests.toFixed(1)} tests, ${full.turns.toFixed(2)} turns, ${(full.seconds / 60).toFixed(1)} min`,
    ...ARMS.map((arm, i) => `${arm}: ${armWords(results, i, full)}`),
    settledWords(results),
  ])
}

function armWords(results: readonly PersonResult[], i: number, full: { tests: number; turns: number; seconds: number }): string {
  const arms = results.flatMap((r) => r.arms[i] ?? [])
  const saved = (part: 'tests' | 'turns' | 'seconds') => percent(1 - mean(arms.map((a) => a[part])) / full[part])
  const sum = (part: keyof ArmResult['agreement']) => arms.reduce((total, a) => total + a.agreement[part], 0)
  return [
    `${saved('tests')} of tests, ${saved('turns')} of turns and ${saved('seconds')} of time saved`,
    `of ${sum('decided')} rules the battery decides ${percent(sum('same') / sum('decided'))} the same, ${percent(sum('leftOpen') / sum('decided'))} open, ${sum('contrary')} contrary`,
    `the same source leads, or none, in ${share(arms.map((a) => a.sameLeader))}, another one in ${share(results.map((r) => wrongLeader(r, i)))}, one where the battery leaves none in ${share(results.map((r) => early(r, i)))}`,
    `Brier ${brier(arms.flatMap((a) => a.forecasts).map((f) => ({ said: f.headline, truth: f.truth }))).toFixed(4)}`,
  ].join('; ')
}

const lastLeader = ({ arms }: PersonResult, i: number) => arms[i]?.path.at(-1)?.leader ?? null

/** Another source leads than after the full battery; that none does yet is not wrong. */
function wrongLeader(person: PersonResult, i: number): boolean {
  const last = lastLeader(person, i)
  return last !== null && person.full.leader !== null && last !== person.full.leader
}

/** One leads although after the full battery none does. */
function early(person: PersonResult, i: number): boolean {
  return person.full.leader === null && lastLeader(person, i) !== null
}

function share(of: readonly boolean[]): string {
  return `${(mean(of.map(Number)) * 100).toFixed(1)} %`
}

/** Seconds until the source that leads after the full battery leads for good, where one does. */
function settledWords(results: readonly PersonResult[]): string {
  const led = results.filter((r) => r.full.leader !== null)
  const times = ARMS.map((arm, i) => ({ arm, seconds: mean(led.map((r) => settledAt(r.arms[i]?.path ?? [], r.full.leader))) }))
  const best = times.at(-1)?.seconds ?? NaN
  return `seconds until the leader of the battery leads for good, in the ${led.length} in whom one does: ${times
    .map((t) => `${t.arm} ${t.seconds.toFixed(0)} (${(t.seconds / best).toFixed(2)} of the oracle)`)
    .join(', ')}`
}

function reportWorld(world: WorldName, all: readonly Forecast[], count: Count): void {
  const regions = ['all regions', ...REGIONS] as const
  report(`Forecasts in people made by ${WORLDS[world].name}`, [
    ...regions.flatMap((region) => regionLines(region, region === 'all regions' ? all : all.filter((f) => f.region === region), count)),
    `estimate, said→true in %: ${bands(all.map((f) => ({ said: f.headline, truth: f.truth })))}`,
    `below 10 %: ${WAYS.map(([name, said]) => `${name} ${below(all.map((f) => ({ said: said(f, count), truth: f.truth })))}`).join(', ')}`,
  ])
}

function regionLines(region: string, all: readonly Forecast[], count: Count): readonly string[] {
  const ways = WAYS.map(([name, said]) => ({ name, of: all.map((f): Said => ({ said: said(f, count), truth: f.truth })) }))
  const each = (score: (of: readonly Said[]) => number, digits: number) => ways.map(({ name, of }) => `${name} ${score(of).toFixed(digits)}`).join(', ')
  return [
    `${region}, ${all.length} forecasts, ${percent(mean(all.map((f) => Number(f.truth))))} true: Brier ${each(brier, 4)}`,
    `  calibration error ${each(calibrationError, 3)}`,
    `  AUC ${each(auc, 3)}`,
    ...[0.2, 0.5, 0.8].map((at) => `  net benefit at ${at}: ${each((of) => netBenefit(of, at), 3)}`),
  ]
}

function bands(all: readonly Said[]): string {
  return tenths(all)
    .map((t) => `${Math.round(t.said * 100)}→${Math.round(t.true * 100)} (${t.n})`)
    .join(', ')
}

function below(all: readonly Said[]): string {
  const low = all.filter((f) => f.said < 0.1)
  return low.length === 0 ? 'none' : `${percent(mean(low.map((f) => f.said)))}→${percent(mean(low.map((f) => Number(f.truth))))} (${low.length})`
}

function percent(p: number): string {
  return `${Math.round(p * 100)} %`
}
