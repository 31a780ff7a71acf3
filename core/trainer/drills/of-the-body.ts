import { CATALOGUE, testById } from '../../catalogue'
import { stagesOf } from '../../record/outline'
import { instruct, testTitle, type ExamTest } from '../../catalogue/exam-test'
import { figureOf } from '../../figure/figure'
import { AREA_IDS, bodyArea, placeAt, placeWords } from '../../vocabulary/body-area'
import { capital } from '../../vocabulary/sentence'
import { otherSide, SIDES } from '../../vocabulary/side'
import { type Chance } from '../chance'
import { layPlace } from '../lay-words'
import type { DrillItem, Level } from './drill'
import { empty, shuffled } from './asked'

/** Stages whose angle is measured and drawn. */
export function measuredStages() {
  return CATALOGUE.flatMap((test) => test.stages.flatMap((stage) => (stage.angle && !stage.angle.unit && 'measured' in stage.pose ? [{ test, stage }] : [])))
}

/** Stages that are pressed with a force. */
export function pressedStages() {
  return CATALOGUE.flatMap((test) => test.stages.flatMap((stage) => (stage.force && stage.id === 'press' ? [{ test, stage }] : [])))
}

/** How far is this joint? */
export function angleEye(topic: string, level: Level, chance: Chance): DrillItem {
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

/** A press into a band. */
export function loadFeel(topic: string, level: Level): DrillItem {
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

/** The stages of a test, as one school does them. */
export function stageOrder(topic: string, level: Level, chance: Chance): DrillItem {
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

/** Which place do they mean? */
export function placeReading(topic: string, level: Level, chance: Chance): DrillItem {
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

/** Which side is drawn? */
export function sideSense(topic: string, level: Level, chance: Chance): DrillItem {
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
