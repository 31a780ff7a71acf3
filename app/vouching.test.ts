import { spawnSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { POST as POST_EVENTS } from './exam/[examId]/events/route'
import { signatureOf } from '../core/exchange/freeze'
import { composedId } from '../core/record/compose'
import type { EventContent } from '../core/record/event'
import { db } from '../db'
import { signatureList } from '../db/anchors'
import { bookExam } from '../db/queries/exams'
import { recordOf } from '../db/queries/ledger'
import { addPerson } from '../db/queries/people'
import { codeOfExam, signatureByCode } from '../db/queries/signatures'
import { seals } from '../db/schema'
import { clinicOnDisk } from '../tests/clinic-on-disk'
import { BUTTOCK, sorePelvis } from '../tests/people'
import { environment } from '../server/environment'
import { CLOCK_BEHIND } from '../server/clock'

clinicOnDisk({ DUST_LANTERN_DEMO: 'yes' })

const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
const { id: examId, personId } = record.exam

interface Answered {
  readonly refused: readonly { readonly id: string; readonly problem: { readonly what: string; readonly kept: string; readonly do: string } }[]
}
const send = (events: readonly object[], after = 0) =>
  POST_EVENTS(
    new Request(`http://127.0.0.1/exam/${examId}/events`, { method: 'POST', body: JSON.stringify({ after, events }), headers: { host: '127.0.0.1' } }),
    { params: Promise.resolve({ examId }) },
  )
/** What a window sends for somebody who signs: its own reading of what the server holds. */
const said = (content: EventContent, n: number) => ({ ...content, id: composedId(20, 'said', n), at: 20 })
const truth = () => {
  const { exam, seq: length, hash } = recordOf(db(), examId)
  if (!exam) throw new Error('The record is there.')
  return { ...signatureOf(exam), of: { length, hash } }
}

describe('a record that is signed', () => {
  it('is signed by what the server computes; what is made up is refused with what differs, and its code is found', async () => {
    addPerson(db(), { id: personId, name: 'A person', born: null, work: '' }, 1)
    bookExam(db(), { id: examId, personId, at: 1 })
    expect((await send(record.events)).status).toBe(200)
    const own = truth()
    if (!own.frozen) throw new Error('A signature holds what was read.')

    const forged = said({ ...own, frozen: { ...own.frozen, conclusion: 'Fit for manipulation' } }, 1)
    const refused = await send([forged])
    expect(refused.status).toBe(422)
    const [told] = ((await refused.json()) as Answered).refused
    expect(told?.problem.what).toMatch('Conclusion: sent as “Fit for manipulation”')
    expect(told?.problem.kept).toMatch(/\.$/)
    expect(recordOf(db(), examId).events).toHaveLength(record.events.length)
    expect(codeOfExam(db(), examId)).toBeNull()
    // Nor one without what it rests on, nor one over a record that has gone on.
    expect((await send([said({ type: 'exam-signed', frozen: own.frozen }, 2)])).status).toBe(422)
    expect((await send([{ type: 'note-written', text: 'more', id: composedId(19, 'said', 9), at: 19 }])).status).toBe(200)
    expect((await send([said(own, 3)])).status).toBe(422)

    expect((await send([said(truth(), 4)])).status).toBe(200)
    const code = codeOfExam(db(), examId) ?? ''
    expect(signatureByCode(db(), code.toLowerCase().replaceAll('-', ' '))).toMatchObject({ examId, by: 'maren-oake', claimed: false })
    expect(signatureByCode(db(), `${code.slice(0, -1)}${code.endsWith('0') ? '1' : '0'}`)).toBeNull()
    expect(signatureByCode(db(), 'nothing of the kind')).toBe('no-code')

    // The same from the exported list, by a program that knows neither the clinic nor a network.
    const list = signatureList(db(), environment().keyFolder, 30)
    const file = path.join(environment().dataFolder, 'signatures.json')
    const check = (written: object, asked: string) => {
      writeFileSync(file, JSON.stringify(written))
      return spawnSync(process.execPath, ['scripts/check-note.mjs', file, asked], { encoding: 'utf8' })
    }
    expect(check(list, code)).toMatchObject({ status: 0 })
    expect(
      check(
        list,
        code.replace(/^./, (first) => (first === '0' ? '1' : '0')),
      ).status,
    ).toBe(1)
    expect(check({ ...list, signed: [...list.signed, '0'.repeat(25)] }, code).stderr).toMatch('was changed')
    const saved = path.join(environment().dataFolder, 'exam.json')
    writeFileSync(saved, JSON.stringify({ events: recordOf(db(), examId).events }))
    expect(check(list, saved).status).toBe(0)
    writeFileSync(saved, JSON.stringify({ events: recordOf(db(), examId).events.filter((event) => event.type !== 'note-written') }))
    expect(check(list, saved).status).toBe(1)
  })
})

describe('a server whose clock was set back', () => {
  it('holds nothing against a window whose entries lie ahead: they stay there and come again', async () => {
    addPerson(db(), { id: personId, name: 'A person', born: null, work: '' }, 1)
    bookExam(db(), { id: examId, personId, at: 1 })
    const ahead = { ...record.events[0], at: Date.now() + 3 * 86_400_000 }
    expect((await send([ahead])).status).toBe(422)
    const last = db().select().from(seals).all().at(-1)
    db()
      .insert(seals)
      .values({ ...last, n: (last?.n ?? 0) + 1, at: Date.now() + 4 * 86_400_000 } as typeof seals.$inferInsert)
      .run()
    const answer = await send([ahead])
    expect([answer.status, await answer.json()]).toEqual([503, expect.objectContaining(CLOCK_BEHIND)])
    // What does not lie ahead is taken all the same.
    expect((await send(record.events)).status).toBe(200)
  })
})
