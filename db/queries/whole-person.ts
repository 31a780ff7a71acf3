import { toExamFile } from '../../core/exchange/exam-file/to'
import type { Db } from '../open'
import { clinicKnowledge } from './clinic'
import { episodeEntries, episodesOfPerson } from './episodes'
import { changesAbout } from './erase'
import { examsOfPerson } from './exams'
import { recordOf } from './ledger'
import { personById } from './people'
import { trailLines } from './trail'

/** Lines of the trail that go with one examination; far more than anybody opens one. */
const MOST_LINES = 10_000

/**
 * Everything that is kept of one person, as an open file (dust-lantern-person, version 1): who they are, their examinations as exam
 * files, what was said of their episodes, what was put right, and who opened what. null when there is nobody.
 *
 * @param beside - the examinations lie beside it as files of their own, and are only named in it
 */
export function wholePerson(db: Db, personId: string, { beside = false }: { readonly beside?: boolean } = {}) {
  const person = personById(db, personId)
  if (!person) return null
  const { id, number, name, born, work } = person
  const own = examsOfPerson(db, personId)
  const clinic = clinicKnowledge(db)
  const exams = own.map((head) => {
    const { exam, events, faults } = recordOf(db, head.id)
    return {
      id: head.id,
      at: head.at,
      unreadable: faults.map((fault) => fault.seq),
      file: !beside && exam && faults.length === 0 ? toExamFile(exam, events, { name, born, work }, head.at, clinic) : null,
    }
  })
  const corrections = changesAbout(db, [id, ...own.map((head) => head.id)]).map(({ kind, by, at, why, content }) => ({
    kind,
    by,
    at,
    why,
    content: JSON.parse(content) as unknown,
  }))
  const opened = [id, ...own.map((head) => head.id)].flatMap((about) =>
    trailLines(db, { about }, MOST_LINES).map(({ at, who, what, address }) => ({ at, who, what, about, address })),
  )
  const episodes = episodesOfPerson(db, id).map(({ episode }) => ({ episode, said: episodeEntries(db, { episode, person: id }) }))
  return {
    format: 'dust-lantern-person',
    version: 1,
    person: { number, name, born, work },
    exams,
    episodes,
    corrections,
    opened: opened.toSorted((a, b) => a.at - b.at),
  }
}
