import 'server-only'
import { db } from '../db'
import { clinicKnowledge } from '../db/queries/clinic'
import { behind, catchUp } from '../db/queries/overviews'
import { log, loggable } from './log'

/** Answers that follow each other quickly are read once, in milliseconds. */
const SETTLES_MS = 400
/** Examinations that are brought up to date in one go, so that nobody waits long behind them. */
const AT_ONCE = 4
/** Pause between two goes, in milliseconds. */
const PAUSE_MS = 25

const held = globalThis as typeof globalThis & { dustLanternProjecting?: Map<string, NodeJS.Timeout> }
const waiting = (held.dustLanternProjecting ??= new Map())

/** Read this examination for the lists as soon as nothing more is added to it for a moment. */
export function projectSoon(examId: string): void {
  const before = waiting.get(examId)
  if (before) clearTimeout(before)
  const timer = setTimeout(() => {
    waiting.delete(examId)
    try {
      catchUp(db(), examId, clinicKnowledge(db()))
    } catch (error) {
      // The list stays behind and is caught up when somebody looks at it.
      log().error({ error: loggable(error) }, 'list not caught up')
    }
  }, SETTLES_MS)
  timer.unref()
  waiting.set(examId, timer)
}

/** Bring everything that is behind up to date, a little at a time: after an upgrade, or after a start that followed a crash. */
export function catchUpInPieces(): void {
  const step = () => {
    try {
      const ids = behind(db(), AT_ONCE)
      const clinic = clinicKnowledge(db())
      for (const id of ids) catchUp(db(), id, clinic)
      if (ids.length === AT_ONCE) setTimeout(step, PAUSE_MS).unref()
    } catch (error) {
      log().error({ error: loggable(error) }, 'lists not caught up')
    }
  }
  setTimeout(step, SETTLES_MS).unref()
}

/** Bring these up to date before they are shown. */
export function caughtUp(rows: readonly { readonly examId: string; readonly head: number; readonly covers: number }[]): boolean {
  const late = rows.filter((row) => row.covers < row.head)
  if (late.length === 0) return false
  const clinic = clinicKnowledge(db())
  for (const { examId } of late) catchUp(db(), examId, clinic)
  return true
}
