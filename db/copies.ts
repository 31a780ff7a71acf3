import { existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { backupsIn } from './backup'
import { listedErasures } from './erasure-list'

const DAY_MS = 86_400_000

/** A copy that holds a person who was erased since lives at most so long after the erasure, in days. */
export const ERASED_COPIES_DAYS = 35

/** A file that holds the clinic as it was at some time. */
export interface Copy {
  readonly file: string
  readonly kind: 'backup' | 'before-restore' | 'before-reset' | 'before-upgrade'
  /** When it was as it is, milliseconds since 1970. */
  readonly at: number
}

interface Folders {
  readonly dataFolder: string
  readonly backupFolder: string
}

/** Every copy of the clinic's data that this program made on this computer, the newest first. What was copied by other hands it cannot know. */
export function copiesOf({ dataFolder, backupFolder }: Folders): readonly Copy[] {
  const backups = backupsIn(backupFolder).map(({ file, at }): Copy => ({ file, kind: 'backup', at }))
  const beside = existsSync(dataFolder)
    ? readdirSync(dataFolder).flatMap((name): readonly Copy[] => {
        const kind = kindOf(name)
        if (kind === null) return []
        const file = path.join(dataFolder, name)
        return [{ file, kind, at: statSync(file).mtimeMs }]
      })
    : []
  return [...backups, ...beside].toSorted((a, b) => b.at - a.at)
}

function kindOf(name: string): Copy['kind'] | null {
  if (/^clinic\.sqlite\..+\.aside$/.test(name)) return 'before-restore'
  if (/^clinic\.sqlite\..+\.reset$/.test(name)) return 'before-reset'
  return /^clinic\.sqlite\.before-\d+$/.test(name) ? 'before-upgrade' : null
}

/** A copy that holds somebody who was erased since, and until when at most. */
export interface HoldingCopy extends Copy {
  /** How many persons of it were erased since. */
  readonly erased: number
  /** Milliseconds since 1970. */
  readonly until: number
}

/** Copies that hold a person who was erased since they were made. */
export function copiesHoldingErased(folders: Folders): readonly HoldingCopy[] {
  const erasures = listedErasures(folders.dataFolder)
  return copiesOf(folders).flatMap((copy) => {
    const later = erasures.filter(({ at }) => at >= copy.at)
    if (later.length === 0) return []
    return [{ ...copy, erased: new Set(later.map(({ person }) => person)).size, until: Math.min(...later.map(({ at }) => at)) + ERASED_COPIES_DAYS * DAY_MS }]
  })
}

/**
 * Remove copies that hold an erased person and are over their time. The newest backup stays whatever it holds, until a newer one is
 * there: a clinic is never left without any.
 *
 * @returns what was removed
 */
export function removeErasedCopies(folders: Folders, now: number): readonly string[] {
  const [newest] = backupsIn(folders.backupFolder).filter(({ at }) => at <= now)
  const over = copiesHoldingErased(folders).filter((copy) => copy.until <= now && newest !== undefined && copy.file !== newest.file)
  for (const { file } of over) for (const part of ['', '-wal', '-shm', '-journal', '.clinic.id']) rmSync(file + part, { force: true })
  return over.map(({ file }) => file)
}
