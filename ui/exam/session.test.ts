import 'fake-indexeddb/auto'
import { describe, expect, it, vi } from 'vitest'
import { RULEBOOK } from '@/core/safety/rulebook'
import { signatureOf } from '@/core/exchange/freeze'
import { admitAll } from '@/core/record/admit'
import { composedId } from '@/core/record/compose'
import type { EventContent, ExamEvent } from '@/core/record/event'
import type { Problem } from '@/core/vocabulary/problem'
import { BUTTOCK, sorePelvis } from '@/tests/people'
import type { Delivery } from './delivery'
import { memoryOutbox, openOutbox } from './outbox'
import { createSession, type Ports, type Session } from './session'

let made = 0
const stamp = (content: EventContent): ExamEvent => {
  made++
  return { ...content, id: composedId(1_800_000_000_000 + made, 'session', made), at: 1_800_000_000_000 + made, by: 'test-author' }
}

/** A server in memory that can be cut off, before it stores or before it answers. */
function fakeServer(stored: readonly ExamEvent[]) {
  const server = { log: [...stored], cut: 'no' as 'no' | 'before-storing' | 'before-answering', tries: 0, sizes: [] as number[] }
  const deliver = (after: number, events: readonly ExamEvent[]): Promise<Delivery> => {
    server.tries++
    if (server.cut === 'before-storing') return Promise.resolve({ kind: 'unreached' })
    const fresh = events.filter((e) => !server.log.some((s) => s.id === e.id))
    server.sizes.push(events.length)
    const refused: { id: string; problem: Problem }[] = []
    for (const event of fresh) {
      const admission = admitAll(server.log, [event], RULEBOOK)
      if (admission.ok) server.log = [...admission.events]
      else refused.push({ id: event.id, problem: admission.problem })
    }
    return Promise.resolve(server.cut === 'before-answering' ? { kind: 'unreached' } : { kind: 'stored', events: server.log.slice(after), refused })
  }
  const collect = (after: number): Promise<Delivery> => Promise.resolve({ kind: 'stored', events: server.log.slice(after), refused: [] })
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
    // Each is told what the other recorded, until it records something itself.
    expect(here.state().foreign).toMatchObject(note('there'))
    here.record([note('again')])
    expect(here.state().foreign).toBeNull()
  })

  it('what the server refuses is set aside with its reason, and the record on disk is shown', async () => {
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-d', stored, ports())
    server.log = [...server.log, stamp(signatureOf(sorePelvis().exam))]
    here.record([note('too late')])
    await expect.poll(() => here.state().aside.map((a) => a.why)).toEqual(['This examination is signed.'])
    expect(here.state().waiting).toEqual([])
    expect(here.state().onDisk).toEqual(server.log)
    // It is still there for the next window, and goes only when somebody lets it go.
    const next = createSession('exam-d', server.log, ports())
    await next.resume()
    expect(next.state().aside.map((a) => a.event.type)).toEqual(['note-written'])
    await next.letGo(next.state().aside.map((a) => a.id))
    expect(next.state().aside).toEqual([])
  })

  it('a refusal that tells nothing of the record, and a word missed while sending, are made up for afterwards', async () => {
    const { server, ports } = fakeServer(stored)
    const mine = ports()
    const here = createSession('exam-j', stored, {
      ...mine,
      deliver: async (after, events) => {
        // Another window signs, and says so, while this one is on the way.
        server.log = [...server.log, stamp(signatureOf(sorePelvis().exam))]
        await here.refresh()
        const came = await mine.deliver(after, events)
        return came.kind === 'stored' && came.refused[0] ? { kind: 'refused', problem: came.refused[0].problem } : came
      },
    })
    here.record([note('too late')])
    await expect.poll(() => here.state().exam?.signed).toBeTruthy()
    expect(here.state().onDisk).toEqual(server.log)
    expect(here.state().aside).toHaveLength(1)
  })

  it('two words that come while the first is being asked about, and an answer that never comes, leave nothing out', async () => {
    const { server, ports } = fakeServer(stored)
    const mine = ports()
    const asked: (() => void)[] = []
    let cut = false
    const here = createSession('exam-k', stored, {
      ...mine,
      // The answer holds what the server knew when it was asked, and is long on the way.
      collect: async (after) => {
        if (cut) return { kind: 'unreached' }
        const answer = await mine.collect(after)
        await new Promise<void>((arrive) => asked.push(arrive))
        return answer
      },
    })
    const grow = (text: string) => {
      server.log = [...server.log, stamp(note(text))]
      return here.refresh()
    }
    const first = grow('first')
    await expect.poll(() => asked.length).toBe(1)
    const second = grow('second')
    asked[0]?.()
    await expect.poll(() => asked.length).toBe(2)
    for (const arrive of asked) arrive()
    await Promise.all([first, second])
    expect(texts(here.state().onDisk)).toEqual(['first', 'second'])

    cut = true
    await grow('third')
    cut = false
    // What is tried again and again takes it up, though nothing waits to be sent.
    const again = here.send()
    await expect.poll(() => asked.length).toBe(3)
    asked[2]?.()
    await again
    expect(here.state().onDisk).toEqual(server.log)
  })

  it('a record that became shorter on the server, as after a backup was put back, does not make it send for ever', async () => {
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-k', stored, ports())
    for (const text of ['one', 'two', 'three']) here.record([note(text)])
    await settled(here)
    server.log = server.log.slice(0, -2)
    const tries = server.tries
    here.record([note('four')])
    await settled(here)
    expect(server.tries - tries).toBeLessThan(3)
    expect(texts(here.state().onDisk)).toEqual(['one', 'four'])
    expect(here.state().onDisk).toEqual(server.log)
  })

  it('a clash is split off alone: a red flag told beside it is stored, and the clash can be answered again', async () => {
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-f', stored, ports())
    server.cut = 'before-storing'
    const described = (symptom: 'S2' | 'S3'): EventContent => ({
      type: 'symptom-described',
      symptom,
      words: 'x',
      places: [],
      qualities: [],
      now: 1,
      bringsOn: '',
      eases: '',
      stirring: null,
    })
    here.record([described('S2')])
    here.record([{ type: 'symptom-removed', symptom: 'S1' }])
    here.record([
      { type: 'screen-answered', item: 'saddle-numb', answer: 'yes' },
      { type: 'warning-seen', sign: 'faint' },
    ])
    // Another window used the symptom meanwhile, so it can no longer be removed.
    const used = admitAll(
      server.log,
      sorePelvis()
        .test('thigh-thrust', 'right', [BUTTOCK])
        .events.slice(-2)
        .map((e) => ({ ...e, id: composedId(1.9e12 + made, 'other', ++made) })),
      RULEBOOK,
    )
    if (!used.ok) throw new Error(used.problem.what)
    server.log = [...used.events]
    server.cut = 'no'
    await here.send()
    await settled(here)
    expect(server.log.map((e) => e.type)).toEqual(expect.arrayContaining(['screen-answered', 'warning-seen', 'symptom-described']))
    expect(here.state().aside.map((a) => a.event.type)).toEqual(['symptom-removed'])
    expect(here.state().exam?.warnings.map((w) => w.sign)).toEqual(['faint'])
    await here.answerAgain(here.state().aside.map((a) => a.id))
    // It still does not follow, so it stays where it can be read.
    expect(here.state().aside).toHaveLength(1)
  })

  it('a queue of any length goes out in parts, in the order it was recorded, whatever the clock did', async () => {
    const { server, ports } = fakeServer(stored)
    server.cut = 'before-storing'
    // In the middle the clock of the device is set back by years: times and ids are smaller from there on.
    let back = 0
    const early = (content: EventContent): ExamEvent => {
      made++
      const at = 1_700_000_000_000 + made
      return { ...content, id: composedId(at, 'early', made), at, by: 'test-author' }
    }
    const here = createSession('exam-g', stored, { ...ports(), stamp: (content) => (back > 0 ? early(content) : stamp(content)) })
    const notes = Array.from({ length: 510 }, (_, i) => `note ${i}`)
    for (const text of notes) here.record([note(text)])
    back = 1
    here.record([note('after the clock was set back')])
    await expect.poll(() => server.tries).toBeGreaterThan(0)
    server.cut = 'no'
    const next = createSession('exam-g', stored, ports())
    await next.resume()
    expect(texts(server.log)).toEqual([...notes, 'after the clock was set back'])
    expect(Math.max(...server.sizes)).toBeLessThanOrEqual(100)
    const long = createSession('exam-h', stored, ports())
    for (let i = 0; i < 3; i++) long.record([note('x'.repeat(19_000))])
    for (let i = 0; i < 30; i++) long.record([note('y'.repeat(19_000))])
    await settled(long)
    expect(server.sizes.at(-1)).toBeLessThan(20)
  })

  it('without a device store, or with a full one, it sends all the same and says what is at risk', async () => {
    for (const box of [memoryOutbox(), { ...memoryOutbox(), lasting: true, keep: () => Promise.reject(new DOMException('full', 'QuotaExceededError')) }]) {
      const { server, ports } = fakeServer(stored)
      const here = createSession('exam-i', stored, { ...ports(), outbox: Promise.resolve(box) })
      here.record([note('sent directly')])
      await settled(here)
      expect(texts(server.log)).toEqual(['sent directly'])
      expect(here.state().lasting).toBe(false)
    }
  })

  it('asks the browser once to keep what waits, and goes on whatever it says', async () => {
    const persist = vi.fn(() => Promise.reject(new DOMException('no', 'NotAllowedError')))
    vi.stubGlobal('navigator', { storage: { persist } })
    const { server, ports } = fakeServer(stored)
    const here = createSession('exam-l', stored, ports())
    expect(persist).not.toHaveBeenCalled()
    for (const text of ['one', 'two']) here.record([note(text)])
    await settled(here)
    expect(persist).toHaveBeenCalledTimes(1)
    expect(texts(server.log)).toEqual(['one', 'two'])
  })

  it('refuses on the spot what does not follow', () => {
    const { ports } = fakeServer(stored)
    const session = createSession('exam-e', stored, ports())
    expect(session.record([{ type: 'symptom-removed', symptom: 'S9' }])).toBe(false)
    expect(session.state().problem?.what).toBe('There is no S9 here.')
    expect(session.undo()).toEqual([])
    expect(session.redo()).toBe(false)
  })

  it('what was taken back is recorded again step by step, until something else is recorded', () => {
    const { ports } = fakeServer(stored)
    const session = createSession('exam-k', stored, ports())
    const run = composedId(1, 'redo', 1)
    session.record([
      { type: 'test-started', run, test: 'faber', side: 'right', variant: 'pelvis-fixed' },
      { type: 'stage-answered', run, stage: 'press', answer: { said: 'nothing' } },
    ])
    const faber = session.state().exam?.runs
    expect(faber).toHaveLength(1)
    expect(session.undo().map((e) => e.type)).toEqual(['test-started', 'stage-answered'])
    expect(session.state().exam?.runs).toEqual([])
    expect(session.redo()).toBe(true)
    expect(session.state().exam?.runs).toMatchObject([{ id: run, answers: [{ answer: { said: 'nothing' } }] }])
    expect(session.redo()).toBe(false)
    session.undo()
    session.record([note('something else')])
    expect(session.redo()).toBe(false)
  })
})
