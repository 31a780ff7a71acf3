import { describe, expect, it } from 'vitest'
import type { ExamEvent } from '../core/record/event'
import { composedId } from '../core/record/compose'
import { pointOf } from '../core/record/chain'
import { db } from '../db'
import { sha256 } from '../db/chain'
import { listErasures } from '../db/erasure-list'
import { erasePerson } from '../db/queries/erase'
import { openExam } from '../db/queries/open-exam'
import { recordOf } from '../db/queries/ledger'
import { clinicOnDisk } from '../tests/clinic-on-disk'
import { BUTTOCK, sorePelvis } from '../tests/people'
import { receiptFor } from './receipts'
import { takeBack } from './take-back'

const folder = clinicOnDisk()

const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
const { id: examId, personId } = record.exam
const person = { id: personId, name: 'Imre of the North Mole', born: '1983-04-11', work: 'bell-founder' }

/** What a device was told it has: so many entries, with the clinic's word for them. */
const device = (events: readonly ExamEvent[] = record.events) => ({ events, receipt: receiptFor(examId, pointOf(events, sha256)), person, at: 9 })
const here = () => recordOf(db(), examId).events

describe('what a server lacks after an older backup was put back', () => {
  it('is taken back from a device that was told it is stored: all of it, once, as it was', () => {
    expect(takeBack(db(), examId, device(), 10)).toEqual({ ok: true, added: record.events.length, length: record.events.length })
    expect(here()).toEqual(record.events)
    expect(takeBack(db(), examId, device(), 11)).toEqual({ ok: true, added: 0, length: record.events.length })
  })

  it('and only the rest of it where the beginning is here', () => {
    const opened = openExam(db(), { person, exam: { id: examId, at: 9 }, events: record.events.slice(0, 4), addedAt: 9, asHistory: true })
    expect(opened.ok).toBe(true)
    expect(takeBack(db(), examId, device(), 10)).toMatchObject({ ok: true, added: record.events.length - 4 })
    expect(here()).toEqual(record.events)
  })

  it('nothing is taken that this clinic never acknowledged', () => {
    const sent = device()
    const reworded = sent.events.map((event, i) => (i === 1 ? { ...event, at: event.at + 1 } : event))
    const made = [
      { ...sent, receipt: { ...sent.receipt, mac: 'x'.repeat(sent.receipt.mac.length) } },
      { ...sent, receipt: receiptFor(composedId(7, 'another', 1), pointOf(sent.events, sha256)) },
      { ...sent, receipt: { ...pointOf(reworded, sha256), mac: sent.receipt.mac }, events: reworded },
      { ...sent, events: reworded },
      { ...sent, events: sent.events.slice(1) },
      { ...sent, more: 'fields' },
    ]
    for (const one of made) expect(takeBack(db(), examId, one, 10)).toMatchObject({ ok: false, status: 422 })
    expect(here()).toEqual([])
  })

  it('a record that went on differently is mixed with nothing', () => {
    const fork = [...record.events.slice(0, 4), { type: 'note-written', text: 'x', id: composedId(9, 'fork', 1), at: 9, by: 'maren-oake' } as ExamEvent]
    expect(openExam(db(), { person, exam: { id: examId, at: 9 }, events: fork, addedAt: 9, asHistory: true }).ok).toBe(true)
    expect(takeBack(db(), examId, device(), 10)).toMatchObject({ ok: false, status: 409 })
    expect(here()).toEqual(fork)
  })

  it('nobody comes back who was erased', () => {
    expect(takeBack(db(), examId, device(), 10).ok).toBe(true)
    expect(erasePerson(db(), { id: composedId(9, 'erasure', 1), by: 'a lead', at: 11 }, personId, 'asked for').ok).toBe(true)
    listErasures(db(), folder())
    expect(takeBack(db(), examId, device(), 10)).toMatchObject({ ok: false, status: 410 })
    expect(here()).toEqual([])
  })
})
