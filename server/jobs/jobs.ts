import { vouchFor, type VouchInput, type Vouched } from '../../core/exchange/vouch'
import { type MadeBackup, makeBackup, type MakeBackup } from '../../db/backup'
import { type HeldAgainst, type Verified, verifyFile } from '../../db/verify'
import { type ReadImport, readImport } from '../outside/read-import'

/**
 * Work that takes longer than an answer may wait: done in a thread beside the server, on copies of what it is given. What is read of the
 * database there is read through a connection of its own, and nothing of the clinic is written.
 */
export interface Jobs {
  /** Compute again what is to be signed or given out. */
  readonly vouch: { readonly input: VouchInput; readonly output: Vouched }
  /** Read and check a file that is to be imported. */
  readonly 'read-import': { readonly input: { readonly text: string; readonly now: number }; readonly output: ReadImport }
  readonly verify: { readonly input: { readonly file: string; readonly against: HeldAgainst }; readonly output: Verified }
  readonly backup: { readonly input: MakeBackup; readonly output: MadeBackup }
}
export type JobName = keyof Jobs

type Handlers = { readonly [J in JobName]: (input: Jobs[J]['input']) => Promise<Jobs[J]['output']> | Jobs[J]['output'] }

export const HANDLERS: Handlers = {
  vouch: vouchFor,
  'read-import': ({ text, now }) => readImport(text, now),
  verify: ({ file, against }) => verifyFile(file, against),
  backup: makeBackup,
}

/** Somebody waits at a screen for the first kind; the second may take minutes and never stands in its way. */
export const LANES: Readonly<Record<JobName, 'quick' | 'long'>> = { vouch: 'quick', 'read-import': 'long', verify: 'long', backup: 'long' }

/** What a thread is asked, and what it answers. */
export interface JobRequest {
  readonly id: number
  readonly job: JobName
  readonly input: unknown
}
export type JobResponse =
  | { readonly id: number; readonly ok: true; readonly output: unknown }
  | { readonly id: number; readonly ok: false; readonly what: string /** Of the system: that a disk is full is told as that. */; readonly code: string }
