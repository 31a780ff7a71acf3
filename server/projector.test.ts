import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { db } from '../db'
import { fillDemoClinic } from '../db/demo/clinic'
import { behind } from '../db/queries/overviews'
import { catchUpInPieces, projectSoon } from './projector'

const error = vi.fn()
vi.mock('./log', () => ({ log: () => ({ error }), loggable: (thrown: unknown) => thrown }))

const held = globalThis as { dustLanternDb?: { $client: { close: () => void } } | undefined }
let folder: string
beforeEach(() => {
  vi.useFakeTimers()
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-projector-'))
  process.env.DUST_LANTERN_DATA = folder
  held.dustLanternDb = undefined
  fillDemoClinic(db(), new Date(2026, 10, 26, 8))
  // As after an upgrade: every list is behind its record.
  db().$client.exec('UPDATE overviews SET covers = 0')
})
afterEach(() => {
  vi.useRealTimers()
  held.dustLanternDb?.$client.close()
  rmSync(folder, { recursive: true })
})

describe('lists that follow their records', () => {
  it('one is read once nothing more was added for a moment, and only once for many answers', () => {
    const [first = ''] = behind(db(), 1)
    for (let answers = 0; answers < 5; answers++) {
      projectSoon(first)
      vi.advanceTimersByTime(300)
      expect(behind(db(), 100)).toContain(first)
    }
    vi.advanceTimersByTime(200)
    expect(behind(db(), 100)).not.toContain(first)
  })

  it('after an upgrade all follow, a few at a time', () => {
    const all = behind(db(), 100).length
    expect(all).toBeGreaterThan(8)
    catchUpInPieces()
    vi.advanceTimersByTime(401)
    expect(behind(db(), 100)).toHaveLength(all - 4)
    vi.advanceTimersByTime(1000)
    expect(behind(db(), 100)).toEqual([])
  })

  it('a database that is gone for a moment stops nothing: the list stays behind and is caught up later', () => {
    const [first = ''] = behind(db(), 1)
    db().$client.exec('ALTER TABLE findings RENAME TO away')
    projectSoon(first)
    catchUpInPieces()
    expect(() => vi.advanceTimersByTime(2000)).not.toThrow()
    expect(error.mock.calls.map(([, words]) => words as string)).toEqual(['list not caught up', 'lists not caught up'])
    expect(behind(db(), 100)).toContain(first)
    db().$client.exec('ALTER TABLE away RENAME TO findings')
    projectSoon(first)
    vi.advanceTimersByTime(500)
    expect(behind(db(), 100)).not.toContain(first)
  })
})
