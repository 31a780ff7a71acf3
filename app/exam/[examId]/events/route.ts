import { recordOf } from '@/db/queries/ledger'
import { announce } from '@/server/live'
import { projectSoon } from '@/server/projector'
import { problemResponse, route } from '@/server/route'
import { MOST_EVENTS } from '@/core/record/admit'
import { PAPERS } from '@/core/record/paper-events'
import { CLOCK_BEHIND, isClockBehind } from '@/server/clock'
import { receiptFor } from '@/server/receipts'
import { appendVouched } from '@/server/vouching'
import { readSent } from '@/server/sent-events'

/** What only a practitioner puts their name to. */
const BY_PRACTITIONERS: ReadonlySet<string> = new Set(['exam-signed', 'addendum-written', ...PAPERS])
const NOT_A_STUDENTS = {
  what: 'A student signs nothing and writes no letter.',
  kept: 'Everything recorded is kept; it is not signed, and nothing was given out.',
  do: 'Ask the practitioner who entrusted it to you to read it, and to sign or send it.',
}

const LACKING = {
  what: 'This server lacks entries that this window was told it has.',
  kept: 'What this window holds stays in it, and is offered back.',
  do: 'Wait a moment. If it does not go on, say so to whoever looks after the computer.',
}

/**
 * Add events: 200 with everything the window has not seen once they are on disk, and with what could not join; 404 for an unknown
 * exam; 422, with the same, when nothing of it could be taken. Sending the same events again changes nothing.
 */
export const POST = route('/exam/[examId]/events', { as: 'json' }, async ({ params: { examId }, body, who, db, now }) => {
  const read = readSent(body, who.id, now)
  if (!read.ok) return problemResponse(422, read.problem)
  // A clock that is behind what was recorded last cannot tell what lies ahead: the window keeps it and sends it again.
  if (read.sent.ahead && isClockBehind(db, now)) return problemResponse(503, CLOCK_BEHIND)
  const { after } = read.sent
  // The window was told of more than is here: an older backup was put back. It offers what is lacking before anything joins the shorter record.
  const there = recordOf(db, examId).seq
  if (after > there && after <= MOST_EVENTS) return Response.json({ ...LACKING, lacking: after - there }, { status: 503 })
  // What a student records is signed by a practitioner, who answers for it.
  const own = who.role === 'student' ? read.sent.events.filter((event) => !BY_PRACTITIONERS.has(event.type)) : read.sent.events
  const refused = [...read.sent.refused, ...read.sent.events.filter((event) => !own.includes(event)).map(({ id }) => ({ id, problem: NOT_A_STUDENTS }))]
  const taken = own.length > 0 ? await appendVouched(db, examId, own) : null
  if (taken && !taken.ok) return problemResponse(taken.reason === 'no-exam' ? 404 : 422, taken.problem)
  const all = [...refused, ...(taken?.refused ?? [])]
  if (taken && taken.stored > 0) {
    announce(examId, taken.length)
    projectSoon(examId)
  }
  const [first] = all
  const { events: whole, seq, hash } = recordOf(db, examId)
  const events = whole.slice(after)
  const receipt = seq > 0 ? receiptFor(examId, { length: seq, hash }) : null
  // A window whose entries clash does not know the record: it is told it, whether anything was stored or not.
  return first && !taken?.stored
    ? Response.json({ ...first.problem, refused: all, events, receipt }, { status: 422 })
    : Response.json({ events, refused: all, receipt })
})

/** The events after the first `after` of them. */
export const GET = route('/exam/[examId]/events', ({ params: { examId }, url, db }) => {
  const after = Number(url.searchParams.get('after') ?? 0)
  const { events, seq, hash } = recordOf(db, examId)
  if (seq === 0) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  return Response.json({ events: events.slice(Number.isInteger(after) && after > 0 ? after : 0), receipt: receiptFor(examId, { length: seq, hash }) })
})
