// Sets process.env.DUST_LANTERN_DATA = through the clinic on disk: these tests stand alone.
import { describe, expect, it } from 'vitest'
import { composedId } from '../core/record/compose'
import type { ExamEvent } from '../core/record/event'
import { db } from '../db'
import { openExam } from '../db/queries/open-exam'
import { recordOf } from '../db/queries/ledger'
import { verifyOpen } from '../db/verify'
import { clinicOnDisk } from '../tests/clinic-on-disk'
import { sorePelvis } from '../tests/people'
import { append } from './appends'

clinicOnDisk()

const { exam, events } = sorePelvis()
const rating = (n: number): ExamEvent => ({
  type: 'symptom-rated',
  symptom: 'S1',
  now: n % 11,
  id: composedId(9000 + n, 'rating', n),
  at: 9000 + n,
  by: 'test-author',
})
const opened = () => openExam(db(), { person: { id: exam.personId, name: 'A person', born: null, work: '' }, exam: { id: exam.id, at: 1 }, events, addedAt: 1 })

describe('entries that arrive together', () => {
  it('are on disk, each once and in its order; one that is refused holds back no other', async () => {
    opened()
    const strange: ExamEvent = { type: 'symptom-removed', symptom: 'S9', id: composedId(1, 'strange', 1), at: 9999, by: 'test-author' }
    const came = await Promise.all([
      append(exam.id, [rating(1), rating(2)]),
      append(exam.id, [strange]),
      append('no-such-examination', [rating(3)]),
      append(exam.id, [rating(1), rating(2)]),
      append(exam.id, [rating(4)]),
    ])
    expect(came.map((one) => (one.ok ? one.refused.length : one.reason))).toEqual([0, 1, 'no-exam', 0, 0])
    const stored = recordOf(db(), exam.id).events.slice(events.length)
    expect(stored.map((event) => event.id)).toEqual([1, 2, 4].map((n) => rating(n).id))
    expect(verifyOpen(db().$client, {}).breaks).toEqual([])
  })

  it('of which nothing reached the disk are told so, and what is known of the record is what lies there', async () => {
    opened()
    const { $client } = db()
    $client.pragma(`max_page_count = ${$client.pragma('page_count', { simple: true }) as number}`)
    const long: ExamEvent = { type: 'note-written', text: 'x'.repeat(15_000), id: composedId(70, 'long', 1), at: 9001, by: 'test-author' }
    const came = await Promise.allSettled([append(exam.id, [long])])
    expect(came[0]).toMatchObject({ status: 'rejected', reason: { code: 'SQLITE_FULL' } })
    $client.pragma('max_page_count = 1000000')
    expect(recordOf(db(), exam.id).events).toHaveLength(events.length)
    expect(await append(exam.id, [long])).toMatchObject({ ok: true })
    expect(recordOf(db(), exam.id).events).toHaveLength(events.length + 1)
  })
})
