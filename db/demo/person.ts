import { signatureOf } from '../../core/exchange/freeze'
import type { EpisodeChange } from '../../core/change/episode-change'
import type { Composed } from '../../core/record/compose'

/** An invented person of the demo clinic, and how far their examination has come. */
export interface DemoPerson {
  readonly name: string
  readonly born: string
  readonly work: string
  /** Days before today, and the time of day, of the appointment. */
  readonly daysAgo: number
  readonly hour: number
  readonly minute: number
  /** What happened in the examination; nothing when it has not begun. */
  readonly record?: (opened: Composed) => Composed
  /** Later visits of the same episode, first to last. */
  readonly later?: readonly { readonly daysAgo: number; readonly record: (opened: Composed) => Composed }[]
  /** What was said of the episode beside its examinations; `day` gives the date so many days ago. */
  readonly said?: readonly { readonly daysAgo: number; readonly change: (day: (daysAgo: number) => string) => EpisodeChange }[]
}

/** Sign the record of a demo person with what it reads as. */
export function signed(record: Composed): Composed {
  return record.then(signatureOf(record.exam))
}
