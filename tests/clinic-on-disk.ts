import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach } from 'vitest'
import { db } from '../db'
import type { Db } from '../db/open'

const held = globalThis as { dustLanternDb?: Db | undefined; dustLanternOpenings?: Map<string, number> }

/** A clinic in a folder of its own for each test, as a running server has it. @returns where it lies */
export function clinicOnDisk(env: Readonly<Record<string, string>> = {}): () => string {
  let folder = ''
  const before: Record<string, string | undefined> = {}
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-clinic-'))
    for (const [name, value] of Object.entries({ DUST_LANTERN_DATA: folder, DUST_LANTERN_KEYS: `${folder}-keys`, ...env })) {
      before[name] = process.env[name]
      process.env[name] = value
    }
    held.dustLanternDb = undefined
    held.dustLanternOpenings?.clear()
    db()
  })
  afterEach(() => {
    held.dustLanternDb?.$client.close()
    held.dustLanternDb = undefined
    for (const [name, value] of Object.entries(before)) {
      if (value === undefined) Reflect.deleteProperty(process.env, name)
      else process.env[name] = value
    }
    for (const one of [folder, `${folder}-keys`]) rmSync(one, { recursive: true, force: true })
  })
  return () => folder
}
