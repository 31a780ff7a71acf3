import { CATALOGUE, testById } from '../../catalogue'
import { offered } from '../../record/outline'
import { testTitle } from '../../catalogue/exam-test'
import { CLUSTERS } from '../../clusters'
import { itemKey, type Item } from '../../clusters/item'
import { itemWords } from '../../clusters/item-words'
import { evaluate, type Known } from '../../logic/evaluate'
import { findingsOf } from '../../findings/findings'
import { EDITION } from '../../edition'
import { type Urgency, URGENCY_WORDS } from '../../safety/gate'
import { RULEBOOK } from '../../safety/rulebook'
import { type Chance, chanceOf } from '../chance'
import { numberedCase, patientFrom } from '../generate'
import { urgencyOf } from '../judge/expected'
import { askedTruly, performTruly, recorded } from '../perform'
import { CASE_REGIONS, type CaseRegion } from '../picture'
import { type SeriousId, seriousOf } from '../serious'
import { SCREEN } from '../../story/screen'
import type { DrillItem, Level } from './drill'
import { leavesOf, type Rule } from '../../logic/rule'
import { empty, shuffled } from './asked'

/** A short performance with what was said, from a person of the generator; its result as the bench reads it. */
export function truePositive(topic: string, level: Level, seed: string): DrillItem {
  const test = testById(topic)
  if (!test) return empty('true-positive')
  const region: CaseRegion = test.region === 'neck' || test.region === 'arm' ? 'neck' : test.region === 'pelvis' ? 'pelvis' : 'back'
  for (let n = 0; n < 40; n++) {
    const patient = numberedCase(region, 1000 + chanceOf(`${seed} ${n}`).whole(0, 100_000))
    const side = patient.sources[0]?.side ?? 'left'
    const on = test.sides === 'each' ? side : 'none'
    const variant = offered(test.variants)[0]?.id ?? ''
    const story = askedTruly(patient, EDITION)
    if (RULEBOOK.bars(story.exam, test.id, variant)) continue
    const steps = performTruly(patient, test, on, variant)
    const record = recorded(story, patient, test, on, variant)
    const finding = findingsOf(record.exam, { testById, all: CATALOGUE }).find((f) => f.test === test.id && f.about === side)
    if (!finding || (finding.result !== 'positive' && finding.result !== 'negative')) continue
    const spoken = steps.filter(({ response }) => response.words !== '')
    // The easier, the more of what was said is shown.
    const told = level >= 4 ? spoken.slice(-2) : spoken.slice(-4)
    return {
      kind: 'choice',
      topic,
      ask: `${testTitle(test, on)}. Positive or negative?`,
      figure: null,
      lines: [
        `They came with: ${patient.symptoms.map((s) => `“${s.words}”`).join(' ')}`,
        ...told.map(({ stage, response }) => `${stage.label}: “${response.words}”`),
      ],
      choices: [
        { id: 'positive', words: 'Positive' },
        { id: 'negative', words: 'Negative' },
      ],
      truth: finding.result,
      why: finding.why,
    }
  }
  return empty('true-positive')
}

/** Rules that anybody can count from their lines: at least so many of these are true, or at least so many are not. */
export function counted() {
  return CLUSTERS.filter(({ holds }) => holds.kind === 'at-least' && holds.of.length >= 3 && countsOf(holds.of) !== null)
}

/** Which answer counts in a rule of plain conditions; null where its parts are rules themselves, or of both kinds. */
function countsOf(parts: readonly Rule<Item>[]): 'yes' | 'no' | null {
  if (parts.every((part) => part.kind === 'leaf')) return 'yes'
  return parts.every((part) => part.kind === 'not' && part.of.kind === 'leaf') ? 'no' : null
}

/** Where a rule stands with tests missing. */
export function clusterCount(topic: string, level: Level, chance: Chance): DrillItem {
  const cluster = counted().find((c) => c.id === topic) ?? counted()[0]
  if (cluster?.holds.kind !== 'at-least') return empty('cluster-count')
  const missing = 0.15 + 0.08 * level
  const known = new Map<string, Known['truth']>()
  const ask = (item: Item): Known => {
    const key = itemKey(item)
    const truth = known.get(key) ?? (chance.happens(missing) ? 'open' : chance.happens(0.5) ? 'true' : 'false')
    known.set(key, truth)
    return truth === 'open' ? { truth, open: 'untried' } : { truth }
  }
  const { truth } = evaluate<Item>(cluster.holds, ask)
  const words = { true: 'met', false: 'out-of-reach', open: 'open' } as const
  return {
    kind: 'choice',
    topic,
    ask: `${cluster.name}: at least ${cluster.holds.k} of ${cluster.holds.of.length} answered ${countsOf(cluster.holds.of) ?? 'yes'}. Where does it stand?`,
    figure: null,
    lines: leavesOf(cluster.holds).map((leaf) => `${itemWords(leaf)}: ${{ true: 'yes', false: 'no', open: 'not done' }[known.get(itemKey(leaf)) ?? 'open']}`),
    choices: [
      { id: 'met', words: 'Met' },
      { id: 'out-of-reach', words: 'Cannot be met any more' },
      { id: 'open', words: 'Still open' },
    ],
    truth: words[truth],
    why: 'Met once enough of them are so; it cannot be met any more once too many are not. A test that was not done is neither.',
  }
}

/** Natural frequencies (Gigerenzer and Hoffrage 1995): counts of people, since they are understood where percentages are not. */
export function figureMeaning(topic: string, level: Level, chance: Chance): DrillItem {
  const people = 1000
  const have = (level <= 2 ? 100 : 20) * chance.whole(1, level <= 2 ? 4 : 10)
  const sensitivity = chance.whole(5, 9) * 10
  const specificity = chance.whole(5, 9) * 10
  const truePositives = Math.round((have * sensitivity) / 100)
  const falsePositives = Math.round(((people - have) * (100 - specificity)) / 100)
  const missed = have - truePositives
  const clear = people - have - falsePositives
  const positive = topic === 'positive'
  const truth = positive ? Math.round((100 * truePositives) / (truePositives + falsePositives)) : Math.round((100 * missed) / (missed + clear))
  const given =
    level >= 4
      ? `Of ${people} people ${have} have it. Sensitivity ${sensitivity} %, specificity ${specificity} %.`
      : `Of ${people} people ${have} have it; ${truePositives} of them test positive. Of the ${people - have} who do not have it, ${falsePositives} test positive.`
  return {
    kind: 'estimate',
    topic,
    ask: positive ? 'Of 100 people who test positive, how many have it?' : 'Of 100 people who test negative, how many have it all the same?',
    lines: [given],
    figure: null,
    unit: ' of 100',
    min: 0,
    max: 100,
    truth,
    within: level <= 2 ? 8 : 5,
    why: positive
      ? `${truePositives} of the ${truePositives + falsePositives} who test positive have it: ${truth} of 100. Specificity is not the chance of having it; it depends on how many have it to begin with.`
      : `${missed} of the ${missed + clear} who test negative have it: ${truth} of 100.`,
  }
}

const URGENCIES: readonly Urgency[] = ['emergency', 'same-day', 'urgent', 'medical-review']

/** A story with its answers: go on, or refer, and how soon? */
export function redFlags(topic: string, level: Level, seed: string, chance: Chance): DrillItem {
  const serious = topic === 'nothing' ? null : (topic as SeriousId)
  const region = serious ? (seriousOf(serious).regions[0] ?? 'back') : chance.oneOf(CASE_REGIONS)
  const patient = patientFrom({ region, serious, ...(serious ? {} : { irritability: 'low' as const }) }, `flags ${seed} ${topic}`)
  const yes = SCREEN.flatMap((g) => g.items).filter(({ id }) => patient.screen[id] === 'yes')
  const no = shuffled(
    SCREEN.flatMap((g) => g.items).filter(({ id, onlyIf }) => patient.screen[id] === 'no' && onlyIf === undefined),
    chance,
  ).slice(0, 1 + level)
  const wanted = urgencyOf(patient)
  return {
    kind: 'choice',
    topic,
    ask: 'Go on, or refer, and how soon?',
    figure: null,
    lines: [
      `${patient.ageYears} years. “${patient.symptoms[0]?.words ?? ''}”`,
      ...shuffled([...yes, ...no], chance).map(({ id, ask }) => `${ask} ${patient.screen[id] === 'yes' ? 'Yes.' : 'No.'}`),
    ],
    choices: [{ id: 'go-on', words: 'Go on' }, ...URGENCIES.map((urgency) => ({ id: urgency, words: URGENCY_WORDS[urgency] }))],
    truth: wanted ?? 'go-on',
    why: serious ? `It fits ${seriousOf(serious).name}.` : wanted ? 'What was told asks for somebody else.' : 'Nothing here asks for somebody else.',
  }
}
