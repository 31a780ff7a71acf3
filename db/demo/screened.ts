import type { Composed } from '../../core/record/compose'

/** Consented to, and the whole safety screen answered: no to whatever has no answer yet. */
export function screenedQuiet(record: Composed): Composed {
  return record.screened()
}
