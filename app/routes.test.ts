import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { own, soreLeg, sorePelvis } from '../tests/people'
import { toExamFile } from '../core/exchange/exam-file/to'
import { composedId } from '../core/record/compose'
import { db } from '../db'
import { addAccount, addSession } from '../db/queries/accounts'
import { writeEntrusted } from '../db/queries/entrusted'
import { bookExam } from '../db/queries/exams'
import { addPerson, personById } from '../db/queries/people'
import { examHeads } from '../db/queries/exams'
import { importedAs } from '../db/queries/imports'
import { trailLines } from '../db/queries/trail'
import { setCondition } from '../server/condition'
import { digest } from '../server/auth/secrets'
import { examTitle } from '../server/exam-title'
import { announce, listen, live, tellDevices } from '../server/live'
import { GET as GET_EVENTS, POST as POST_EVENTS } from './exam/[examId]/events/route'
import { GET as GET_FILE } from './exam/[examId]/file/route'
import { POST as POST_IMPORT } from './exchange/import/route'
import { GET as GET_HEALTH } from './health/route'
import { GET as GET_LIVE } from './live/route'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-routes-'))
const held = globalThis as { dustLanternDb?: { $client: { close: () => void } } | undefined }

beforeAll(() => {
  process.env.DUST_LANTERN_DATA = folder
  held.dustLanternDb = undefined
})
afterAll(() => {
  held.dustLanternDb?.$client.close()
  rmSync(folder, { recursive: true })
})

const record = sorePelvis()
const { id: examId, personId } = record.exam
const params = { params: Promise.resolve({ examId }) }
const none = { params: Promise.resolve({}) }
const post = (body: unknown) =>
  new Request(`http://127.0.0.1/exam/${examId}/events`, { method: 'POST', body: JSON.stringify(body), headers: { host: '127.0.0.1' } })
const get = (query = '') => new Request(`http://127.0.0.1/exam/${examId}/events${query}`)
interface Events {
  readonly events: readonly { readonly id: string; readonly by: string }[]
}
interface Told {
  readonly what: string
  readonly kept: string
  readonly do: string
}

describe('the events of an exam over the wire', () => {
  it('is 404 with a way out before the exam is known', async () => {
    expect((await POST_EVENTS(post({ after: 0, events: record.events }), params)).status).toBe(404)
    const answer = await GET_EVENTS(get(), params)
    expect(answer.status).toBe(404)
    expect(((await answer.json()) as Told).do).toMatch('Today')
  })

  it('stores once however often it is sent, answers what the window lacks, and tells the other windows', async () => {
    addPerson(db(), { id: personId, name: 'A person', born: null, work: '' }, 1)
    bookExam(db(), { id: examId, personId, at: 1 })
    const told: number[] = []
    const stop = listen({ records: [examId] }, (message) => {
      if (message.kind === 'grew') told.push(message.length)
    })
    // A window that was told of an entry this server lacks keeps what it has: an older backup was put back.
    const ahead = await POST_EVENTS(post({ after: 1, events: record.events }), params)
    expect([ahead.status, await ahead.json()]).toEqual([503, expect.objectContaining({ lacking: 1 })])
    for (const after of [0, 1]) {
      const answer = await POST_EVENTS(post({ after, events: record.events }), params)
      expect(answer.status).toBe(200)
      const { events } = (await answer.json()) as Events
      expect(events.map((e) => e.id)).toEqual(record.events.slice(after).map((e) => e.id))
      expect(events.every((e) => e.by === 'maren-oake')).toBe(true)
    }
    // Twice in a row is one word: it says how long the record is now.
    await expect.poll(() => told).toEqual([record.events.length])
    stop()
    const { events } = (await (await GET_EVENTS(get('?after=2'), params)).json()) as Events
    expect(events).toHaveLength(record.events.length - 2)
    expect(((await (await GET_EVENTS(get('?after=nonsense'), params)).json()) as Events).events).toHaveLength(record.events.length)
  })

  it('refuses what does not follow with 422, and writes nothing', async () => {
    const event = { type: 'symptom-removed', symptom: 'S7', id: composedId(9, 'wire', 1), at: 9 }
    const answer = await POST_EVENTS(post({ after: 0, events: [event] }), params)
    expect(answer.status).toBe(422)
    expect((await answer.json()) as Told).toMatchObject({ what: 'There is no S7 here.' })
    expect(((await (await GET_EVENTS(get(), params)).json()) as Events).events).toHaveLength(record.events.length)
  })

  it('one clash holds nothing else back: the rest is stored and the clash is told by its number', async () => {
    const stray = { type: 'symptom-removed', symptom: 'S7', id: composedId(19, 'wire', 1), at: 19 }
    const warning = { type: 'warning-seen', sign: 'faint', id: composedId(19, 'wire', 2), at: 19 }
    const impossible = { type: 'note-written', text: 'x', id: composedId(19, 'wire', 3), at: Date.now() + 3 * 86_400_000 }
    const shapeless = { type: 'stage-answered', run: composedId(19, 'run', 1), stage: 'press', id: composedId(19, 'wire', 4), at: 19 }
    const answer = await POST_EVENTS(post({ after: record.events.length, events: [stray, impossible, shapeless, warning] }), params)
    expect(answer.status).toBe(200)
    const told = (await answer.json()) as Events & { refused: { id: string; problem: Told }[] }
    expect(told.events.map((e) => e.id)).toEqual([warning.id])
    expect(told.refused.map((r) => r.id).toSorted()).toEqual([stray.id, impossible.id, shapeless.id].toSorted())
    expect(told.refused.find((r) => r.id === impossible.id)?.problem.do).toMatch('clock')
    for (const { problem } of told.refused) for (const part of [problem.what, problem.kept, problem.do]) expect(part).toMatch(/\.$/)
  })

  it('a stream names examinations that are here, and as many as it may', async () => {
    const status = async (query: string) => (await GET_LIVE(new Request(`http://127.0.0.1/live${query}`), none)).status
    expect(await status('')).toBe(422)
    for (const strange of ['newListener', 'devices%20x', composedId(77, 'nobody', 1)]) expect(await status(`?exam=${strange}`), strange).toBe(404)
  })

  it('the live stream tells the length when the record grows, and ends when the window goes', async () => {
    const going = new AbortController()
    const response = await GET_LIVE(new Request(`http://127.0.0.1/live?exam=${examId}&bench=${examId}`, { signal: going.signal }), none)
    expect(response.headers.get('content-type')).toMatch('text/event-stream')
    const reader = response.body?.getReader()
    const text = new TextDecoder()
    expect(text.decode((await reader?.read())?.value)).toBe('retry: 2000\n\n')
    announce(composedId(3, 'another', 1), 9)
    announce(examId, 12)
    expect(text.decode((await reader?.read())?.value)).toBe(`data: {"kind":"grew","exam":"${examId}","length":12}\n\n`)
    expect(tellDevices(examId, { v: 1, channel: 'button', t: 1, value: 1 } as never)).toBe(1)
    expect(text.decode((await reader?.read())?.value)).toMatch('"kind":"frame"')
    const before = live.closers.size
    going.abort()
    expect((await reader?.read())?.done).toBe(true)
    expect(live.closers.size).toBe(before - 1)
  })

  it('a window that shows no bench takes nothing that a device sends, so nobody is told that it was heard', async () => {
    const going = new AbortController()
    await GET_LIVE(new Request(`http://127.0.0.1/live?exam=${examId}`, { signal: going.signal }), none)
    expect(tellDevices(examId, { v: 1, channel: 'button', t: 1, value: 1 } as never)).toBe(0)
    going.abort()
  })
})

describe('the stream of a student', () => {
  afterEach(() => {
    vi.useRealTimers()
  })

  it('ends with what was entrusted, and not only with the session', async () => {
    const now = Date.now()
    addAccount(db(), { id: 'rook', name: 'Tam Rook', login: 'rook', role: 'student', invitation: null, invitedUntil: null, password: 'x' }, now)
    const times = { account: 'rook', madeAt: now, seenAt: now, half: false, address: 'x', device: 'x' }
    addSession(db(), { id: digest('a-token-long-enough-to-be-one'), ...times })
    const entrust = (ended: boolean) =>
      writeEntrusted(db(), { id: composedId(now, 'entrusted', Number(ended)), by: 'lead', at: now + Number(ended) }, { exam: examId, student: 'rook', ended })
    const asked = () => GET_LIVE(new Request(`http://127.0.0.1/live?exam=${examId}`, { headers: { cookie: 'lantern=a-token-long-enough-to-be-one' } }), none)
    expect((await asked()).status).toBe(404)
    entrust(false)
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] })
    const reader = (await asked()).body?.getReader()
    const text = async () => new TextDecoder().decode((await reader?.read())?.value)
    expect(await text()).toBe('retry: 2000\n\n')
    vi.advanceTimersByTime(15_000)
    expect(await text()).toBe(': beat\n\n')
    entrust(true)
    vi.advanceTimersByTime(15_000)
    expect((await reader?.read())?.done).toBe(true)
  })
})

describe('a disk that takes nothing more', () => {
  it('is said in words, with the entry kept in its window; reading goes on, and so does storing once there is room', async () => {
    const note = { type: 'note-written', text: 'x'.repeat(15_000), id: composedId(60, 'full', 1), at: 60 }
    const { $client } = db()
    const pages = $client.pragma('page_count', { simple: true }) as number
    $client.pragma(`max_page_count = ${pages}`)
    const answer = await POST_EVENTS(post({ after: 0, events: [note] }), params)
    expect(answer.status).toBe(507)
    expect(await answer.json()).toMatchObject({ what: expect.stringMatching('full') as string, kept: expect.stringMatching('stays in it') as string })
    expect((await GET_EVENTS(get(), params)).status).toBe(200)
    const health = await GET_HEALTH(new Request('http://127.0.0.1/health'), none)
    expect(health.status).toBe(503)
    expect(await health.json()).toMatchObject({ ready: false, condition: 'full', do: expect.stringMatching('waits on this device') as string })
    $client.pragma('max_page_count = 1000000')
    expect((await POST_EVENTS(post({ after: 0, events: [note] }), params)).status).toBe(200)
    setCondition({ kind: 'well' })
    expect((await GET_HEALTH(new Request('http://127.0.0.1/health'), none)).status).toBe(200)
  })
})

describe('exam files over the wire', () => {
  const leg = soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
  const renamed = (name: string) => {
    const text = JSON.stringify(toExamFile(leg.exam, leg.events, { name, born: '1983-04-11', work: 'bell-founder' }, 7))
    // Another examination of another person: the shared builder gives every record the same ids.
    return JSON.parse(
      text
        .replaceAll(leg.exam.id, composedId(8, 'other exam', 1))
        .replaceAll(leg.exam.personId, composedId(8, 'other person', 1))
        .replaceAll('"019c', '"018c'),
    ) as {
      events: { type: string }[]
      exam: { id: string }
    }
  }
  const bring = (body: unknown, person?: string) =>
    POST_IMPORT(
      new Request(`http://127.0.0.1/exchange/import${person === undefined ? '' : `?person=${person}`}`, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: { host: '127.0.0.1' },
      }),
      none,
    )

  it('brings an examination in with its person, twice the same, and gives the same events out again', async () => {
    const file = renamed('Imre of the North Mole')
    const taken: unknown[] = []
    for (let twice = 0; twice < 2; twice++) {
      const answer = await bring(file)
      expect(answer.status).toBe(200)
      taken.push(await answer.json())
    }
    expect(taken).toEqual([{ examId: file.exam.id }, { examId: file.exam.id, known: true }])
    expect(personById(db(), composedId(8, 'other person', 1))?.name).toBe('Imre of the North Mole')
    const out = await GET_FILE(new Request('http://127.0.0.1/file'), { params: Promise.resolve({ examId: file.exam.id }) })
    expect(out.headers.get('content-disposition')).toMatch(/attachment; filename="exam-\d+-1970-01-01\.json"/)
    expect(((await out.json()) as typeof file).events).toEqual(file.events)
  })

  it('an examination that has gone on differently is not mixed', async () => {
    const file = renamed('Imre of the North Mole')
    const answer = await bring({ ...file, events: [file.events[0], { ...file.events[1], id: composedId(11, 'fork', 1) }] })
    expect(answer.status).toBe(409)
    expect(((await answer.json()) as Told).what).toMatch('gone on differently')
  })

  it('takes no time that cannot be, and leaves neither person nor examination behind', async () => {
    const before = examHeads(db()).length
    const file = JSON.parse(
      JSON.stringify(renamed('Nobody'))
        .replaceAll(composedId(8, 'other exam', 1), composedId(9, 'third exam', 1))
        .replaceAll(composedId(8, 'other person', 1), composedId(9, 'third person', 1))
        .replaceAll('"018c', '"017c'),
    ) as ReturnType<typeof renamed> & { person: object; events: { at: number; type: string }[] }
    const bad = [
      { ...file, exam: { ...file.exam, at: 8_640_000_000_000_001 } },
      { ...file, exam: { ...file.exam, at: Date.now() + 3 * 86_400_000 } },
      { ...file, person: { ...file.person, born: '2190-01-01' } },
      { ...file, events: file.events.map((e, i) => (i === 2 ? { ...e, at: 9e15 } : e)) },
    ]
    for (const one of bad) expect((await bring(one)).status).toBe(422)
    expect(examHeads(db())).toHaveLength(before)
    expect(personById(db(), composedId(9, 'third person', 1))).toBeUndefined()
    // The opening names another examination than the address: nothing of either is touched.
    const other = { ...file, events: [{ ...file.events[0], examId: examId }, ...file.events.slice(1)] }
    expect((await bring(other)).status).toBe(422)
    expect(personById(db(), composedId(9, 'third person', 1))).toBeUndefined()
    expect((await bring(file)).status).toBe(200)
  })

  it('is marked for ever as a file, adds to nothing that is here, and joins nobody without being asked', async () => {
    const text = (n: number) =>
      JSON.stringify(renamed('Imre of the North Mole'))
        .replaceAll(composedId(8, 'other exam', 1), composedId(20 + n, 'claimed exam', 1))
        .replaceAll('"018c', `"01${n}c`)
        .replaceAll('"test-author"', '"maren-oake"')
    const file = JSON.parse(text(3)) as ReturnType<typeof renamed>
    const before = examHeads(db()).length
    const asked = await bring(file)
    expect(asked.status).toBe(409)
    const { choose } = (await asked.json()) as { choose: { people: { id: string; number: number; why: string }[] } }
    expect(choose.people[0]).toMatchObject({ id: composedId(8, 'other person', 1), why: 'the number in the file' })
    expect(examHeads(db())).toHaveLength(before)
    expect((await bring(file, composedId(99, 'nobody', 1))).status).toBe(409)

    expect((await bring(file, 'new')).status).toBe(200)
    const stranger = examHeads(db()).find((head) => head.id === file.exam.id)
    expect(stranger?.person.id).not.toBe(composedId(8, 'other person', 1))
    const joined = JSON.parse(text(4)) as ReturnType<typeof renamed>
    expect((await bring(joined, stranger?.person.id)).status).toBe(200)
    expect(examHeads(db()).find((head) => head.id === joined.exam.id)?.person.id).toBe(stranger?.person.id)

    expect(importedAs(db(), file.exam.id)).toMatchObject({ by: 'maren-oake', authors: ['maren-oake'], entries: file.events.length })
    expect(importedAs(db(), examId)).toBeNull()
    // The file uses a short name that is somebody's here: it stays what the file says.
    expect(examTitle(db(), file.exam.id)?.who).toMatch(/by maren-oake, as the file says\. Imported \d/)
    const longer = {
      ...file,
      events: [...file.events, { type: 'note-written', text: 'added by a file', id: composedId(40, 'added', 1), at: 9, by: 'maren-oake' }],
    }
    const answer = await bring(longer)
    expect(answer.status).toBe(409)
    expect(((await answer.json()) as Told).do).toMatch('A file never adds to it')
    expect(trailLines(db(), { about: file.exam.id }, 5).map((line) => line.what)).toEqual(['imported'])
  })

  it('says where a file is wrong, and that a case is for the command', async () => {
    const wrong = await bring({ ...renamed('x'), version: 99 })
    expect(wrong.status).toBe(422)
    expect(((await wrong.json()) as Told).what).toMatch('/version')
    const published = await bring({ format: 'dust-lantern-exam', version: 1, results: [] })
    expect(((await published.json()) as Told).do).toMatch('evaluate command')
    expect((await GET_FILE(new Request('http://127.0.0.1/file'), { params: Promise.resolve({ examId: 'nobody' }) })).status).toBe(404)
  })
})
