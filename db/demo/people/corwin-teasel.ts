import type { DemoPerson } from '../person'

/** Story told, nothing tested yet. */
export const corwinTeasel: DemoPerson = {
  name: 'Corwin Teasel',
  born: '1960-02-14',
  work: 'organ-pipe maker',
  daysAgo: 0,
  hour: 11,
  minute: 30,
  record: (opened) =>
    opened
      .symptom('S1', {
        words: 'both sides of the seat ache after a day at the lathe',
        places: ['left-buttock', 'right-buttock'],
        qualities: ['aching'],
        now: 4,
        bringsOn: 'standing at the lathe',
        eases: 'lying down',
        stirring: { stirredBy: 'much', settles: 'half-hour' },
      })
      .consent(),
}
