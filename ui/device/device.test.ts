import fc from 'fast-check'
import { openDB } from 'idb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { opened } from '@/tests/people'
import { openOutbox } from '../exam/outbox'
import { IDLE_MS, isIdle, noteHand } from '../doors/last-hand'
import { allEpochs } from './epochs'
import type * as Key from './key'
import { keepRecord, keptRecord } from './records'
import { closeFor, newPair, openWith, type Seal, wrap } from './seal'
import { openStore } from './store'

const [event] = opened().events
if (!event) throw new Error('A record has its opening.')
const EXAM = opened().exam.id

/** A server that gives keys to whoever is signed in, as the real one does. */
const server = { who: 'wenna' as string | null, locked: false, away: false, asked: 0 }
const keyFor = (who: string, epoch: string) => btoa(`${who} ${epoch}`.padEnd(32).slice(0, 32))
function answering(url: string): Promise<Response> {
  server.asked++
  if (server.away) return Promise.reject(new TypeError('away'))
  if (server.locked) return Promise.resolve(Response.json({}, { status: 423 }))
  if (server.who === null) return Promise.resolve(Response.json({}, { status: 401 }))
  const epoch = new URL(url, 'http://x').searchParams.get('epoch') ?? ''
  return Promise.resolve(Response.json({ by: server.who, key: keyFor(server.who, epoch) }))
}

beforeEach(() => {
  Object.assign(server, { who: 'wenna', locked: false, away: false, asked: 0 })
  vi.stubGlobal('fetch', answering)
  localStorage.clear()
})
afterEach(async () => {
  const store = await openStore()
  for (const name of ['waiting', 'refused', 'records', 'drafts', 'epochs'] as const) await store.clear(name)
  store.close()
})

/** A window that was just opened: nothing of the one before is in its memory. */
async function newWindow(): Promise<typeof Key> {
  vi.resetModules()
  return import('./key')
}

async function sealed(window: typeof Key): Promise<Seal> {
  const seal = await window.deviceSeal()
  if (!seal) throw new Error('Somebody is signed in.')
  return seal
}

describe('a seal', () => {
  it('gives back what was sealed, whatever it is, to whoever has the private key and to nobody else', async () => {
    const [mine, other] = [await newPair(), await newPair()]
    await fc.assert(
      fc.asyncProperty(fc.jsonValue({ noUnicodeString: false }), async (value) => {
        const closed = await closeFor(mine.publicKey, 'epoch', value)
        expect(await openWith(mine.privateKey, closed)).toEqual(JSON.parse(JSON.stringify(value)))
        expect(await openWith(other.privateKey, closed)).toBeUndefined()
      }),
      { numRuns: 20 },
    )
  })

  it('opens nothing that was changed, and never seals the same twice alike', async () => {
    const mine = await newPair()
    const [one, two] = [await closeFor(mine.publicKey, 'e', 'the same words'), await closeFor(mine.publicKey, 'e', 'the same words')]
    expect(new Uint8Array(one.data)).not.toEqual(new Uint8Array(two.data))
    const bytes = new Uint8Array(one.data.slice(0))
    bytes[3] = (bytes[3] ?? 0) ^ 1
    expect(await openWith(mine.privateKey, { ...one, data: bytes.buffer })).toBeUndefined()
    expect(await openWith(mine.privateKey, { ...one, iv: two.iv })).toBeUndefined()
  })
})

describe('the outbox of somebody who is signed in', () => {
  it('holds nothing in clear, and shows and counts what is theirs alone', async () => {
    const mine = await sealed(await newWindow())
    server.who = 'tamsin'
    const other = await sealed(await newWindow())
    server.who = 'wenna'
    const [ours, theirs] = [await openOutbox(mine), await openOutbox(other)]
    await ours.keep(EXAM, [event])
    await ours.keepDraft('words', 'what the patient said')
    const store = await openDB('dust-lantern')
    const raw = JSON.stringify([await store.getAll('waiting'), await store.getAll('drafts')])
    store.close()
    expect(raw).not.toMatch(/exam-opened|patient said/)
    expect(await ours.waitingOf(EXAM)).toEqual([event])
    expect(await ours.draftOf('words')).toBe('what the patient said')
    expect(await theirs.waitingOf(EXAM)).toEqual([])
    expect([...(await theirs.waitingExams())]).toEqual([])
    await ours.setAside([{ id: event.id, examId: EXAM, event, why: 'it clashes' }])
    expect(await ours.asideOf(EXAM)).toEqual([{ id: event.id, examId: EXAM, event, why: 'it clashes' }])
    expect(await theirs.asideOf(EXAM)).toEqual([])
  })

  it('takes up what an earlier program left, in clear or sealed with its one key, and sends it as whose it is', async () => {
    const store = await openStore()
    await store.put('waiting', { id: event.id, examId: EXAM, event })
    const under = await wrap(
      new TextEncoder().encode(JSON.stringify(event)).buffer,
      Uint8Array.from(atob(keyFor('wenna', 'earlier')), (sign) => sign.charCodeAt(0)),
    )
    await store.put('waiting', { id: 'sealed-before', examId: EXAM, by: 'wenna', sealed: under })
    store.close()
    expect(await (await openOutbox({ ...(await sealed(await newWindow())), by: event.by })).waitingOf(EXAM)).toEqual([event])
    expect(await (await openOutbox(await sealed(await newWindow()))).waitingOf(EXAM)).toEqual([event])
  })

  it('makes room by letting go of what can be fetched again', async () => {
    const seal = await sealed(await newWindow())
    const store = await openStore()
    await store.put('records', { examId: EXAM, by: 'wenna', day: '2026-11-26', sealed: await seal.close('a record') })
    const box = await openOutbox(seal)
    const { put } = IDBObjectStore.prototype as { put: (this: IDBObjectStore, value: unknown) => IDBRequest<IDBValidKey> }
    let full = true
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (this: IDBObjectStore, value: unknown) {
      if (full && this.name === 'waiting') {
        full = false
        throw new DOMException('full', 'QuotaExceededError')
      }
      return put.call(this, value)
    })
    await box.keep(EXAM, [event])
    vi.restoreAllMocks()
    expect(await box.waitingOf(EXAM)).toEqual([event])
    expect(await store.getAll('records')).toEqual([])
    store.close()
  })
})

describe('the key of a device', () => {
  const PASSWORD = 'three slow ferries at dusk'

  it('is made for one time of being signed in, lies nowhere in clear, and comes from the server to a session that is open', async () => {
    const window = await newWindow()
    const closed = await (await sealed(window)).close('a record')
    const [epoch, ...more] = await allEpochs()
    expect(more).toEqual([])
    expect(epoch).toMatchObject({ by: 'wenna' })
    expect(epoch?.password).toBeUndefined()
    expect(sessionStorage).toHaveLength(0)
    expect(await (await sealed(await newWindow())).open(closed)).toBe('a record')
    server.locked = true
    expect(await (await newWindow()).deviceSeal()).toBeNull()
  })

  it('a window that is opened without the server opens nothing by itself; the password of the session does, and no other', async () => {
    const before = await newWindow()
    await before.beginWithPassword(PASSWORD)
    await keepRecord(EXAM, '2026-12-02', 'a record')
    server.away = true
    const window = await newWindow()
    // Another window would hand it on; here all are closed.
    before.lockDevice()
    expect(await window.deviceSeal()).toBeNull()
    expect(await window.openByPassword('some other long password')).toBe(false)
    expect(await window.openByPassword(PASSWORD)).toBe(true)
    expect((await window.deviceSeal())?.by).toBe('wenna')
  })

  it('goes out of memory with the lock: sealing goes on, opening does not, until it is open again', async () => {
    const window = await newWindow()
    const seal = await sealed(window)
    const before = await seal.close('before')
    window.lockDevice()
    expect(await seal.open(before)).toBeUndefined()
    const meanwhile = await seal.close('a hold that ended behind the lock')
    server.locked = true
    window.unlockDevice()
    expect(await seal.open(meanwhile)).toBeUndefined()
    server.locked = false
    expect(await seal.open(meanwhile)).toBe('a hold that ended behind the lock')
  })

  it('of a session that was ended elsewhere is not given: the password opens nothing any more, and the same person reads it after signing in', async () => {
    const window = await newWindow()
    await window.beginWithPassword(PASSWORD)
    const closed = await (await sealed(window)).close('what waits')
    server.who = null
    window.lockDevice()
    expect(await (await newWindow()).deviceSeal()).toBeNull()
    server.away = true
    expect(await (await newWindow()).openByPassword(PASSWORD)).toBe(false)
    Object.assign(server, { away: false, who: 'tamsin' })
    expect(await (await sealed(await newWindow())).open(closed)).toBeUndefined()
    server.who = 'wenna'
    const later = await newWindow()
    await later.beginWithPassword(PASSWORD)
    expect((await allEpochs()).length).toBe(1)
    expect(await keptRecord(EXAM)).toBeUndefined()
  })

  it('what waits from an earlier epoch is opened by the same person in a later one', async () => {
    const first = await newWindow()
    const box = await openOutbox(await sealed(first))
    await box.keep(EXAM, [event])
    first.forgetKey()
    const later = await newWindow()
    await later.beginWithPassword(PASSWORD)
    expect((await allEpochs()).length).toBe(2)
    expect(await (await openOutbox(await sealed(later))).waitingOf(EXAM)).toEqual([event])
  })
})

describe('the last hand', () => {
  it('is counted by the clock, over windows and sleep, and a clock that was set back counts as long', () => {
    const now = Date.now()
    expect(isIdle(now)).toBe(false)
    noteHand(now)
    expect(isIdle(now + IDLE_MS - 1)).toBe(false)
    expect(isIdle(now + IDLE_MS)).toBe(true)
    expect(isIdle(now - 120_000)).toBe(true)
    localStorage.setItem('lantern-hand', String(now + IDLE_MS))
    expect(isIdle(now + IDLE_MS + 1000)).toBe(false)
  })
})
