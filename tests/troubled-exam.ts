import { CATALOGUE } from '../core/catalogue'
import { SCHOOLS } from '../core/catalogue/schools'
import { seededRandom } from '../core/evidence/rng'
import { admitTo } from '../core/record/admit'
import { type Answer, ANSWERS_AT, END_FEELS, LIMITS, PAIN_ORDERS } from '../core/record/answer'
import { composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import { type Exam, examFrom } from '../core/record/exam'
import { nextStage } from '../core/record/ladder'
import { cellsOf, sidesOf, type StageOutline } from '../core/record/outline'
import { GATES } from '../core/safety'
import { RULEBOOK } from '../core/safety/rulebook'
import { closing } from '../core/safety/safety'
import { WARNINGS } from '../core/safety/warnings'
import { FACTS } from '../core/story/facts'
import { SCREEN } from '../core/story/screen'
import { AREA_IDS, type Place, placeAt } from '../core/vocabulary/body-area'
import { STORY_QUALITIES } from '../core/vocabulary/quality'

/** An examination in which everything went wrong that can, what the record refused of it, and why. */
export interface Troubled {
  readonly events: readonly ExamEvent[]
  readonly exam: Exam
  readonly refused: readonly string[]
}

const AT = Date.UTC(2026, 7, 1, 9)
const ITEMS = SCREEN.flatMap((group) => group.items)

/**
 * A troubled examination, the same for the same seed: answers that close gates and are taken back, gates opened, consent withdrawn, tests
 * repeated, stopped, skipped and overridden, symptoms described anew, and much that no record may take.
 */
export function troubledExam(seed: string, moves: number): Troubled {
  const random = seededRandom(seed)
  const chance = (p: number) => random() < p
  const below = (n: number) => Math.floor(random() * n)
  const one = <T>(of: readonly T[]): T => of[below(of.length)] as T
  let events: readonly ExamEvent[] = []
  let exam = null as Exam | null
  const refused: string[] = []
  const tell = (content: EventContent): boolean => {
    const event: ExamEvent = {
      ...content,
      id: composedId(AT + events.length + refused.length, seed, events.length + refused.length),
      at: AT + events.length * 40_000,
      by: 'test-author',
    }
    const admission = admitTo({ events, exam, fresh: true }, [event], RULEBOOK)
    if (admission.ok) ({ events, exam } = admission)
    else refused.push(`${content.type}: ${admission.problem.what}`)
    return admission.ok
  }
  // Most go on whatever closes: a reason is given for everything.
  const goesOn = chance(0.65)
  // Complaints of one region, so that tests are about them.
  const region = one([
    ['low-back', 'sacroiliac', 'buttock', 'calf', 'thigh-back', 'groin', 'shin-outer'],
    ['neck-back', 'shoulder-blade', 'upper-arm-back', 'forearm-front', 'thumb', 'back-of-head'],
    ['low-back', 'thigh-front', 'knee-front', 'outer-hip', 'pubic', 'saddle'],
  ] as const)
  const side = one(['left', 'right'] as const)
  const places = (): readonly Place[] => {
    const painted = Array.from({ length: 1 + below(2) }, () =>
      placeAt(chance(0.85) ? side : one(['left', 'right'] as const), chance(0.85) ? one(region) : one(AREA_IDS)),
    )
    return chance(0.06) ? [] : [...new Set(painted)]
  }
  const beside = () => ({
    ...(chance(0.1) && { held: below(40) }),
    ...(chance(0.1) && { newtons: below(300) }),
    ...(chance(0.1) && { lean: chance(0.5) }),
    ...(chance(0.2) && { endFeel: one(END_FEELS) }),
    ...(chance(0.2) && { painOrder: one(PAIN_ORDERS) }),
    ...(chance(0.05) && { simulated: true }),
  })
  const symptom = () => (chance(0.9) ? 'S1' : 'S2')
  const answerAt = (stage: StageOutline): Answer => {
    const said = chance(0.97) ? one(ANSWERS_AT[stage.kind]) : one(Object.values(ANSWERS_AT).flat())
    const angle = stage.angle && chance(0.8) ? Math.round(stage.angle.min + random() * (stage.angle.max - stage.angle.min) * 1.02) : undefined
    const changed = { ...(chance(0.2) && { intensity: below(11) }), ...(chance(0.05) && { held: below(20) }) }
    switch (said) {
      case 'nothing':
        return { said, ...(angle !== undefined && { end: angle }), ...(chance(0.3) && beside()) }
      case 'stretch':
        return { said, places: places(), ...(angle !== undefined && { end: angle }), ...(chance(0.3) && beside()) }
      case 'other':
        return {
          said,
          places: places(),
          ...(chance(0.3) && { qualities: [one(STORY_QUALITIES)] }),
          ...(chance(0.1) && { words: 'electric' }),
          ...(angle !== undefined && { end: angle }),
        }
      case 'familiar':
        return {
          said,
          symptom: symptom(),
          places: places(),
          intensity: chance(0.08) ? null : below(11),
          ...(angle !== undefined && { onset: angle }),
          ...(chance(0.3) && beside()),
        }
      case 'eased':
      case 'unchanged':
        return { said, ...changed, ...(chance(0.3) && { part: one(['neck', 'ankle', 'knee', 'trunk', 'wrist', 'elbow']) }) }
      case 'returned':
      case 'stayed-away':
        return { said, ...changed, ...(chance(0.3) && { lowered: below(10) }) }
      case 'worse':
      case 'nothing-to-relieve':
        return { said, ...changed }
      case 'observed':
        return { said, choice: chance(0.97) ? ((stage.choices ?? []).length > 0 ? one(stage.choices ?? []).id : 'none') : 'no-such' }
      case 'measured':
        return { said, trials: Array.from({ length: 1 + below(3) }, () => (angle ?? 20) + below(4)), ...(chance(0.3) && { limitedBy: one(LIMITS) }) }
      case 'grid': {
        const [whole, quiet] = [chance(0.6), 0.5 + random() / 2]
        const cells = (stage.grid ? cellsOf(stage.grid) : []).flatMap(({ id, column }) => {
          if (!whole && chance(0.3)) return []
          const value = column.number
            ? String(column.number.min + below(20))
            : chance(quiet)
              ? (column.usual ?? column.values[0]?.id ?? '')
              : one(column.values).id
          return [[id, value] as const]
        })
        return { said, cells: Object.fromEntries(cells.length > 0 ? cells : [['none.none', '1']]) }
      }
    }
  }
  const perform = () => {
    const near = CATALOGUE.filter((t) => (region.some((r) => r === 'neck-back') ? ['neck', 'arm'] : ['back', 'leg', 'pelvis']).includes(t.region))
    const test = chance(0.9) ? one(near) : one(CATALOGUE)
    if (test.intimate && chance(0.9))
      tell({ type: 'consent-renewed', region: test.intimate, answer: chance(0.9) ? 'agreed' : 'refused', chaperone: one(['declined', 'present'] as const) })
    const run = composedId(AT + 1e9 + events.length + refused.length, `${seed} run`, events.length)
    const on = chance(0.98) ? one(sidesOf(test)) : one(['left', 'right', 'none'] as const)
    if (!tell({ type: 'test-started', run, test: test.id, side: on, variant: one(test.variants).id })) return
    for (let tries = 0; tries < 60; tries++) {
      const now = exam?.runs.find((r) => r.id === run)
      const stage = now && nextStage(now, test)
      if (!stage) return
      if (chance(0.03) && tell({ type: 'test-stopped', run, why: one(['patient-asked', 'examiner-chose', 'halted'] as const) })) return
      tell({ type: 'stage-answered', run, stage: chance(0.98) ? stage.id : 'no-such-stage', answer: answerAt(stage) })
    }
  }
  const describe = (id: 'S1' | 'S2') =>
    tell({
      type: 'symptom-described',
      symptom: id,
      words: one(['', 'a dull ache', 'dizzy when turning', 'both legs go numb', 'a shock down the back']),
      bringsOn: one(['', 'reaching up', 'sitting']),
      eases: '',
      stirring: chance(0.4) ? { stirredBy: one(['much', 'some', 'little'] as const), settles: one(['minutes', 'half-hour', 'longer'] as const) } : null,
      places: places(),
      qualities: [one(STORY_QUALITIES)],
      now: chance(0.1) ? null : below(11),
      ...(chance(0.4) && { worst: 5 + below(6) }),
    })
  const trouble = () => {
    const runs = exam?.runs ?? []
    const run = runs.length > 0 ? one(runs).id : 'none'
    const test = one(CATALOGUE)
    const moves: readonly (() => unknown)[] = [
      () => tell({ type: 'screen-answered', item: one(ITEMS).id, answer: one(['yes', 'no'] as const) }),
      () =>
        tell({
          type: 'screen-rest-no',
          group: one(SCREEN).id,
          items: one(SCREEN)
            .items.slice(0, 2)
            .map((i) => i.id),
        }),
      () => tell({ type: 'screen-elsewhere', group: one(SCREEN).id, why: one(['on paper', '  ']) }),
      () => tell({ type: 'fact-told', fact: one(FACTS).id, answer: one(['yes', 'no'] as const) }),
      () => tell({ type: 'symptom-rated', symptom: symptom(), now: below(11) }),
      () => tell({ type: 'warning-seen', sign: chance(0.2) ? one(WARNINGS).id : 'no-such-sign' }),
      () => tell({ type: 'undone', target: events.length > 0 ? one(events).id : 'none' }),
      () => {
        const gate = one(GATES).id
        return tell({ type: 'gate-opened', gate, why: one(['looked into by a doctor', ' ', '...']), causes: exam ? closing(exam, gate) : [] })
      },
      () =>
        exam &&
        GATES.forEach(
          (g) =>
            chance(0.3) &&
            exam &&
            closing(exam, g.id).length > 0 &&
            tell({ type: 'gate-opened', gate: g.id, why: 'seen elsewhere', causes: closing(exam, g.id) }),
        ),
      () =>
        tell({
          type: 'finding-overridden',
          run,
          about: one(['left', 'right'] as const),
          result: one(['positive', 'negative', 'inconclusive'] as const),
          why: one(['spoiled by a cough', '']),
        }),
      () => tell({ type: 'run-chosen', run, why: one(['the first was hurried', '']) }),
      () => tell({ type: 'test-skipped', test: test.id, side: one(['left', 'right', 'none'] as const), why: 'no time' }),
      () => tell({ type: 'test-stopped', run, why: 'patient-asked' }),
      () => describe(symptom()),
      () => chance(0.2) && tell({ type: 'symptom-removed', symptom: 'S2' }),
      () => chance(0.2) && tell({ type: 'consent-withdrawn' }) && chance(0.8) && tell({ type: 'consent-given', form: 'written', explained: 'again' }),
      () => chance(0.3) && tell({ type: 'age-corrected', ageYears: 20 + below(70), why: 'told wrongly' }),
      () =>
        tell({
          type: 'schools-chosen',
          schools: Object.fromEntries(SCHOOLS.filter(() => chance(0.4)).map((q) => [q.id, one(q.schools).id])),
          setting: one(['referred', 'first-contact'] as const),
        }),
      () => tell({ type: 'plan-chosen', mode: one(['full-baseline', 'quickest-answer', 'fewest-turns'] as const) }),
      () => tell({ type: 'route-ordered', order: [`${test.id} left`, `${one(CATALOGUE).id} none`] }),
      () => tell({ type: 'note-written', text: 'own words' }),
    ]
    one(moves)()
  }
  tell({ type: 'exam-opened', examId: composedId(AT, seed, 1), personId: composedId(AT, seed, 2), ageYears: chance(0.1) ? null : 18 + below(70) })
  describe('S1')
  if (chance(0.95)) tell({ type: 'consent-given', form: 'verbal', explained: 'what the tests are like' })
  for (const { id, onlyIf } of ITEMS) {
    if (!chance(goesOn ? 1 : 0.97) || (onlyIf !== undefined && exam?.screen[onlyIf] !== 'yes')) continue
    tell({ type: 'screen-answered', item: id, answer: chance(goesOn ? 0.004 : 0.015) ? 'yes' : 'no' })
  }
  for (let n = 0; n < moves; n++) {
    if (goesOn && exam && chance(0.8)) {
      if (exam.consent === 'withdrawn') tell({ type: 'consent-given', form: 'verbal', explained: 'again' })
      for (const { id } of GATES) {
        const causes = closing(exam, id)
        if (causes.length > 0) tell({ type: 'gate-opened', gate: id, why: 'looked into, and decided to go on', causes })
      }
    }
    if (chance(0.6)) perform()
    else trouble()
  }
  const made = examFrom(events)
  if (!made) throw new Error('A troubled examination was not opened.')
  return { events, exam: made, refused }
}
