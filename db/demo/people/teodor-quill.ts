import type { DemoPerson } from '../person'

/** Booked for the afternoon: nothing recorded yet. */
export const teodorQuill: DemoPerson = {
  name: 'Teodor Quill',
  born: '1965-05-08',
  work: 'organ tuner',
  daysAgo: 0,
  hour: 14,
  minute: 0,
}
