import 'fake-indexeddb/auto'
import { describe, expect, it } from 'vitest'
import { RULEBOOK } from '@/core/safety/rulebook'
import { signatureOf } from '@/core/exchange/freeze'
import { admitAll } from '@/core/record/admit'
import { composedId } from '@/core/record/compose'
import type { EventContent, ExamEvent } from '@/core/record/event'
import { sorePelvis } from '@/tests/people'
import type { Delivery } from './delivery'
import { openOutbox } from './outbox'
import { createSession, type Ports, type Session } from './session'

let made = 0
const stamp = (content: EventContent): ExamEvent => {
  made++
  return { ...content, id: composedId(1_800_000_000_000 + made, 'session', made), at: 1_800_000_000_000 + made, by: 'test-author' }
}

/** A server in memory that can be cut off, before it stores or before it answers. */
function fakeServer(stored: readonly ExamEvent[]) {
  const server = { log: [...stored], cut: 'no' as 'no' | 'before-storing' | 'before-answering', tries: 0 }
  const deliver = (after: number, events: readonly ExamEvent[]): Promise<Delivery> => {
    server.tries++
    if (server.cut === 'before-storing') return Promise.resolve({ kind: 'unreached' })
    const fresh = events.filter((e) => !server.log.some((s) => s.id === e.id))
    const admission = admitAll(server.log, fresh, RULEBOOK)
    if (!admission.ok) return Promise.resolve({ kind: 'refused', problem: admission.problem })
    server.log = [...admission.events]
    return Promise.resolve(server.cut === 'before-answering' ? { kind: 'unreached' } : { kind: 'stored', events: server.log.slice(after) })
  }
  const collect = (after: number): Promise<Delivery> => Promise.resolve({ kind: 'stored', events: server.log.slice(after) })
  return { server, ports: (): Ports => ({ outbox: openOutbox(), deliver, collect, stamp }) }
}

const note = (text: string): EventContent => ({ type: 'note-written', text })
const texts = (events: readonly ExamEvent[]) => events.flatMap((e) => (e.type === 'note-written' ? [e.text] : []))
const settled = (session: Session) => expect.poll(() => session.state().waiting.length).toBe(0)

describe('a session', () => {
  const stored = sorePelvis().events

  it('shows at once, and an offline spell loses and doubles nothing', async () => {
    const { server, ports } = fakeServer(stored)
    const session = createSession('exam-a', stored, ports())
    server.cut = 'before-storing'
    for (const text of ['one', 'two']) expect(session.record([note(text)])).toBe(true)
    expect(texts(session.state().waiting)).toEqual(['one', 'two'])
    await expect.poll(() => session.state().reachable).toBe(false)
    // The answer of the server is lost, though it has stored everything.
    server.cut = 'before-answering'
    await session.send()
    expect(session.state().waiting).toHaveLength(2)
    server.cut = 'no'
    await session.send()
    await settled(session)
    expect(texts(server.log)).toEqual(['one', 'two'])
    expect(texts(session.state().onDisk)).toEqual(['one', 'two'])
  })

  it('a window that was closed offline leaves its answers on the device; the next takes them up', async () => {
    const { server, ports } = fakeServer(stored)
    server.cut = 'before-storing'
    const first = createSession('exam-b', stored, ports())
    first.record([note('left behind')])
    await expect.poll(() => server.tries).toBeGreaterThan(0)
    server.cut = 'no'
    const second = createSession('exam-b', stored, ports())
    await second.resume()
    expect(texts(server.log)).toEqual(['left behind'])
    const third = createSession('exam-b', server.log, ports())
    await third.resume()
    expect(texts(server.log)).toEqual(['left behind'])
  })

  it('two windows of one examination end with the same record', async () => {
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-c', stored, ports())
    const there = createSession('exam-c', stored, ports())
    here.record([note('here')])
    await settled(here)
    there.record([note('there')])
    await settled(there)
    await here.refresh()
    expect(here.state().onDisk).toEqual(server.log)
    expect(there.state().onDisk).toEqual(server.log)
  })

  it('what the server refuses is set aside with its reason, and the record on disk is shown', async () => {
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-d', stored, ports())
    server.log = [...server.log, stamp(signatureOf(sorePelvis().exam))]
    here.record([note('too late')])
    await expect.poll(() => here.state().problem?.what).toBe('This examination is signed.')
    expect(here.state().waiting).toEqual([])
    expect(here.state().onDisk).toEqual(server.log)
  })

  it('refuses on the spot what does not follow', () => {
    const { ports } = fakeServer(stored)
    const session = createSession('exam-e', stored, ports())
    expect(session.record([{ type: 'symptom-removed', symptom: 'S9' }])).toBe(false)
    expect(session.state().problem?.what).toBe('There is no S9 here.')
    expect(session.undo()).toBe(false)
  })
})
