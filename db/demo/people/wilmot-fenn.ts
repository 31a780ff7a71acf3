import type { DemoPerson } from '../person'

/** Booked for the afternoon: nothing recorded yet. */
export const wilmotFenn: DemoPerson = {
  name: 'Wilmot Fenn',
  born: '2001-04-27',
  work: 'salt-pan apprentice',
  daysAgo: 0,
  hour: 15,
  minute: 30,
}
