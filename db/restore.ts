import { appendFileSync, chmodSync, copyFileSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import * as yup from 'yup'
import { type Anchor, anchorFile, anchorKey, readAnchors } from './anchors'
import { decrypt } from './backup'
import { eraseAgain } from './erasure-list'
import { onDisk } from './files'
import { isInUse } from './lock'
import { type Verified, verifyFile } from './verify'

/** What a restore is told. */
export interface Restoring {
  /** The backup. */
  readonly from: string
  /** Folder of the data. */
  readonly folder: string
  /** Secret key of age for an encrypted one. */
  readonly identity?: string
  readonly keyFolder: string
  readonly anchorFolder: string
  readonly now: number
  /** The server itself restores, with its database closed. */
  readonly own?: boolean
  /** Looks the backup through; a server does it beside itself. */
  readonly verify?: (file: string) => Promise<Verified> | Verified
  /** Called before each step that changes the folder, by its name; for tests that end it there. */
  readonly onStep?: (step: string) => void
}

/** What came of it: where the old data lies, or why nothing was touched. */
export type Restored =
  | {
      readonly ok: true
      readonly aside: string | null
      readonly verified: Verified
      readonly older: string | null
      /** Persons who were erased since the backup was made, and were erased again in it. */
      readonly erasedAgain: number
    }
  | { readonly ok: false; readonly what: string; readonly do: string }

const PARTS = ['', '-wal', '-shm', '-journal'] as const

/** A backup that is being looked at, before it takes the place of the data. */
function trialOf(folder: string): string {
  return path.join(folder, '.restoring.sqlite')
}

/** Says that everything is ready to be moved, and to where: from here on a restore is finished, however often it is ended. */
function journalOf(folder: string): string {
  return path.join(folder, '.restoring.json')
}

const JOURNAL = yup.object({ aside: yup.string().required() }).required()

/** A restore that was ended in the middle waits here to be finished. */
export function isRestoring(folder: string): boolean {
  return existsSync(journalOf(folder))
}

/**
 * Put a backup in the place of the data: tried first, and the old data moved aside, never deleted.
 *
 * Refused while a server runs on the folder, and for a file that does not verify. A backup older than an anchor is told, not refused:
 * that is what backups are. Persons erased since it was made are erased in it before anybody can open it. Ended at any step, the folder
 * holds the old clinic or the new one as a whole: `finishRestore` goes on where it ended.
 */
export async function restore(options: Restoring): Promise<Restored> {
  const { from, folder, identity = '', keyFolder, anchorFolder, now, own = false, verify = verifyFile, onStep = () => undefined } = options
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  if (!own && isInUse(folder)) return { ok: false, what: 'Dust Lantern runs on this folder.', do: 'Stop it first.' }
  finishRestore(folder)
  if (!existsSync(from)) return { ok: false, what: 'There is no such file.', do: 'Name a backup.' }
  const trial = trialOf(folder)
  removeTrial(folder)
  let ready = false
  try {
    onStep('copy')
    if (from.endsWith('.age')) {
      if (identity === '') return { ok: false, what: 'This backup is encrypted.', do: 'Name the file of the secret key with --identity.' }
      try {
        await decrypt(from, trial, identity)
      } catch {
        return { ok: false, what: 'The backup cannot be decrypted with this key, or it is damaged.', do: 'Try another key, or another backup.' }
      }
    } else copyFileSync(from, trial)
    chmodSync(trial, 0o600)
    const verified = await verify(trial)
    if (!verified.ok) {
      const [first] = verified.breaks
      return { ok: false, what: `The backup does not verify: ${first?.where ?? ''} ${first?.what ?? ''}.`, do: 'Try another backup; nothing was touched.' }
    }
    onStep('prepare')
    const erasedAgain = eraseAgain(folder, trial, verified.clinic)
    onDisk(trial)
    const aside = existsSync(path.join(folder, 'clinic.sqlite')) ? asideName(folder, now) : null
    onStep('journal')
    writeFileSync(journalOf(folder), JSON.stringify({ aside: path.basename(aside ?? asideName(folder, now)) }), { mode: 0o600 })
    onDisk(journalOf(folder))
    onDisk(folder)
    ready = true
    finishRestore(folder, onStep)
    const older = olderThan(verified, { keyFolder, anchorFolder })
    onStep('anchors')
    supersede(verified, anchorFolder)
    return { ok: true, aside, verified, older, erasedAgain }
  } finally {
    if (!ready) removeTrial(folder)
  }
}

/**
 * Finish a restore that was ended in the middle, if one was. Each step can be done again: what was moved already is left where it is.
 *
 * Only whoever holds the lock of the folder calls this.
 */
export function finishRestore(folder: string, onStep: (step: string) => void = () => undefined): boolean {
  const journal = journalOf(folder)
  if (!existsSync(journal)) return false
  const aside = readJournal(journal)
  const trial = trialOf(folder)
  const file = path.join(folder, 'clinic.sqlite')
  // Half a journal was written before anything was moved: the old clinic stands.
  if (aside !== null && existsSync(trial)) {
    for (const part of PARTS) {
      onStep(`aside${part}`)
      if (existsSync(file + part)) renameSync(file + part, path.join(folder, aside) + part)
    }
    onStep('id')
    const id = path.join(folder, 'clinic.id')
    if (existsSync(id)) renameSync(id, path.join(folder, `${aside}.clinic.id`))
    onStep('place')
    renameSync(trial, file)
    // The names too: a power cut leaves the old clinic or the new one, and never none.
    onDisk(folder)
  }
  onStep('done')
  rmSync(journal, { force: true })
  removeTrial(folder)
  onDisk(folder)
  return true
}

function readJournal(journal: string): string | null {
  try {
    return JOURNAL.validateSync(JSON.parse(readFileSync(journal, 'utf8'))).aside
  } catch {
    return null
  }
}

/** The trial with all that opening it may have left beside it. */
function removeTrial(folder: string): void {
  const name = path.basename(trialOf(folder))
  for (const file of readdirSync(folder)) if (file.startsWith(name)) rmSync(path.join(folder, file), { force: true })
}

function asideName(folder: string, now: number, ending = 'aside'): string {
  return `${path.join(folder, 'clinic.sqlite')}.${new Date(now).toISOString().replaceAll(':', '-')}.${ending}`
}

/**
 * Everything that belongs to the data until now goes together: a file left behind would be taken for the new one's.
 *
 * For a demo that is begun anew, which an empty clinic may follow; beside what a restore moved aside none is begun.
 */
export function moveAside(folder: string, now: number): string | null {
  const file = path.join(folder, 'clinic.sqlite')
  const parts = PARTS.filter((part) => existsSync(file + part))
  if (parts.length === 0) return null
  const aside = asideName(folder, now, 'reset')
  for (const part of parts) renameSync(file + part, aside + part)
  const id = path.join(folder, 'clinic.id')
  if (existsSync(id)) renameSync(id, `${aside}.clinic.id`)
  return aside
}

/**
 * Anchors of what came after the backup are of a chain that is not here any more: they are kept apart. One that lies elsewhere still says
 * so, and the trail says why.
 */
function supersede({ clinic, head }: Verified, anchorFolder: string): void {
  if (clinic === null || !head) return
  const file = anchorFile(anchorFolder, clinic)
  if (!existsSync(file)) return
  const { anchors } = readAnchors(readFileSync(file, 'utf8'))
  const lines = (all: readonly Anchor[]) => all.map((anchor) => `${JSON.stringify(anchor)}\n`).join('')
  const after = anchors.filter((anchor) => anchor.n > head.n)
  if (after.length === 0) return
  appendFileSync(file.replace(/\.jsonl$/, '.superseded.jsonl'), lines(after), { mode: 0o600 })
  writeFileSync(file, lines(anchors.filter((anchor) => anchor.n <= head.n)), { mode: 0o600 })
}

/** In words, when anchors know of more than the backup holds. */
function olderThan({ clinic, head }: Verified, { keyFolder, anchorFolder }: Pick<Restoring, 'keyFolder' | 'anchorFolder'>): string | null {
  if (clinic === null || !head || !existsSync(anchorFile(anchorFolder, clinic))) return null
  const { anchors } = readAnchors(readFileSync(anchorFile(anchorFolder, clinic), 'utf8'))
  const newer = anchors.filter((anchor) => anchor.n > head.n).at(-1)
  if (!newer) return null
  const signed = anchorKey(keyFolder, clinic) === null ? ' (its signature was not checked: no key here)' : ''
  return `The clinic had ${newer.entries} entries on ${new Date(newer.at).toISOString().slice(0, 10)}${signed}; devices that hold what is missing offer it back when they next reach the server.`
}
