import { examFrom } from '../../core/record/exam'
import type { Db } from '../open'
import { exams, findings } from '../schema'
import { eventsOfExam } from './exam-events'
import { projectFindings } from './findings'

/** Rebuild the projection of every exam from its events; needed only when the way findings are read has changed. */
export function rebuildFindings(db: Db): number {
  return db.transaction((tx) => {
    tx.delete(findings).run()
    const ids = tx.select({ id: exams.id }).from(exams).all()
    for (const { id } of ids) {
      const exam = examFrom(eventsOfExam(tx, id))
      if (exam) projectFindings(tx, exam)
    }
    return ids.length
  })
}
