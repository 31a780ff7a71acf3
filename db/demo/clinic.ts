import { EDITION } from '../../core/edition'
import { RULEBOOK } from '../../core/safety/rulebook'
import { compose, composedId } from '../../core/record/compose'
import { ageOn } from '../../core/vocabulary/age'
import { dayOf } from '../day'
import type { Db } from '../open'
import { appendEvents } from '../queries/exam-events'
import { bookExam } from '../queries/exams'
import { addPerson } from '../queries/people'
import { addPractitioner } from '../queries/practitioners'
import { markAsDemo } from '../queries/this-clinic'
import { bramWickery } from './people/bram-wickery'
import { corwinTeasel } from './people/corwin-teasel'
import { imreTalvane } from './people/imre-talvane'
import { odalysBrightmoor } from './people/odalys-brightmoor'
import { isauraTern } from './people/isaura-tern'
import { joryCobblewick } from './people/jory-cobblewick'
import { merrinHoltAnker } from './people/merrin-holt-anker'
import { ottolineReef } from './people/ottoline-reef'
import { perrinAshlock } from './people/perrin-ashlock'
import { sunnivaMarl } from './people/sunniva-marl'
import { teodorQuill } from './people/teodor-quill'
import { wilmotFenn } from './people/wilmot-fenn'
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
    const at = new Date(today.getFullYear(), today.getMonth(), today.getDate() - person.daysAgo, person.hour, person.minute).getTime()
    const personId = composedId(at, 'demo person', i)
    const examId = composedId(at, 'demo exam', i)
    addPerson(db, { id: personId, name: person.name, born: person.born, work: person.work }, at)
    bookExam(db, { id: examId, personId, at })
    const ageYears = ageOn(person.born, dayOf(at))
    const opened = compose({ examId, personId, ageYears, at, by: DEMO_PRACTITIONER.id, edition: EDITION }, RULEBOOK)
    const record = person.record?.(opened) ?? opened
    const stored = appendEvents(db, examId, record.events)
    if (!stored.ok) throw new Error(`The demo record of ${person.name} was refused: ${stored.problem.what}`)
  })
}
