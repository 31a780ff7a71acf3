import { isVouchable, recordMovedOn, type Vouchable } from '../core/exchange/vouch'
import { pointOf, type RecordPoint } from '../core/record/chain'
import type { ExamEvent } from '../core/record/event'
import type { Problem } from '../core/vocabulary/problem'
import { sha256 } from '../db/chain'
import type { Db } from '../db/open'
import { clinicKnowledge } from '../db/queries/clinic'
import type { RefusedEvent, Taken } from '../db/queries/exam-events'
import { titleOfExam } from '../db/queries/exam-title'
import { recordOf } from '../db/queries/ledger'
import { append } from './appends'
import { runJob } from './jobs/run'

/**
 * Add what a window sent, in its order. What somebody signs or gives out is computed again from the record as it stands at that place and
 * is stored only when it is the same; nothing of the window's own is believed. Everything else goes on as it would without it.
 */
export async function appendVouched(db: Db, examId: string, events: readonly ExamEvent[]): Promise<Taken> {
  if (!events.some(isVouchable)) return append(examId, events)
  let taken: Taken = { ok: true, length: recordOf(db, examId).seq, stored: 0, refused: [] }
  for (const part of partsOf(events)) {
    const [event] = part
    const next = event && isVouchable(event) ? await takeVouchable(db, examId, event) : await append(examId, part)
    if (!next.ok && !taken.stored && taken.refused.length === 0) return next
    taken = joined(taken, next, part)
  }
  return taken
}

/** What follows each other without anything to vouch for, and each such thing by itself. */
function partsOf(events: readonly ExamEvent[]): readonly (readonly ExamEvent[])[] {
  const parts: ExamEvent[][] = []
  for (const event of events) {
    const last = parts.at(-1)
    if (!last || isVouchable(event) || (last[0] && isVouchable(last[0]))) parts.push([event])
    else last.push(event)
  }
  return parts
}

function joined(before: Extract<Taken, { ok: true }>, next: Taken, part: readonly ExamEvent[]): Extract<Taken, { ok: true }> {
  if (next.ok) return { ok: true, length: next.length, stored: before.stored + next.stored, refused: [...before.refused, ...next.refused] }
  return { ...before, refused: [...before.refused, ...part.map(({ id }) => ({ id, problem: next.problem }))] }
}

async function takeVouchable(db: Db, examId: string, event: Vouchable): Promise<Taken> {
  const record = recordOf(db, examId)
  // Sent again after a lost answer: it was vouched for when it was stored.
  if (record.events.some((stored) => stored.id === event.id)) return append(examId, [event])
  const title = titleOfExam(db, examId)
  if (!title) return append(examId, [event])
  const { of } = event
  const end = { length: record.seq, hash: record.hash }
  // A paper tells the record as it was read, however it went on; a signature closes the record, so it has to be the whole of it.
  const isThere =
    of !== undefined && (event.type === 'exam-signed' ? isSamePoint(of, end) : isSamePoint(of, pointOf(record.events.slice(0, of.length), sha256)))
  if (!isThere) return refusedWith(record.seq, event, problemOf(recordMovedOn(event, record.seq)))
  const vouched = await runJob('vouch', {
    event,
    events: record.events.slice(0, of.length),
    since: record.events.slice(of.length),
    clinic: clinicKnowledge(db),
    head: { about: title.about, born: title.born, by: title.by },
  })
  if (!vouched.ok) return refusedWith(record.seq, event, vouched.problem)
  // What another window sent while this was computed is part of the record, and of nothing that was read.
  const taken = await append(examId, [event], end)
  return taken.ok || taken.reason === 'no-exam' ? taken : refusedWith(record.seq, event, problemOf(recordMovedOn(event, recordOf(db, examId).seq)))
}

function isSamePoint(a: RecordPoint, b: RecordPoint): boolean {
  return a.length === b.length && a.hash === b.hash
}

function problemOf(vouched: ReturnType<typeof recordMovedOn>): Problem {
  return vouched.ok ? { what: 'The record has gone on.', kept: 'Nothing was changed.', do: 'Reload the page.' } : vouched.problem
}

function refusedWith(length: number, { id }: Vouchable, problem: Problem): Taken {
  const refused: readonly RefusedEvent[] = [{ id, problem }]
  return { ok: true, length, stored: 0, refused }
}
