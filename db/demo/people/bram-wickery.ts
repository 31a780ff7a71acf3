import type { DemoPerson } from '../person'

/** A halt: saddle numbness, found on the screen before anything was tested. */
export const bramWickery: DemoPerson = {
  name: 'Bram Wickery',
  born: '1979-11-23',
  work: 'night-ferry stoker',
  daysAgo: 1,
  hour: 16,
  minute: 0,
  record: (opened) =>
    opened
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
      .then({ type: 'note-written', text: 'Sent to the island hospital at once, by boat with a second person.' }),
}
