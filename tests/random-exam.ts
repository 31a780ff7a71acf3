import { CATALOGUE } from '../core/catalogue'
import { seededRandom } from '../core/evidence/rng'
import { admitTo } from '../core/record/admit'
import { type Answer, ANSWERS_AT } from '../core/record/answer'
import { composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import { type Exam, examFrom } from '../core/record/exam'
import { nextStage } from '../core/record/ladder'
import { sidesOf, type StageOutline } from '../core/record/outline'
import { RULEBOOK } from '../core/safety/rulebook'
import { WARNINGS } from '../core/safety/warnings'
import { FACTS } from '../core/story/facts'
import { SCREEN } from '../core/story/screen'
import { PLACES } from '../core/vocabulary/body-area'
import { QUALITIES } from '../core/vocabulary/quality'

/** A record of random moves, as far as the record took them. */
export interface RandomExam {
  readonly events: readonly ExamEvent[]
  readonly exam: Exam
}

const AT = Date.UTC(2026, 5, 1, 9)
const ITEMS = SCREEN.flatMap((group) => group.items)

/**
 * An examination in which anything that the record takes may happen, the same for the same seed: what no author of a test thought of.
 *
 * @param moves - tests begun, answers to the screen, facts and ratings that are tried; what the record refuses is passed over
 */
export function randomExam(seed: string, moves = 30): RandomExam {
  const random = seededRandom(seed)
  const below = (n: number) => Math.floor(random() * n)
  const one = <T>(of: readonly [T, ...T[]] | readonly T[]): T => of[below(of.length)] as T
  const some = <T>(of: readonly T[], most: number) => Array.from({ length: 1 + below(most) }, () => one(of))
  let events: readonly ExamEvent[] = []
  let exam = null as Exam | null
  const tell = (content: EventContent): boolean => {
    const event: ExamEvent = { ...content, id: composedId(AT + events.length, seed, events.length), at: AT + events.length * 20_000, by: 'test-author' }
    const admission = admitTo({ events, exam, fresh: true }, [event], RULEBOOK)
    if (admission.ok) ({ events, exam } = admission)
    return admission.ok
  }
  const places = () => [...new Set(some(PLACES, 3))]
  const answerAt = (stage: StageOutline): Answer => {
    const said = one(ANSWERS_AT[stage.kind])
    const angle = stage.angle ? Math.round(stage.angle.min + random() * (stage.angle.max - stage.angle.min)) : undefined
    switch (said) {
      case 'nothing':
        return { said, ...(angle !== undefined && random() < 0.7 && { end: angle }) }
      case 'stretch':
      case 'other':
        return { said, places: places(), ...(angle !== undefined && random() < 0.7 && { end: angle }) }
      case 'familiar':
        return { said, symptom: 'S1', places: places(), intensity: below(11), ...(angle !== undefined && random() < 0.7 && { onset: angle }) }
      case 'observed':
        return { said, choice: one(stage.choices ?? []).id }
      case 'measured':
        return { said, trials: Array.from({ length: 1 + below(3) }, () => angle ?? 0) }
      case 'grid': {
        const cells = (stage.grid?.rows ?? []).flatMap((row) =>
          (stage.grid?.columns ?? [])
            .filter((column) => !column.not?.includes(row.id) && random() < 0.9)
            .map(
              (column) =>
                [
                  `${row.id}.${column.id}`,
                  column.number ? String(column.number.min + below(column.number.max - column.number.min)) : one(column.values).id,
                ] as const,
            ),
        )
        return { said, cells: Object.fromEntries(cells) }
      }
      default:
        return { said }
    }
  }
  const perform = () => {
    const test = one(CATALOGUE)
    if (test.intimate) tell({ type: 'consent-renewed', region: test.intimate, answer: random() < 0.9 ? 'agreed' : 'refused', chaperone: 'declined' })
    const run = composedId(AT + 1e9 + events.length, `${seed} run`, events.length)
    if (!tell({ type: 'test-started', run, test: test.id, side: one(sidesOf(test)), variant: one(test.variants).id })) return
    for (;;) {
      const now = exam?.runs.find((r) => r.id === run)
      const stage = now && nextStage(now, test)
      if (!stage) return
      if (random() < 0.02 && tell({ type: 'test-stopped', run, why: 'patient-asked' })) return
      if (!tell({ type: 'stage-answered', run, stage: stage.id, answer: answerAt(stage) })) return
    }
  }
  tell({ type: 'exam-opened', examId: composedId(AT, seed, 1), personId: composedId(AT, seed, 2), ageYears: 18 + below(70) })
  tell({
    type: 'symptom-described',
    symptom: 'S1',
    words: '',
    bringsOn: '',
    eases: '',
    stirring: null,
    places: places(),
    qualities: [...new Set(some(QUALITIES, 2))],
    now: below(11),
  })
  tell({ type: 'consent-given', form: 'verbal', explained: 'what the tests are like' })
  // Nearly everybody is screened; where a question was left out, the tests that it concerns are refused.
  for (const group of SCREEN) {
    for (const item of group.items) {
      if (item.onlyIf !== undefined && exam?.screen[item.onlyIf] !== 'yes') continue
      if (random() < 0.998) tell({ type: 'screen-answered', item: item.id, answer: random() < 0.005 ? 'yes' : 'no' })
    }
  }
  for (let i = 0; i < moves; i++) {
    const dice = random()
    if (dice < 0.8) perform()
    else if (dice < 0.88) tell({ type: 'screen-answered', item: one(ITEMS).id, answer: random() < 0.15 ? 'yes' : 'no' })
    else if (dice < 0.94) tell({ type: 'fact-told', fact: one(FACTS).id, answer: one(['yes', 'no'] as const) })
    else if (dice < 0.99) tell({ type: 'symptom-rated', symptom: 'S1', now: below(11) })
    else tell({ type: 'warning-seen', sign: one(WARNINGS).id })
  }
  const made = examFrom(events)
  if (!made) throw new Error('A random examination was not opened.')
  return { events, exam: made }
}
