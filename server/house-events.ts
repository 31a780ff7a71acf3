import 'server-only'
import { DEFAULT_HOUSE } from '../core/exchange/clinic/house'
import type { EventContent } from '../core/record/event'
import { db } from '../db'
import { houseOf } from '../db/queries/clinic'

/** The clinic's schools, setting and plan are written into each examination, so that changing them later changes no earlier one. */
export function houseEvents(): readonly EventContent[] {
  const { schools, setting, mode } = houseOf(db())
  const follows = Object.keys(schools).length > 0 || setting !== DEFAULT_HOUSE.setting
  return [
    ...(follows ? [{ type: 'schools-chosen' as const, schools, setting }] : []),
    ...(mode === DEFAULT_HOUSE.mode ? [] : [{ type: 'plan-chosen' as const, mode }]),
  ]
}
