import type { Assessment, SourceVerdict } from '../assess'
import { testById } from '../catalogue'
import type { Stage, TestId } from '../catalogue/exam-test'
import type { Finding } from '../findings/finding'
import { broughtItOn } from '../record/ladder'
import type { Run, Symptom } from '../record/exam'
import type { Urgency } from '../safety/gate'
import { haltsOf } from '../safety/safety'
import { estimateOf, standingOf } from '../standing'
import { SCREEN, type ScreenGroupId } from '../story/screen'
import { areaOf, bodyArea } from '../vocabulary/body-area'
import { capital, counted, listWords } from '../vocabulary/sentence'
import type { TestSide } from '../vocabulary/side'
import { sourceOf } from '../vocabulary/source'
import { isNeurological } from './stage-words'

/** A part of what the person takes home. */
export interface SummaryPart {
  readonly heading: string
  readonly lines: readonly string[]
  /** Lines that stand as a list. */
  readonly list?: readonly string[]
}

/** A movement that told something, to be drawn. */
export interface Telling {
  /** The performance. */
  readonly run: string
  readonly test: TestId
  readonly side: TestSide
  readonly stage: Stage
  /** One sentence under the drawing. */
  readonly says: string
}

/** What the person takes home: one page in plain words. */
export interface Summary {
  readonly parts: readonly SummaryPart[]
  readonly movements: readonly Telling[]
}

/** Drawings on the page, at most. */
const DRAWN = 2

/** What is asked for beside the findings. */
export interface SummaryWith {
  /** What was agreed, in the practitioner's words for the person. */
  readonly agreed: string
  /** Whether to say in numbers how likely it is. */
  readonly figures: boolean
}

/** The summary for the person. Nothing in it is a diagnosis, and a quiet test is never called proof. */
export function summaryOf(assessment: Assessment, { agreed, figures }: SummaryWith): Summary {
  const movements = tellingMovements(assessment)
  return {
    parts: [
      ...firstOfAll(assessment),
      { heading: 'Why you came', lines: came(assessment.exam.symptoms) },
      { heading: 'What we found', lines: found(assessment, movements) },
      { heading: 'What it may mean', lines: meaning(assessment, figures) },
      {
        heading: 'What it does not mean',
        lines: [
          'This is not a diagnosis. A test that hurts does not mean that something is broken. A test that does not hurt does not prove that all is well.',
        ],
      },
      { heading: 'What we agreed', lines: agreed.trim() === '' ? ['Nothing was written down here. Please ask.'] : agreed.trim().split('\n') },
      ...netFor(assessment.exam.symptoms),
    ],
    movements,
  }
}

/** The summary as plain text. */
export function summaryText({ parts }: Pick<Summary, 'parts'>): string {
  return parts.map(({ heading, lines, list }) => [heading.toUpperCase(), ...lines, ...(list ?? []).map((l) => `- ${l}`)].join('\n')).join('\n\n')
}

const SOON: Readonly<Record<Urgency, string>> = {
  emergency: 'You need help at a hospital now. Please do not wait.',
  'same-day': 'A doctor needs to see you today.',
  urgent: 'A doctor needs to see you very soon, today or tomorrow.',
  'medical-review': 'Please make a time to see your doctor.',
}
const SOONEST: readonly Urgency[] = ['emergency', 'same-day', 'urgent', 'medical-review']

function firstOfAll({ exam }: Assessment): readonly SummaryPart[] {
  const halts = haltsOf(exam)
  const soonest = SOONEST.find((urgency) => halts.some(({ gate }) => gate.strength === 'halt' && gate.urgency === urgency))
  if (!soonest) return []
  const asked = SCREEN.flatMap((group) => group.items).filter((item) => halts.some((h) => h.standing.some((cause) => cause.split(' ')[0] === item.id)))
  const why =
    asked.length > 0 ? [`You said yes when we asked: ${asked.map((item) => `“${item.ask}”`).join(' ')}`] : ['We saw a sign that a doctor has to look at.']
  return [{ heading: 'First of all', lines: [SOON[soonest], ...why, 'We stopped the tests for that reason.'] }]
}

function came(symptoms: readonly Symptom[]): readonly string[] {
  const told = symptoms.filter((s) => s.words.trim() !== '')
  return told.length === 0 ? ['You came to have your pain looked at.'] : [`You told us: ${told.map((s) => `“${s.words.trim()}”`).join(' and ')}.`]
}

/** What the person felt of the known pain in a performance, by what was answered: a result is about a source, and no word for what was felt. */
function feltIn(run: Pick<Run, 'answers'>): 'came-on' | 'eased' | null {
  if (broughtItOn(run) || run.answers.some(({ answer }) => answer.said === 'measured' && answer.symptom !== undefined)) return 'came-on'
  return run.answers.some(({ answer }) => answer.said === 'eased') ? 'eased' : null
}

/** The tests that were positive and changed the known pain, those that moved the leading source first. */
function tellingMovements({ sources, findings, exam }: Assessment): readonly Telling[] {
  const standing = standingOf(sources)
  const lead: SourceVerdict | undefined = standing.kind === 'leads' ? standing.source : undefined
  const weight = new Map(lead?.weighed?.joined.flatMap((j) => j.steps).map((s) => [s.test, Math.abs(Math.log(s.lr))]) ?? [])
  const positive = findings.filter((f) => f.result === 'positive')
  const once = positive.filter((f, i) => positive.findIndex((o) => o.run === f.run) === i)
  return once
    .toSorted((a, b) => (weight.get(b.test) ?? 0) - (weight.get(a.test) ?? 0))
    .flatMap((f): readonly Telling[] => {
      const stage = drawable(f)
      const test = testById(f.test)
      const run = exam.runs.find((r) => r.id === f.run)
      const felt = run ? feltIn(run) : null
      if (!stage || !test || felt === null) return []
      const side = test.sides === 'none' ? 'none' : f.side
      return [{ run: f.run, test: test.id, side, stage, says: `Your pain ${felt === 'eased' ? 'got less' : 'came on'} when we ${plainTest(test.id, f.side)}.` }]
    })
    .slice(0, DRAWN)
}

/** The stage that is drawn: where it came on, or the last one that loads or relieves. A table has no movement. */
function drawable({ test: id, onsetStage }: Finding): Stage | undefined {
  const test = testById(id)
  if (!test || test.stages.some((s) => s.grid)) return undefined
  return test.stages.find((s) => s.id === onsetStage) ?? test.stages.findLast((s) => s.kind === 'load' || s.kind === 'relief')
}

function plainTest(test: TestId, side: string): string {
  return (testById(test)?.plain ?? '').replaceAll('{side}', side)
}

function found({ exam, findings }: Assessment, movements: readonly Telling[]): readonly string[] {
  const runs = exam.runs.filter((run) => run.answers.length > 0)
  if (runs.length === 0) return ['We did no tests today.']
  const drawn = new Set(movements.map((m) => m.run))
  const felt = (what: ReturnType<typeof feltIn>) => runs.filter((run) => feltIn(run) === what && !drawn.has(run.id)).length
  const seen = runs.filter((run) => feltIn(run) === null && findings.some((f) => f.run === run.id && f.result === 'positive'))
  const weak = findings.some((f) => f.result === 'positive' && isNeurological(f.test))
  const without = seen.filter((run) => !isNeurological(run.test)).length
  const more = (n: number, does: string) =>
    n > 0 ? [`${capital(counted(n, movements.length > 0 ? 'more test' : 'test'))} ${does}${movements.length > 0 ? ' too' : ''}.`] : []
  return [
    `We did ${counted(runs.length, 'test')} to see what brings on the pain that you know.`,
    ...movements.map((m) => m.says),
    ...more(felt('came-on'), 'brought on your pain'),
    ...more(felt('eased'), 'eased your pain'),
    ...(runs.some((run) => feltIn(run) === 'came-on') ? [] : ['None of them brought on the pain that you know.']),
    ...(without > 0 ? [`${capital(counted(without, 'test'))} told us something, though ${without === 1 ? 'it' : 'they'} did not bring on your pain.`] : []),
    ...(weak ? ['We found a change in strength, feeling or reflexes.'] : []),
    ...(exam.runs.some((r) => r.stopped === 'patient-asked') ? ['We stopped when you asked us to.'] : []),
  ]
}

/** How well it fits, in words, from which probability on; the first that is reached is said. */
const FITS: readonly (readonly [from: number, words: string])[] = [
  [0.8, 'What we found fits this well, but it is not sure.'],
  [0.5, 'What we found fits this better than other things, but it is not sure.'],
  [0, 'This is one of a few things that it could be.'],
]

function meaning(assessment: Assessment, figures: boolean): readonly string[] {
  const standing = standingOf(assessment.sources)
  switch (standing.kind) {
    case 'refer': {
      const from = [...new Set(standing.sources.map((s) => sourceOf(s.source).plain))]
      return [`Some of it may come from ${listWords(from)}.`, 'A doctor needs to look at that first.']
    }
    case 'leads': {
      const p = estimateOf(standing.source) ?? 0
      const inNumbers = `Of 100 people with results like yours, about ${rounded(p)} have it. That number comes from studies and was not checked here.`
      return [
        `Your pain may come from ${sourceOf(standing.source.source).plain}.`,
        FITS.find(([from]) => p >= from)?.[1] ?? '',
        ...(figures ? [inNumbers] : []),
      ]
    }
    case 'disagrees':
      return ['Our tests do not agree with each other. We do not know yet where your pain comes from.']
    case 'none':
      return ['We do not know yet where your pain comes from.']
  }
}

function rounded(p: number): number {
  return Math.min(95, Math.max(5, Math.round(p * 20) * 5))
}

/** A warning sign to go home with. */
interface Net {
  readonly of: 'upper' | 'lower' | 'any'
  /** Help at once, or a doctor within days. */
  readonly soon: 'now' | 'days'
  readonly when: string
}

/** What to look out for, by the group of the safety screen that asks for it; a group without one is about what was done here. */
export const SAFETY_NET: Readonly<Record<ScreenGroupId, readonly Net[]>> = {
  saddle: [
    { of: 'lower', soon: 'now', when: 'You go numb between your legs, where you would sit on a saddle.' },
    { of: 'lower', soon: 'now', when: 'You cannot pee, or you pee or poo without meaning to.' },
    { of: 'lower', soon: 'now', when: 'Both legs hurt, tingle or go weak.' },
  ],
  cord: [
    { of: 'any', soon: 'now', when: 'Your hands get clumsy, or you feel unsteady when you walk.' },
    { of: 'upper', soon: 'now', when: 'You feel electric shocks when you bend your neck.' },
  ],
  artery: [
    { of: 'upper', soon: 'now', when: 'You see double, cannot speak or swallow well, or your face goes numb.' },
    { of: 'upper', soon: 'now', when: 'You get a bad new headache or neck pain, unlike any before.' },
  ],
  'neck-trauma': [{ of: 'upper', soon: 'now', when: 'You fall or hurt your neck.' }],
  'upper-neck': [{ of: 'upper', soon: 'now', when: 'Your head feels too heavy to hold up.' }],
  fracture: [{ of: 'lower', soon: 'now', when: 'You fall, or cannot put weight on your leg.' }],
  clot: [{ of: 'lower', soon: 'now', when: 'One calf gets hot, red and sore.' }],
  illness: [{ of: 'any', soon: 'days', when: 'You get a fever, lose weight, or your pain at night does not ease.' }],
  body: [{ of: 'lower', soon: 'now', when: 'You feel a lump that beats in your tummy.' }],
  serious: [
    { of: 'any', soon: 'now', when: 'A hand or foot goes weak.' },
    { of: 'any', soon: 'now', when: 'You have pain in your chest.' },
  ],
  inflammatory: [{ of: 'any', soon: 'days', when: 'You are stiff for more than half an hour each morning.' }],
}

const UPPER: readonly string[] = ['head', 'neck', 'arm']

function netFor(symptoms: readonly Symptom[]): readonly SummaryPart[] {
  const zones = symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone)
  const upper = zones.length === 0 || zones.some((z) => UPPER.includes(z))
  const lower = zones.length === 0 || zones.some((z) => !UPPER.includes(z))
  const fits = (net: Net) => net.of === 'any' || (net.of === 'upper' && upper) || (net.of === 'lower' && lower)
  const all = SCREEN.flatMap((group) => SAFETY_NET[group.id]).filter(fits)
  const of = (soon: Net['soon']) => all.filter((net) => net.soon === soon).map((net) => net.when)
  return [
    { heading: 'Get help at once if', lines: ['Call your emergency number or go to a hospital.'], list: of('now') },
    { heading: 'See a doctor within days if', lines: [], list: [...of('days'), 'Your pain gets worse week by week.'] },
  ]
}
