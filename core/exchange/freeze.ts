import { type Assessment, assess } from '../assess'
import { nameOfTest } from '../catalogue/retired'
import { EDITION } from '../edition'
import { type Clinic, SHIPPED } from '../evidence/knowledge'
import { conclusionOf } from '../note/conclusion'
import { writtenNote } from '../note/note'
import type { EventContent } from '../record/event'
import type { Exam } from '../record/exam'
import type { Frozen, FrozenEstimate, FrozenFinding } from '../record/frozen'
import { type SourceId, sourceOf } from '../vocabulary/source'
import { notDoneNow } from './not-done'
import { evaluationOf } from './evaluation'

/**
 * What a signature keeps: findings, verdicts, estimates and the note, in the words and figures of this moment.
 *
 * From then on the examination is shown, printed, exported and audited from here, whatever the catalogue becomes.
 */
export function freeze(assessment: Assessment, { intervals = true }: { readonly intervals?: boolean } = {}): Frozen {
  const { rules, sources, pointers, levels, changes } = evaluationOf(assessment, { intervals })
  const nameOf = (id: string) => sourceOf(id as SourceId).name
  return {
    edition: EDITION,
    findings: assessment.findings.map(frozenFinding),
    rules: rules.map((rule) => {
      const verdict = assessment.rules.find((r) => r.cluster.id === rule.id && r.side === rule.side)
      return {
        ...rule,
        name: verdict?.cluster.name ?? rule.id,
        words: verdict?.words ?? '',
        open: verdict?.open ?? [],
        asks: rule.asks ?? [],
        grade: rule.grade ?? null,
      }
    }),
    estimates: sources.map((source): FrozenEstimate => {
      const { rule } = source
      return {
        ...source,
        contradiction: source.contradiction !== null,
        name: nameOf(source.id),
        moved: assessment.sources.some((s) => s.source === source.id && s.side === source.side && s.weighed !== null),
        rule: rule && { id: rule.id, postTest: rule.postTest, publishedPostTest: rule.publishedPostTest ?? null },
      }
    }),
    pointers: pointers.map((pointer) => ({ ...pointer, name: nameOf(pointer.id) })),
    levels,
    runs: assessment.exam.runs.map(({ id, test, side }) => ({ run: id, test, name: nameOfTest(test), side })),
    conclusion: conclusionOf(assessment),
    ...(changes.length > 0 && {
      changes: changes.map(({ test, side, since, verdict, sentence, alert }) => ({
        test,
        name: nameOfTest(test),
        side,
        since,
        verdict,
        sentence,
        ...(alert && { alert }),
      })),
    }),
    notDone: notDoneNow(assessment),
    note: writtenNote(assessment),
  }
}

function frozenFinding(finding: Assessment['findings'][number]): FrozenFinding {
  const { test, side, about, variant, run, result, why, symptom, places, intensity, readings, onsetStage, derived, checks, measures } = finding
  return {
    test,
    name: nameOfTest(test),
    side,
    about,
    variant,
    run,
    result,
    why,
    symptom,
    places,
    intensity,
    readings: readings.map(({ source, direction, strength, why: because }) => ({ source, direction, strength, why: because })),
    ...(measures.onset !== undefined && { onset: measures.onset }),
    ...(measures.end !== undefined && { end: measures.end }),
    onsetStage,
    ...(derived && { derived }),
    checks,
  }
}

/**
 * The event that signs an examination, with everything that was read until now in it.
 *
 * @param clinic - what the clinic knows beside what ships, as on the screen that is signed
 */
export function signatureOf(exam: Exam, clinic: Clinic = SHIPPED): Extract<EventContent, { type: 'exam-signed' }> {
  return { type: 'exam-signed', frozen: freeze(assess(exam, { clinic })) }
}
