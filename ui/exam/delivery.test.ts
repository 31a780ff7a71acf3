import { describe, expect, it, vi } from 'vitest'
import { composedId } from '@/core/record/compose'
import type { ExamEvent } from '@/core/record/event'
import { batchOf, collect, deliver } from './delivery'

const note = (n: number, text = 'x'): ExamEvent => ({ type: 'note-written', text, id: composedId(1.8e12, 'delivery', n), at: 1.8e12, by: 'test-author' })
const answering = (status: number, body: unknown) =>
  vi.stubGlobal('fetch', () => Promise.resolve(typeof body === 'string' ? new Response(body, { status }) : Response.json(body, { status })))
const problem = { what: 'It is signed.', kept: 'Everything.', do: 'Write an addendum.' }

describe('sending', () => {
  it('takes back what the record holds, and passes over what it cannot read', async () => {
    answering(200, { events: [note(1), { type: 'told-by-a-newer-program' }], refused: [] })
    expect(await deliver('exam', 0, [note(1)])).toEqual({ kind: 'stored', events: [note(1)], refused: [] })
    expect(await collect('exam', 0)).toMatchObject({ kind: 'stored' })
  })

  it('a refusal that names its events is theirs alone; one that names none is of the whole', async () => {
    const refused = [{ id: note(2).id, problem }]
    answering(200, { events: [note(1)], refused })
    expect(await deliver('exam', 0, [note(1), note(2)])).toEqual({ kind: 'stored', events: [note(1)], refused })
    answering(422, { ...problem, refused, events: [note(1)] })
    expect(await deliver('exam', 0, [note(2)])).toEqual({ kind: 'stored', events: [note(1)], refused })
    answering(404, problem)
    expect(await deliver('exam', 0, [note(2)])).toEqual({ kind: 'refused', problem })
  })

  it.each([
    ['a server that fails', 500, { what: 'x' }],
    ['one that is too busy', 429, { what: 'x' }],
    ['a page of somebody else', 200, '<html>'],
    ['a refusal in no words of ours', 404, { error: 'x' }],
  ])('%s is tried again', async (_, status, body) => {
    answering(status, body)
    expect(await deliver('exam', 0, [note(1)])).toEqual({ kind: 'unreached' })
  })

  it('goes out in parts of so many events and letters, and never in none', () => {
    const queue = Array.from({ length: 250 }, (_, n) => note(n))
    expect(batchOf(queue)).toHaveLength(100)
    expect(batchOf(queue.slice(0, 3))).toHaveLength(3)
    expect(batchOf([note(1, 'x'.repeat(300_000)), note(2)])).toHaveLength(1)
    expect(batchOf([])).toEqual([])
  })
})
