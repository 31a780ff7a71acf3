import 'server-only'
import * as yup from 'yup'
import { pointOf } from '../core/record/chain'
import { MOST_EVENTS } from '../core/record/admit'
import { parseEvent } from '../core/record/event-schema'
import type { ExamEvent } from '../core/record/event'
import { UUID } from '../core/record/shapes'
import { LATEST_MS } from '../core/vocabulary/moment'
import type { Problem } from '../core/vocabulary/problem'
import { sha256 } from '../db/chain'
import { listedErasures } from '../db/erasure-list'
import type { Db } from '../db/open'
import { appendWithin } from '../db/queries/exam-events'
import { examHead } from '../db/queries/exams'
import { recordOf, remember } from '../db/queries/ledger'
import { openExam } from '../db/queries/open-exam'
import { environment } from './environment'
import { isReceipt, type Receipt } from './receipts'

const SHAPE = yup
  .object({
    events: yup.array().strict().min(1).max(MOST_EVENTS).required(),
    receipt: yup
      .object({
        length: yup.number().strict().integer().min(1).required(),
        hash: yup.string().strict().length(64).required(),
        mac: yup.string().strict().max(100).required(),
      })
      .noUnknown()
      .strict()
      .required(),
    person: yup
      .object({
        id: yup.string().strict().matches(UUID).required(),
        name: yup.string().strict().max(120).required(),
        born: yup.string().strict().max(10).nullable().defined(),
        work: yup.string().strict().max(120).defined(),
      })
      .noUnknown()
      .strict()
      .required(),
    at: yup.number().strict().integer().min(0).max(LATEST_MS).required(),
  })
  .noUnknown('fields nobody knows: ${unknown}')
  .strict()
  .required()

export type TakenBack =
  | { readonly ok: true; readonly added: number; readonly length: number }
  | { readonly ok: false; readonly status: 409 | 410 | 422; readonly problem: Problem }

const refuse = (status: 409 | 410 | 422, what: string, todo: string): TakenBack => ({
  ok: false,
  status,
  problem: { what, kept: 'Nothing was changed here; the device keeps what it has.', do: todo },
})

/**
 * Take back what a device holds of an examination and this server lacks. Only what this clinic acknowledged once: the receipt vouches for
 * every entry of it, so authors and times stay as they are.
 *
 * @param now - milliseconds since 1970
 */
export function takeBack(db: Db, examId: string, sent: unknown, now: number): TakenBack {
  if (!SHAPE.isValidSync(sent, { strict: true })) return refuse(422, 'What was sent has another shape.', 'Reload the page.')
  const receipt: Receipt = sent.receipt
  if (!isReceipt(examId, receipt) || receipt.length !== sent.events.length) {
    return refuse(422, 'This was not acknowledged by this clinic.', 'Save the examination as a file where it still opens, and import that.')
  }
  const events: ExamEvent[] = []
  for (const one of sent.events as readonly unknown[]) {
    const parsed = parseEvent(one)
    if (!parsed.ok) return refuse(422, parsed.problem.what, 'Reload the page.')
    events.push(parsed.event)
  }
  if (pointOf(events, sha256).hash !== receipt.hash) return refuse(422, 'These are not the entries that were acknowledged.', 'Reload the page.')
  const opening = events[0]
  if (opening?.type !== 'exam-opened' || opening.examId !== examId) return refuse(422, 'These entries are of another examination.', 'Reload the page.')
  const erased = new Set(listedErasures(environment().dataFolder).map(({ person }) => person))
  if (erased.has(opening.personId) || erased.has(sent.person.id)) {
    return refuse(410, 'This person was erased on request; nothing of them is taken back.', 'Sign out on this device: what it keeps of them goes.')
  }
  if (!examHead(db, examId)) {
    const opened = openExam(db, { person: sent.person, exam: { id: examId, at: sent.at }, events, addedAt: now, asHistory: true })
    return opened.ok ? { ok: true, added: events.length, length: opened.length } : refuse(422, opened.problem.what, opened.problem.do)
  }
  const held = recordOf(db, examId)
  if (held.seq >= events.length) return { ok: true, added: 0, length: held.seq }
  if (pointOf(events.slice(0, held.seq), sha256).hash !== held.hash && held.seq > 0) {
    return refuse(
      409,
      'This record has gone on differently here since a backup was put back.',
      'Save it as a file on this device, and write what is missing into an addendum.',
    )
  }
  const done = db.transaction((tx) => appendWithin(db, tx, examId, events.slice(held.seq), { asHistory: true, fromElsewhere: true }), { behavior: 'immediate' })
  if (!done.ok) return refuse(422, done.problem.what, done.problem.do)
  remember(db, examId, done.record)
  return { ok: true, added: events.length - held.seq, length: done.record.seq }
}
