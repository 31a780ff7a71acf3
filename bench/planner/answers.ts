import { CATALOGUE, testById } from '../../core/catalogue'
import type { ExamTest } from '../../core/catalogue/exam-test'
import { speaksWithFigures } from '../../core/catalogue/reading/speaks'
import { askItem } from '../../core/clusters/ask'
import { signsOf } from '../../core/evidence/signs'
import { couldShow } from '../../core/findings/could-show'
import { findingsOf } from '../../core/findings/findings'
import type { Answer } from '../../core/record/answer'
import type { Exam, Run, StageAnswer } from '../../core/record/exam'
import { nextStage } from '../../core/record/ladder'
import { cellsOf, type StageOutline } from '../../core/record/outline'
import type { Side, TestSide } from '../../core/vocabulary/side'
import { quiet } from '../../tests/people'

/** What a case says of a test and of the signs seen in it: positive or not, by name. */
export type Wanted = Readonly<Record<string, boolean>>

/** A cell of a screen that shows a sign. */
const CELL: Readonly<Record<string, readonly [stage: string, cell: string, value: string]>> = {
  'biceps-reflex': ['reflexes', 'biceps.reflex', '1'],
  'arm-weakness': ['strength', 'c6.strength', '4'],
  'arm-feeling': ['sensation', 'c6.touch', 'less'],
  'low-weakness': ['strength', 'l5.strength', '4'],
  'low-reflex': ['reflexes', 'achilles.reflex', '0'],
  'low-feeling': ['sensation', 'l5.touch', 'less'],
  'patellar-reflex': ['reflexes', 'patellar.reflex', '1'],
  'front-thigh-feeling': ['sensation', 'l2.touch', 'less'],
  'finger-flick': ['cord', 'finger-flick.sign', 'yes'],
  'inverted-brachioradialis': ['cord', 'inverted-brachioradialis.sign', 'yes'],
  'plantar-up': ['cord', 'plantar-up.sign', 'yes'],
  clonus: ['cord', 'clonus.sign', 'yes'],
}

const FOUND = new Map<string, readonly Answer[] | null>()

/**
 * One finished performance whose findings are those wanted, made by trying what could be answered at each stage.
 *
 * @returns null when no answers of this test read that way
 */
export function runThatReads(exam: Exam, test: ExamTest, side: TestSide, variant: string, about: Side, wanted: Wanted): Run | null {
  // Read beside the other side, which a reflex is compared with, and beside the test it follows.
  const before = exam.runs.filter((run) => run.test === test.id || run.test === test.follows)
  const key = [test.id, side, variant, about, JSON.stringify(wanted), exam.symptoms[0]?.places.join(), before.length].join(' ')
  const blank: Run = {
    id: `${test.id} ${side}`,
    test: test.id,
    side,
    variant,
    startedAt: exam.openedAt,
    moment: 0,
    answers: [],
    stopped: null,
    catalogue: Infinity,
    story: exam.symptoms,
  }
  // Nothing there to bring on: trying would only take time.
  if (wanted[test.id] && !couldShow(test.reading, about, exam)) return null
  // A follow-on is read beside the test it follows, so its answers depend on more than its own key.
  const known = test.follows ? undefined : FOUND.get(key)
  if (known === null) return null
  if (known) return replay(blank, test, known)
  const found = search({ ...exam, runs: before }, blank, test, about, wanted, { left: 1200 })
  if (!test.follows) FOUND.set(key, found?.answers.map((a) => a.answer) ?? null)
  return found
}

function replay(blank: Run, test: ExamTest, answers: readonly Answer[]): Run {
  return answers.reduce<Run>((run, answer) => {
    const stage = nextStage(run, test)
    return stage ? { ...run, answers: [...run.answers, given(stage, answer)] } : run
  }, blank)
}

const given = (stage: StageOutline, answer: Answer): StageAnswer => ({ event: stage.id, stage: stage.id, answer, at: 0 })

function search(exam: Exam, run: Run, test: ExamTest, about: Side, wanted: Wanted, budget: { left: number }): Run | null {
  const stage = nextStage(run, test)
  if (!stage) return reads({ ...exam, runs: [...exam.runs, run] }, test, run.side, about, wanted) ? run : null
  for (const answer of candidates(stage, exam, wanted)) {
    if (budget.left-- <= 0) return null
    const found = search(exam, { ...run, answers: [...run.answers, given(stage, answer)] }, test, about, wanted, budget)
    if (found) return found
  }
  return null
}

function reads(exam: Exam, test: ExamTest, side: TestSide, about: Side, wanted: Wanted): boolean {
  const findings = findingsOf(exam, { testById, all: CATALOGUE })
  return Object.entries(wanted).every(([id, positive]) => {
    const sign = signsOf(test.id).find((s) => s.id === id)
    if (sign) {
      const { truth } = askItem(sign.item, about, { exam, findings })
      // A lost reflex waits for the other side: until that was seen it is open, and read as lost then.
      return truth === (positive ? 'true' : 'false') || (positive && truth === 'open' && !exam.runs.some((run) => run.test === test.id && run.side !== side))
    }
    const finding = findings.find((f) => f.test === id && (side === 'none' || f.side === side) && f.about === about)
    if (finding?.result !== (positive ? 'positive' : 'negative')) return false
    // Some positives only point, for want of the place that counts; the generated rates are those of the ones that count.
    const counted = speaksWithFigures((testById(id) ?? test).reading, finding.result)
    return counted.length === 0 || finding.readings.some((r) => r.strength === 'quantified' && counted.includes(r.source))
  })
}

/** What could be answered at a stage: the quiet answer first when nothing is wanted, the telling ones first when something is. */
function candidates(stage: StageOutline, exam: Exam, wanted: Wanted): readonly Answer[] {
  const telling = tellingAnswers(stage, exam, wanted)
  return Object.values(wanted).some(Boolean) ? [...telling, quiet(stage)] : [quiet(stage), ...telling]
}

function tellingAnswers(stage: StageOutline, exam: Exam, wanted: Wanted): readonly Answer[] {
  const places = exam.symptoms[0]?.places ?? []
  switch (stage.kind) {
    case 'load': {
      const own = (at: typeof places, onset?: number): Answer => ({
        said: 'familiar',
        symptom: 'S1',
        places: at,
        intensity: 6,
        ...(onset !== undefined && { onset }),
      })
      const onset = stage.angle ? Math.round(stage.angle.usual[0] * 0.6) : undefined
      const ends = stage.angle ? [stage.angle.usual[1], 20].map((end): Answer => ({ said: 'nothing', end })) : []
      return [...places.map((place) => own([place], onset)), own(places, onset), ...ends]
    }
    case 'release':
    case 'relief':
      return [{ said: 'eased' }]
    case 'return':
      return [{ said: 'returned' }]
    case 'observe':
      return (stage.choices ?? []).slice(1).map((choice): Answer => ({ said: 'observed', choice: choice.id }))
    case 'measure':
      return stage.angle ? [0.45, 1.15].map((share): Answer => ({ said: 'measured', trials: [Math.round((stage.angle?.usual[1] ?? 0) * share)] })) : []
    case 'grid': {
      const shown = Object.entries(CELL).flatMap(([sign, [at, cell, value]]) => (wanted[sign] && at === stage.id ? [[cell, value] as const] : []))
      const plain = quiet(stage)
      if (plain.said !== 'grid' || !stage.grid) return []
      if (Object.keys(wanted).some((id) => id in CELL))
        return shown.length > 0 ? [{ said: 'grid', cells: { ...plain.cells, ...Object.fromEntries(shown) } }] : []
      return cellsOf(stage.grid)
        .slice(0, 4)
        .flatMap(({ id, column }) =>
          column.values.flatMap((v): Answer[] => (plain.cells[id] === v.id ? [] : [{ said: 'grid', cells: { ...plain.cells, [id]: v.id } }])),
        )
    }
  }
}
