import 'server-only'
import { ZONES } from '../core/vocabulary/body-area'
import type { AuditRegion } from '../core/audit/facts'
import { isPlausibleMoment } from '../core/vocabulary/moment'
import type { Audience } from '../db/queries/audit'
import type { Who } from './who'

/**
 * Which examinations an address asks about, and may be told of.
 *
 * Each examiner alone is told only to themselves; everybody together only to a lead.
 *
 * @returns null where the address says nothing that can be read
 */
export function audienceOf(params: URLSearchParams, who: Who): Audience | null {
  const [from, to] = [Number(params.get('from')), Number(params.get('to'))]
  const region = params.get('region') ?? ''
  const now = Date.now()
  if (!isPlausibleMoment(from, now) || !Number.isInteger(to) || to < from) return null
  if (region !== '' && region !== 'none' && !ZONES.some((zone) => zone === region)) return null
  const pooled = params.get('who') === 'all' && who.role === 'lead'
  return { from, to, ...(region !== '' && { region: region as AuditRegion }), ...(!pooled && { by: who.id }) }
}
