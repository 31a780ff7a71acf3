import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { composedId } from '../../core/record/compose'
import type { Problem } from '../../core/vocabulary/problem'
import { db } from '../../db'
import { fillDemoClinic } from '../../db/demo/clinic'
import { examHead, examHeads, type ExamHead } from '../../db/queries/exams'
import { personById } from '../../db/queries/people'
import { listen } from '../../server/live'
import { POST } from '../do/[act]/route'
import { rowsFound } from '../today/day-rows'
import { GET } from './rows/route'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-people-acts-'))
const held = globalThis as { dustLanternDb?: { $client: { close: () => void } } | undefined }
const NOW = new Date(2026, 10, 26, 8)
beforeAll(() => {
  process.env.DUST_LANTERN_DATA = folder
  held.dustLanternDb = undefined
  fillDemoClinic(db(), NOW)
})
afterAll(() => {
  held.dustLanternDb?.$client.close()
  rmSync(folder, { recursive: true })
})

let n = 0
const id = () => composedId(NOW.getTime(), 'people acts', ++n)

/** Ask for an act as a form does. */
async function act(name: string, ...args: readonly unknown[]): Promise<{ readonly status: number; readonly came: Problem | null }> {
  const request = new Request(`http://127.0.0.1/do/${name}`, { method: 'POST', body: JSON.stringify({ args }), headers: { host: '127.0.0.1' } })
  const answer = await POST(request, { params: Promise.resolve({ act: name }) })
  const body = (await answer.json()) as { came?: Problem | null } & Problem
  return { status: answer.status, came: body.came === undefined ? body : body.came }
}

async function rows(query: string): Promise<readonly { readonly name: string; readonly why?: string }[]> {
  const answer = await GET(new Request(`http://127.0.0.1/people/rows?${query}`), { params: Promise.resolve({}) })
  return ((await answer.json()) as { people: readonly { name: string; why?: string }[] }).people
}

function of(name: string): ExamHead {
  const head = examHeads(db()).find((one) => one.person.name === name)
  if (!head) throw new Error(`${name} is not in the demo clinic.`)
  return head
}

describe('what is put right about people, over the wire', () => {
  it('moves an examination, tells the windows that show it, and lists it under its new name at once', async () => {
    const [imre, odalys] = [of('Imre Talvane'), of('Odalys Brightmoor')]
    const told: number[] = []
    const stop = listen({ records: [imre.id] }, (message) => {
      if (message.kind === 'grew') told.push(message.length)
    })
    const change = id()
    expect(await act('move-exam', change, imre.id, odalys.person.id, null, 'the wrong line was taken')).toEqual({ status: 200, came: null })
    expect(examHead(db(), imre.id)?.person.id).toBe(odalys.person.id)
    await expect.poll(() => told.length).toBe(1)
    expect(rowsFound(db(), 'brightmoor', NOW).map((row) => row.examId)).toContain(imre.id)
    // A lost answer is asked for again: nothing is moved or written a second time.
    await act('move-exam', change, imre.id, odalys.person.id, null, 'the wrong line was taken')
    expect(told).toHaveLength(1)
    stop()
    expect(await act('move-exam', id(), imre.id, imre.person.id, null, 'it was right after all')).toEqual({ status: 200, came: null })
  })

  it('moves it to somebody who is entered with it, and refuses a person that cannot be', async () => {
    const imre = of('Imre Talvane')
    const wrong = await act('move-exam', id(), imre.id, id(), { name: '', born: '', work: '' }, 'somebody else')
    expect(wrong.came?.what).toContain('Write a name')
    const future = await act('move-exam', id(), imre.id, id(), { name: 'Wenna', born: '2190-01-01', work: '' }, 'somebody else')
    expect(future.came?.what).toContain('lies ahead')
    expect(examHead(db(), imre.id)?.person.id).toBe(imre.person.id)
    const person = id()
    expect((await act('move-exam', id(), imre.id, person, { name: 'Wenna Saltmarsh', born: '', work: '' }, 'somebody else')).came).toBeNull()
    expect(personById(db(), person)?.name).toBe('Wenna Saltmarsh')
    await act('move-exam', id(), imre.id, imre.person.id, null, 'back')
  })

  it('starts a person once; what was typed after a lost answer is never taken for what is stored', async () => {
    const ids = { personId: id(), examId: id() }
    const fields = { name: 'Perpetua Oakmast', born: '1980-01-02', work: '' }
    expect((await act('start-person', ids, fields)).came).toBeNull()
    expect((await act('start-person', ids, { ...fields, name: ' Perpetua Oakmast ' })).came).toBeNull()
    const other = await act('start-person', ids, { ...fields, born: '1981-01-02' })
    expect(other.came?.what).toContain('Perpetua Oakmast is entered')
    expect(examHead(db(), ids.examId)?.person).toMatchObject(fields)
  })

  it('joins two numbers and corrects details', async () => {
    const [imre, teodor] = [of('Imre Talvane'), of('Teodor Quill')]
    expect((await act('merge-people', id(), imre.person.id, teodor.person.id, 'entered twice')).came).toBeNull()
    expect(examHead(db(), imre.id)?.person.id).toBe(teodor.person.id)
    await act('move-exam', id(), imre.id, imre.person.id, null, 'they were two')
    const fields = { name: 'Imre Talvane-Oake', born: '1983-04-11', work: 'bell-founder' }
    expect((await act('correct-person', id(), imre.person.id, fields, 'married')).came).toBeNull()
    expect(personById(db(), imre.person.id)?.name).toBe('Imre Talvane-Oake')
  })

  it('needs a reason in words, and names that are ids; anything else is a message and changes nothing', async () => {
    const imre = of('Imre Talvane-Oake')
    const fields = { name: 'X', born: '', work: '' }
    for (const why of ['', '  ', '??', 7, null, 'x'.repeat(301)]) expect((await act('correct-person', id(), imre.person.id, fields, why)).came).not.toBeNull()
    for (const strange of ['', 'x', 7, null, {}, "'; DROP TABLE people; --"]) {
      expect((await act('correct-person', id(), strange, fields, 'a reason')).came).not.toBeNull()
      expect((await act('merge-people', strange, imre.person.id, of('Teodor Quill').person.id, 'a reason')).came).not.toBeNull()
      expect((await act('move-exam', id(), strange, imre.person.id, null, 'a reason')).came).not.toBeNull()
    }
    expect((await act('unmake-people', id())).status).toBe(404)
    expect(personById(db(), imre.person.id)?.name).toBe('Imre Talvane-Oake')
  })

  it('lists people by name or number, and those who may be the one that is entered', async () => {
    expect((await rows('find=quill')).map((person) => person.name)).toEqual(['Teodor Quill'])
    expect(await rows('find=')).toEqual([])
    expect(await rows('name=Teodor%20Quil&born=')).toMatchObject([{ name: 'Teodor Quill', why: 'similar name' }])
    expect(await rows('')).toEqual([])
  })
})
