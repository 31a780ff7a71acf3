import { signatureOf } from '../../core/exchange/freeze'
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
}

/** Sign the record of a demo person with what it reads as. */
export function signed(record: Composed): Composed {
  return record.then(signatureOf(record.exam))
}
