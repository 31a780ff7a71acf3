import 'server-only'
import { assess } from '../core/assess'
import type { Clinic } from '../core/evidence/knowledge'
import { type Progress, progressOf } from '../core/planner/progress'
import type { Exam } from '../core/record/exam'

/** Records and the clinic's entries only grow, so their lengths name what a standing was computed from. */
const known = new Map<string, Progress>()

/** Above this many the memory is emptied and filled again. */
const REMEMBERED = 5000

/** How far an examination has come, computed once for each length of its record. */
export function standingOf(exam: Exam, clinic: Clinic): Progress {
  const key = [exam.id, exam.length, clinic.overrides.length, clinic.priors.length, clinic.rules.length].join(' ')
  const before = known.get(key)
  if (before) return before
  const standing = progressOf(assess(exam, { clinic }))
  if (known.size >= REMEMBERED) known.clear()
  known.set(key, standing)
  return standing
}
