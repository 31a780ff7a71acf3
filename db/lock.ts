import { closeSync, existsSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs'
import path from 'node:path'

/** Where a running server says that it is there. */
function lockFile(folder: string): string {
  return path.join(folder, 'clinic.lock')
}

/** The process that has this folder open; null when none does. */
export function lockedBy(folder: string): number | null {
  const file = lockFile(folder)
  if (!existsSync(file)) return null
  const pid = Number(readFileSync(file, 'utf8').trim())
  return Number.isSafeInteger(pid) && pid > 0 && isAlive(pid) ? pid : null
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    // It is there and somebody else's.
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}

/**
 * Take a folder for this process, so that nothing else starts on it, resets it or restores into it.
 *
 * @returns the way to let it go; or the process that has it
 */
export function takeLock(folder: string): { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly pid: number } {
  const by = lockedBy(folder)
  if (by !== null && by !== process.pid) return { ok: false, pid: by }
  const file = lockFile(folder)
  // What a killed server left behind is nobody's.
  rmSync(file, { force: true })
  const handle = openSync(file, 'wx', 0o600)
  writeSync(handle, `${process.pid}\n`)
  closeSync(handle)
  return {
    ok: true,
    release: () => {
      if (lockedBy(folder) === process.pid) rmSync(file, { force: true })
    },
  }
}
