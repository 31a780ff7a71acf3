import { log, loggable } from '../log'
import { type Asking, idOf, noteOnTrail } from './asking'
import type { RouteName } from './routes'

/** One visit to an examination is one line: its screens follow each other without being new openings. */
const ONE_VISIT_MS = 10 * 60_000

/** When each visit was last seen: whoever and whichever examination, in memory alone. */
const held = globalThis as typeof globalThis & { dustLanternOpenings?: Map<string, number> }
const visits = (held.dustLanternOpenings ??= new Map())

/** A device that keeps the day is told once in so long. */
const ONE_DAY_KEPT_MS = 6 * 3_600_000

/** Visits that are remembered; beyond it they are told again. */
const MOST = 5000

/**
 * Write on the trail that an examination or a person is read: who, which, when, from where. Called where the data is read, by every
 * page, layout and data route whose address names one, whatever the method and however a browser says that it only looks ahead. A file
 * that leaves the clinic is a line each.
 *
 * A trail that cannot be written, on a full disk for instance, does not keep a practitioner from reading: the log says so.
 */
export function noteRead(route: RouteName, params: Readonly<Record<string, string>>, asking: Pick<Asking, 'visitor' | 'address' | 'now'>): void {
  const about = params.examId ?? params.personId
  if (about === undefined) return
  const isFile = route.endsWith('/file')
  const { visitor, now } = asking
  const key = `${idOf(visitor)} ${visitor.kind === 'open' ? visitor.session : ''} ${about} ${asking.address}`
  const last = visits.get(key)
  visits.delete(key)
  visits.set(key, now)
  if (visits.size > MOST) visits.clear()
  if (!isFile && last !== undefined && now - last < ONE_VISIT_MS) return
  try {
    noteOnTrail(asking, isFile ? 'file-saved' : params.examId === undefined ? 'person-opened' : 'opened', about)
  } catch (error) {
    log().error({ error: loggable(error) }, 'opening not written')
  }
}

/** Write on the trail that an examination went to a device, which opens it without the server. */
export function noteKept(asking: Pick<Asking, 'visitor' | 'address' | 'now'>, examId: string): void {
  const { visitor, now } = asking
  const key = `kept ${idOf(visitor)} ${visitor.kind === 'open' ? visitor.session : ''} ${examId}`
  const last = visits.get(key)
  if (last !== undefined && now - last < ONE_DAY_KEPT_MS) return
  visits.set(key, now)
  noteOnTrail(asking, 'kept-on-device', examId)
}

/** Another database is there, which knows nothing of the visits so far: each is told again. */
export function forgetVisits(): void {
  visits.clear()
}
