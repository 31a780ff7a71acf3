import { closeSync, fsyncSync, openSync, rmSync, statfsSync, writeSync } from 'node:fs'
import path from 'node:path'
import { environment } from './environment'
import { log } from './log'

/** How this server stands with its disk: everything is stored; room runs short; or nothing can be stored and why. */
export type Condition =
  | { readonly kind: 'well' }
  | { readonly kind: 'short'; readonly freeMb: number }
  | { readonly kind: 'full' | 'read-only' | 'damaged' | 'closed'; readonly what: string }

const held = globalThis as typeof globalThis & { dustLanternCondition?: { now: Condition; looked: number } }
const state = (held.dustLanternCondition ??= { now: { kind: 'well' }, looked: 0 })

/** Below so much free space it is said while there is still time, in bytes. */
const SHORT = 500_000_000

/** While nothing can be stored it is looked at again after so long; otherwise now and then, in milliseconds. */
const LOOK_AGAIN_MS = 5000
const LOOK_MS = 60_000

/** What SQLite says when it cannot store, in our words. */
const TROUBLES: readonly (readonly [RegExp, 'full' | 'read-only' | 'damaged', string])[] = [
  [/^SQLITE_FULL|^ENOSPC|^EDQUOT/, 'full', 'The disk of the server is full: nothing can be stored.'],
  [/^SQLITE_READONLY|^SQLITE_CANTOPEN|^EROFS|^EACCES|^SQLITE_PERM/, 'read-only', 'The disk of the server takes nothing: it can only be read.'],
  [/^SQLITE_CORRUPT|^SQLITE_NOTADB/, 'damaged', 'The database of the server is damaged.'],
  [/^SQLITE_IOERR|^EIO/, 'damaged', 'The disk of the server gives errors.'],
]

/** What an error says of the disk; null when it says nothing of it. */
export function troubleOf(error: unknown): Condition | null {
  const code = typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : ''
  const found = TROUBLES.find(([sign]) => sign.test(code))
  return found ? { kind: found[1], what: found[2] } : null
}

/** The same, where a disk that gives errors is looked at: SQLite says so too of one that is full or only read. */
export function troubleHere(error: unknown, folder: string): Condition | null {
  const trouble = troubleOf(error)
  if (trouble?.kind !== 'damaged') return trouble
  const now = looked(folder)
  return now.kind === 'full' || now.kind === 'read-only' ? now : trouble
}

/** Remember what an error said of the disk. @returns what it said */
export function noteTrouble(error: unknown): Condition | null {
  const trouble = troubleHere(error, environment().dataFolder)
  if (trouble) {
    if (state.now.kind !== trouble.kind) log().error({ condition: trouble.kind }, 'nothing can be stored')
    state.now = trouble
    state.looked = Date.now()
  }
  return trouble
}

/** Nothing at all can be opened: said at every address until it can. */
export function setCondition(condition: Condition): void {
  state.now = condition
  // One that has just been opened is looked at with the first question: room may be short from the start.
  state.looked = condition.kind === 'well' ? 0 : Date.now()
}

/** How it stands now. Looks at the disk again when the last look is long ago, and soon where something was wrong. */
export function condition(now: number): Condition {
  const { kind } = state.now
  const due = now - state.looked >= (kind === 'well' || kind === 'short' ? LOOK_MS : LOOK_AGAIN_MS)
  if (kind !== 'closed' && kind !== 'damaged' && due) {
    state.looked = now
    const before = state.now.kind
    state.now = looked(environment().dataFolder)
    if (before !== state.now.kind) log().warn({ condition: state.now.kind, before }, 'the disk')
  }
  return state.now
}

/** Try it: a small file, to the disk and away again. */
function looked(folder: string): Condition {
  const file = path.join(folder, `.can-store-${process.pid}`)
  try {
    const handle = openSync(file, 'w', 0o600)
    try {
      writeSync(handle, Buffer.alloc(65_536, 1))
      fsyncSync(handle)
    } finally {
      closeSync(handle)
      rmSync(file, { force: true })
    }
    const { bavail, bsize } = statfsSync(folder)
    const free = bavail * bsize
    return free < SHORT ? { kind: 'short', freeMb: Math.floor(free / 1_000_000) } : { kind: 'well' }
  } catch (error) {
    return troubleOf(error) ?? { kind: 'read-only', what: 'The disk of the server takes nothing.' }
  }
}

/** What whoever works here reads of it; null while all is well. */
export function conditionWords(condition: Condition): { readonly what: string; readonly do: string } | null {
  switch (condition.kind) {
    case 'well':
      return null
    case 'short':
      return { what: `The server has ${condition.freeMb} MB of free space left.`, do: 'Whoever looks after its computer should make room soon.' }
    default:
      return { what: condition.what, do: 'Reading goes on; what is recorded waits on this device. Tell whoever looks after the computer: npm run doctor.' }
  }
}
