import 'server-only'
import { dayOf } from '../db/day'

/** Today on the clinic's clock, YYYY-MM-DD. */
export function clinicDay(): string {
  return dayOf(Date.now())
}
