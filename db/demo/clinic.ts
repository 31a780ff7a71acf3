import { assess } from '../../core/assess'
import { nextVisit } from '../../core/change/next-visit'
import { EDITION } from '../../core/edition'
import { RULEBOOK } from '../../core/safety/rulebook'
import { type Composed, compose, composedId } from '../../core/record/compose'
import { ageOn } from '../../core/vocabulary/age'
import { dayOf } from '../day'
import type { Db } from '../open'
import { changeEpisode } from '../queries/episodes'
import { appendEvents } from '../queries/exam-events'
import { bookExam } from '../queries/exams'
import { addPerson } from '../queries/people'
import { addPractitioner } from '../queries/practitioners'
import { markAsDemo } from '../queries/this-clinic'
import { bramWickery } from './people/bram-wickery'
import { corwinTeasel } from './people/corwin-teasel'
import { hesperDray } from './people/hesper-dray'
import { imreTalvane } from './people/imre-talvane'
import { odalysBrightmoor } from './people/odalys-brightmoor'
import { isauraTern } from './people/isaura-tern'
import { joryCobblewick } from './people/jory-cobblewick'
import { lowenStrake } from './people/lowen-strake'
import { merrinHoltAnker } from './people/merrin-holt-anker'
import { ottolineReef } from './people/ottoline-reef'
import { perrinAshlock } from './people/perrin-ashlock'
import { sunnivaMarl } from './people/sunniva-marl'
import { teodorQuill } from './people/teodor-quill'
import { wilmotFenn } from './people/wilmot-fenn'
import { ysoldePenmarrow } from './people/ysolde-penmarrow'
import type { DemoPerson } from './person'
import { DEMO_PRACTITIONER } from './practitioner'

const PEOPLE: readonly DemoPerson[] = [
  imreTalvane,
  odalysBrightmoor,
  corwinTeasel,
  teodorQuill,
  bramWickery,
  sunnivaMarl,
  perrinAshlock,
  merrinHoltAnker,
  ottolineReef,
  joryCobblewick,
  isauraTern,
  wilmotFenn,
  hesperDray,
  lowenStrake,
  ysoldePenmarrow,
]

/**
 * Fill the demo clinic, "Kettle Row Treatment Rooms" on the invented island of Harrow Skerry.
 *
 * @param today - any moment of the day the demo is made for; appointments lie around it
 */
export function fillDemoClinic(db: Db, today: Date): void {
  markAsDemo(db)
  addPractitioner(db, DEMO_PRACTITIONER)
  PEOPLE.forEach((person, i) => {
    const clock = (daysAgo: number) => new Date(today.getFullYear(), today.getMonth(), today.getDate() - daysAgo, person.hour, person.minute).getTime()
    const at = clock(person.daysAgo)
    const personId = composedId(at, 'demo person', i)
    const examId = composedId(at, 'demo exam', i)
    addPerson(db, { id: personId, name: person.name, born: person.born, work: person.work }, at)
    const open = (id: string, on: number): Composed =>
      compose({ examId: id, personId, ageYears: ageOn(person.born, dayOf(on)), at: on, by: DEMO_PRACTITIONER.id, edition: EDITION }, RULEBOOK)
    const store = (id: string, on: number, record: Composed): Composed => {
      bookExam(db, { id, personId, at: on })
      const stored = appendEvents(db, id, record.events)
      if (!stored.ok) throw new Error(`The demo record of ${person.name} was refused: ${stored.problem.what}`)
      return record
    }
    const opened = open(examId, at)
    let last = store(examId, at, person.record?.(opened) ?? opened)
    for (const [n, visit] of (person.later ?? []).entries()) {
      const on = clock(visit.daysAgo)
      const id = composedId(on, `demo visit ${i}`, n)
      const begun = nextVisit(assess(last.exam)).reduce((record, content) => record.then(content), open(id, on))
      last = store(id, on, visit.record(begun))
    }
    for (const [n, { daysAgo, change }] of (person.said ?? []).entries()) {
      const on = clock(daysAgo) + 3_600_000
      const written = { id: composedId(on, `demo said ${i}`, n), by: DEMO_PRACTITIONER.name, at: on }
      const problem = changeEpisode(
        db,
        written,
        { episode: examId, person: personId },
        change((ago) => dayOf(clock(ago))),
      )
      if (problem) throw new Error(`What the demo says of ${person.name} was refused: ${problem.what}`)
    }
  })
}
