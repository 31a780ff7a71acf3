import { format } from 'date-fns'
import { assess } from '../../../core/assess'
import { letterBody, letterText, urgencyOf } from '../../../core/note/letter'
import type { Composed } from '../../../core/record/compose'
import type { EventContent } from '../../../core/record/event'
import type { DemoPerson } from '../person'
import { DEMO_PRACTITIONER } from '../practitioner'

/** A halt: saddle numbness, found on the screen before anything was tested. */
export const bramWickery: DemoPerson = {
  name: 'Bram Wickery',
  born: '1979-11-23',
  work: 'night-ferry stoker',
  daysAgo: 1,
  hour: 16,
  minute: 0,
  record: (opened) => {
    const told = opened
      .symptom('S1', {
        words: 'both legs since the weekend, worse by the hour',
        places: ['left-thigh-back', 'right-thigh-back', 'left-calf', 'right-calf'],
        qualities: ['tingling', 'numb'],
        now: 6,
        bringsOn: 'standing',
        eases: 'nothing much',
        stirring: { stirredBy: 'little', settles: 'longer' },
      })
      .then({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })
      .then({ type: 'screen-answered', item: 'bladder', answer: 'yes' })
      .then({ type: 'note-written', text: 'Sent to the island hospital at once, by boat with a second person.' })
    return told.then(letterFor(told.exam))
  },
}

/** The letter that went with him, as the letter screen writes it. */
function letterFor(exam: Composed['exam']): EventContent {
  const when = (at: number) => format(at, 'd MMMM yyyy, HH:mm')
  const head = {
    about: `Bram Wickery, ${exam.ageYears ?? 'age not known'}, night-ferry stoker`,
    born: '1979-11-23',
    examinedAt: exam.openedAt,
    by: DEMO_PRACTITIONER.name,
    when,
  }
  const assessment = assess(exam)
  const frame = { to: 'Emergency department, Harrow Skerry hospital', urgency: urgencyOf(assessment), agreed: 'yes' } as const
  return { type: 'letter-written', ...frame, text: letterText(frame, head, letterBody(assessment, head)) }
}
