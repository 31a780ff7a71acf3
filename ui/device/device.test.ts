import fc from 'fast-check'
import { openDB } from 'idb'
import { describe, expect, it, vi } from 'vitest'
import { opened } from '@/tests/people'
import { openOutbox } from '../exam/outbox'
import { markLocked } from '../doors/locked-here'
import { deviceSeal, forgetKey } from './key'
import { sealWith } from './seal'
import { openStore } from './store'

const KEY = `${'A'.repeat(43)}=`
const OTHER = `${'B'.repeat(43)}=`
const [event] = opened().events
if (!event) throw new Error('A record has its opening.')
const EXAM = opened().exam.id

describe('a seal', () => {
  it('gives back what was sealed, whatever it is, and to nobody else', async () => {
    const mine = await sealWith('wenna', KEY)
    const other = await sealWith('tamsin', OTHER)
    await fc.assert(
      fc.asyncProperty(fc.jsonValue({ noUnicodeString: false }), async (value) => {
        const sealed = await mine.close(value)
        expect(await mine.open(sealed)).toEqual(JSON.parse(JSON.stringify(value)))
        expect(await other.open(sealed)).toBeUndefined()
      }),
      { numRuns: 30 },
    )
  })

  it('opens nothing that was changed, and never seals the same twice alike', async () => {
    const mine = await sealWith('wenna', KEY)
    const [one, two] = [await mine.close('the same words'), await mine.close('the same words')]
    expect(new Uint8Array(one.data)).not.toEqual(new Uint8Array(two.data))
    const bytes = new Uint8Array(one.data.slice(0))
    bytes[3] = (bytes[3] ?? 0) ^ 1
    expect(await mine.open({ iv: one.iv, data: bytes.buffer })).toBeUndefined()
    expect(await mine.open({ iv: two.iv, data: one.data })).toBeUndefined()
  })
})

describe('the outbox of somebody who is signed in', () => {
  it('holds nothing in clear, and shows and counts what is theirs alone', async () => {
    const [mine, other] = [await sealWith('wenna', KEY), await sealWith('tamsin', OTHER)]
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
    expect(await theirs.draftOf('words')).toBeUndefined()
    expect([...(await theirs.waitingExams())]).toEqual([])
    await ours.setAside([{ id: event.id, examId: EXAM, event, why: 'it clashes' }])
    expect(await ours.asideOf(EXAM)).toEqual([{ id: event.id, examId: EXAM, event, why: 'it clashes' }])
    expect(await theirs.asideOf(EXAM)).toEqual([])
  })

  it('takes up what an earlier program left in clear, and sends it as whose it is', async () => {
    const store = await openStore()
    await store.put('waiting', { id: event.id, examId: EXAM, event })
    store.close()
    expect(await (await openOutbox(await sealWith(event.by, KEY))).waitingOf(EXAM)).toEqual([event])
    expect(await (await openOutbox(await sealWith('somebody-else', OTHER))).waitingOf(EXAM)).toEqual([])
  })

  it('makes room by letting go of what can be fetched again', async () => {
    const seal = await sealWith('wenna', KEY)
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
  it('comes from the server, lives in the window, and is gone after signing out', async () => {
    const asked = vi.fn(() => Promise.resolve(Response.json({ by: 'wenna', key: KEY })))
    vi.stubGlobal('fetch', asked)
    forgetKey()
    expect((await deviceSeal())?.by).toBe('wenna')
    expect((await deviceSeal())?.by).toBe('wenna')
    expect(asked).toHaveBeenCalledTimes(1)
    expect(sessionStorage.getItem('lantern-device')).toContain('wenna')
    forgetKey()
    expect(sessionStorage.getItem('lantern-device')).toBeNull()
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')))
    expect(await deviceSeal()).toBeNull()
  })

  it('opens nothing without the server in a window that was locked', async () => {
    forgetKey()
    sessionStorage.setItem('lantern-device', JSON.stringify({ by: 'wenna', key: KEY }))
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')))
    markLocked(true)
    expect(await deviceSeal()).toBeNull()
    markLocked(false)
    expect((await deviceSeal())?.by).toBe('wenna')
    forgetKey()
  })

  it('is there without the server in a window that had it, and not where the door is closed', async () => {
    forgetKey()
    sessionStorage.setItem('lantern-device', JSON.stringify({ by: 'wenna', key: KEY }))
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')))
    expect((await deviceSeal())?.by).toBe('wenna')
    forgetKey()
    sessionStorage.setItem('lantern-device', JSON.stringify({ by: 'wenna', key: KEY }))
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({}, { status: 423 })))
    expect(await deviceSeal()).toBeNull()
    forgetKey()
  })
})
