import { CATALOGUE, testById } from '../../catalogue'
import { offered, stagesOf } from '../../record/outline'
import { instruct, testTitle, type ExamTest } from '../../catalogue/exam-test'
import { CLUSTERS } from '../../clusters'
import { itemKey, type Item } from '../../clusters/item'
import { itemWords } from '../../clusters/item-words'
import { figureOf } from '../../figure/figure'
import { evaluate, type Known } from '../../logic/evaluate'
import type { Rule } from '../../logic/rule'
import { findingsOf } from '../../findings/findings'
import { EDITION } from '../../edition'
import { AREA_IDS, bodyArea, placeAt, placeWords } from '../../vocabulary/body-area'
import { capital } from '../../vocabulary/sentence'
import { otherSide, SIDES } from '../../vocabulary/side'
import { type Urgency, URGENCY_WORDS } from '../../safety/gate'
import { RULEBOOK } from '../../safety/rulebook'
import { type Chance, chanceOf } from '../chance'
import { numberedCase, patientFrom } from '../generate'
import { urgencyOf } from '../judge/expected'
import { layPlace } from '../lay-words'
import { askedTruly, performTruly, recorded } from '../perform'
import { CASE_REGIONS, type CaseRegion } from '../picture'
import { SERIOUS, type SeriousId, seriousOf } from '../serious'
import { SCREEN } from '../../story/screen'
import type { DrillId, DrillItem, Level } from './drill'

/** What each drill can ask about; a topic comes again when it is due. */
export function topicsOf(drill: DrillId): readonly string[] {
  switch (drill) {
    case 'angle-eye':
      return [...new Set(measuredStages().map(({ stage }) => stage.angle?.joint ?? ''))]
    case 'load-feel':
      return pressedStages().map(({ test, stage }) => `${test.id} ${stage.id}`)
    case 'stage-order':
      return CATALOGUE.flatMap((test) =>
        offered(test.variants)
          .filter((v) => stagesOf(test, v.id).length >= 4)
          .map((v) => `${test.id} ${v.id}`),
      )
    case 'true-positive':
      return ['slump', 'leg-raise', 'thigh-thrust', 'faber', 'neck-compression', 'ulnt-1', 'sij-palpation', 'femoral-stretch']
    case 'place-reading':
      return AREA_IDS
    case 'cluster-count':
      return counted().map((c) => c.id)
    case 'figure-meaning':
      return ['positive', 'negative']
    case 'red-flags':
      return [...(Object.keys(SERIOUS) as SeriousId[]), 'nothing']
    case 'side-sense':
      return ['front', 'behind', 'above']
  }
}

/** One question: the same seed gives the same one. */
export function itemOf(drill: DrillId, topic: string, level: Level, seed: string): DrillItem {
  const chance = chanceOf(`${drill} ${topic} ${level} ${seed}`)
  switch (drill) {
    case 'angle-eye':
      return angleEye(topic, level, chance)
    case 'load-feel':
      return loadFeel(topic, level)
    case 'stage-order':
      return stageOrder(topic, level, chance)
    case 'true-positive':
      return truePositive(topic, level, seed)
    case 'place-reading':
      return placeReading(topic, level, chance)
    case 'cluster-count':
      return clusterCount(topic, level, chance)
    case 'figure-meaning':
      return figureMeaning(topic, level, chance)
    case 'red-flags':
      return redFlags(topic, level, seed, chance)
    case 'side-sense':
      return sideSense(topic, level, chance)
  }
}

function measuredStages() {
  return CATALOGUE.flatMap((test) => test.stages.flatMap((stage) => (stage.angle && !stage.angle.unit && 'measured' in stage.pose ? [{ test, stage }] : [])))
}

function pressedStages() {
  return CATALOGUE.flatMap((test) => test.stages.flatMap((stage) => (stage.force && stage.id === 'press' ? [{ test, stage }] : [])))
}

function angleEye(topic: string, level: Level, chance: Chance): DrillItem {
  const all = measuredStages().filter(({ stage }) => stage.angle?.joint === topic)
  const [first = measuredStages()[0], ...rest] = all
  const found = first && chance.oneOf([first, ...rest])
  const angle = found?.stage.angle
  if (!found || !angle) return empty('angle-eye')
  // Round figures are easier to guess than to see.
  const [low, high] = angle.usual
  const step = level <= 2 ? 10 : level === 3 ? 5 : 1
  const truth = Math.min(high, low + step * chance.whole(1, Math.max(1, Math.floor((high - low) / step) - 1)))
  const side = chance.oneOf(['left', 'right'])
  return {
    kind: 'estimate',
    topic,
    ask: `${capital(angle.joint)}: how many degrees?`,
    lines: [],
    figure: figureOf(found.stage.pose, side, truth),
    unit: '°',
    min: angle.min,
    max: angle.max,
    truth,
    within: level <= 2 ? 10 : level <= 4 ? 7 : 5,
    why: `It is ${truth}°.`,
  }
}

function loadFeel(topic: string, level: Level): DrillItem {
  const [id = '', stageId = ''] = topic.split(' ')
  const test = testById(id)
  const stage = test?.stages.find((s) => s.id === stageId)
  const [low, high] = stage?.force ?? [100, 150]
  const middle = (low + high) / 2
  // The harder, the narrower the band and the longer the hold.
  const half = ((high - low) / 2) * (1.5 - 0.2 * level)
  return {
    kind: 'press',
    topic,
    ask: test ? `${test.name}: rise slowly into the band, and stay in it.` : 'Rise slowly into the band, and stay in it.',
    lines: ['Hold + or the pad to press more; let go, and it falls. Practise on several people, also under hair: skin slides, the bone under it does not.'],
    band: [Math.round(middle - half), Math.round(middle + half)],
    holdSeconds: level <= 2 ? 5 : 8,
    why: `The test asks for ${low} to ${high} N, built up over about five seconds.`,
  }
}

function stageOrder(topic: string, level: Level, chance: Chance): DrillItem {
  const [id = '', variant = ''] = topic.split(' ')
  const test = testById(id)
  if (!test) return empty('stage-order')
  const all = stagesOf(test, variant).filter((s) => !s.when && !s.ifReproduced)
  const stages = all.slice(0, Math.min(all.length, 3 + level))
  const truth = stages.map((s) => s.id)
  const shown = shuffled(
    stages.map((s) => ({ id: s.id, words: s.label })),
    chance,
  )
  return {
    kind: 'order',
    topic,
    ask: `${test.name}: in which order?`,
    lines: [test.variants.find((v) => v.id === variant)?.name ?? ''],
    shown: shown.every((s, i) => s.id === truth[i]) ? shown.toReversed() : shown,
    truth,
    why: `${stages.map((s) => s.label).join(', then ')}.`,
  }
}

function shuffled<T>(list: readonly T[], chance: Chance): readonly T[] {
  const left = [...list]
  return list.flatMap(() => left.splice(chance.whole(0, left.length - 1), 1))
}

/** A short performance with what was said, from a person of the generator; its result as the bench reads it. */
function truePositive(topic: string, level: Level, seed: string): DrillItem {
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

function placeReading(topic: string, level: Level, chance: Chance): DrillItem {
  const area = AREA_IDS.find((a) => a === topic) ?? 'calf'
  const side = chance.oneOf(['left', 'right'])
  const truth = placeAt(side, area)
  const near = AREA_IDS.filter((a) => a !== area && bodyArea(a).zone === bodyArea(area).zone)
  const far = AREA_IDS.filter((a) => a !== area && bodyArea(a).zone !== bodyArea(area).zone)
  const others = shuffled(level >= 3 ? [...near, ...far.slice(0, 2)] : [...far.slice(0, 6), ...near.slice(0, 1)], chance).slice(0, level >= 4 ? 4 : 3)
  const wrong = others.map((a) => placeAt(level >= 2 && chance.happens(0.3) ? otherSide(side) : side, a))
  const mirrored = level >= 2 ? [placeAt(otherSide(side), area)] : []
  return {
    kind: 'choice',
    topic,
    ask: `“It is in ${layPlace(truth)}.” Which place is that?`,
    figure: null,
    lines: [],
    choices: shuffled([truth, ...wrong, ...mirrored], chance).map((place) => ({ id: place, words: placeWords(place) })),
    truth,
    why: `${placeWords(truth)}${bodyArea(area).detail === undefined ? '' : `: ${bodyArea(area).detail ?? ''}`}.`,
  }
}

/** Rules whose root counts: "at least k of these". */
function counted() {
  return CLUSTERS.filter((c) => c.holds.kind === 'at-least' && c.holds.of.length >= 3)
}

function clusterCount(topic: string, level: Level, chance: Chance): DrillItem {
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
    ask: `${cluster.name}: at least ${cluster.holds.k} of ${cluster.holds.of.length}. Where does it stand?`,
    figure: null,
    lines: leavesOf(cluster.holds).map((leaf) => `${itemWords(leaf)}: ${{ true: 'yes', false: 'no', open: 'not done' }[known.get(itemKey(leaf)) ?? 'open']}`),
    choices: [
      { id: 'met', words: 'Met' },
      { id: 'out-of-reach', words: 'Cannot be met any more' },
      { id: 'open', words: 'Still open' },
    ],
    truth: words[truth],
    why: 'Met once enough are true; it cannot be met any more once too many are false. A test that was not done is neither.',
  }
}

function leavesOf(rule: Rule<Item>): readonly Item[] {
  switch (rule.kind) {
    case 'leaf':
      return [rule.leaf]
    case 'not':
      return leavesOf(rule.of)
    case 'at-least':
      return rule.of.flatMap(leavesOf)
    case 'weighted':
      return rule.of.flatMap(({ part }) => leavesOf(part))
  }
}

/** Natural frequencies (Gigerenzer and Hoffrage 1995): counts of people, since they are understood where percentages are not. */
function figureMeaning(topic: string, level: Level, chance: Chance): DrillItem {
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

function redFlags(topic: string, level: Level, seed: string, chance: Chance): DrillItem {
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

function sideSense(topic: string, level: Level, chance: Chance): DrillItem {
  const fits = (test: ExamTest) =>
    test.sides === 'each'
      ? test.stages.filter(({ pose }) =>
          pose.plane === 'front' ? (topic === 'behind' ? pose.fromBehind === true : topic === 'front' && !pose.fromBehind) : topic === 'above',
        )
      : []
  const [first, ...rest] = CATALOGUE.flatMap((test) => fits(test).map((stage) => ({ test, stage })))
  if (!first) return empty('side-sense')
  const { test, stage } = chance.oneOf([first, ...rest])
  const side = chance.oneOf(['left', 'right'])
  return {
    kind: 'choice',
    topic,
    ask: 'Which side of the person is tested?',
    figure: figureOf(stage.pose, side),
    lines: level <= 2 ? [instruct(stage.do, 'none').replaceAll('{side}', '…').replaceAll('{other}', '…')] : [],
    choices: SIDES.map((s) => ({ id: s, words: s })),
    truth: side,
    why: `${testTitle(test, side)}. ${instruct(stage.do, side)}`,
  }
}

/** Where a topic left the catalogue: nothing to ask. */
function empty(drill: DrillId): DrillItem {
  return {
    kind: 'choice',
    topic: drill,
    ask: 'There is nothing to ask here any more.',
    figure: null,
    lines: [],
    choices: [{ id: 'on', words: 'Go on' }],
    truth: 'on',
    why: '',
  }
}
