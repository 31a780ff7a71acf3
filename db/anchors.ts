import { createPublicKey, generateKeyPairSync, sign, verify } from 'node:crypto'
import { appendFileSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { desc, sql } from 'drizzle-orm'
import * as yup from 'yup'
import { CODE_HEX } from '../core/record/check-code'
import { canonical } from './chain'
import type { Db } from './open'
import { signatureHashes } from './queries/signatures'
import { thisClinic } from './queries/this-clinic'
import { seals } from './schema'

/**
 * The head of the chain at one moment, signed. It names nobody, fits a line, and can lie elsewhere, printed or mailed: whoever writes the
 * chain anew cannot write what lies elsewhere.
 */
export interface Anchor {
  readonly clinic: string
  /** Milliseconds since 1970. */
  readonly at: number
  /** Number and hash of the last link then. */
  readonly n: number
  readonly hash: string
  /** Examinations and their entries then. */
  readonly exams: number
  readonly entries: number
  /** Ed25519 over the others, in base64. */
  readonly signature: string
}

const SHAPE = yup
  .object({
    clinic: yup.string().required(),
    at: yup.number().integer().required(),
    n: yup.number().integer().min(0).required(),
    hash: yup
      .string()
      .matches(/^[0-9a-f]{64}$/)
      .required(),
    exams: yup.number().integer().required(),
    entries: yup.number().integer().required(),
    signature: yup.string().required(),
  })
  .noUnknown()
  .strict()

/** Files of the key that signs the anchors of a clinic. */
function keyFiles(folder: string, clinic: string): { readonly secret: string; readonly open: string } {
  return { secret: path.join(folder, `anchors-${clinic}.key`), open: path.join(folder, `anchors-${clinic}.pub`) }
}

/** The public key of a clinic's anchors; null where there is none. */
export function anchorKey(folder: string, clinic: string): string | null {
  const { open } = keyFiles(folder, clinic)
  return existsSync(open) ? readFileSync(open, 'utf8') : null
}

/** The secret key, made the first time; only its owner may read it. */
function secretKey(folder: string, clinic: string): string {
  const { secret, open } = keyFiles(folder, clinic)
  if (!existsSync(secret)) {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    const { privateKey } = generateKeyPairSync('ed25519')
    writeFileSync(secret, privateKey.export({ type: 'pkcs8', format: 'pem' }), { mode: 0o600, flag: 'wx' })
    writeFileSync(open, createPublicKey(privateKey).export({ type: 'spki', format: 'pem' }), { mode: 0o644 })
  }
  return readFileSync(secret, 'utf8')
}

function signedText({ signature, ...rest }: Anchor): Buffer {
  return Buffer.from(canonical(rest))
}

/** Was this anchor signed with the key that belongs to this public one? */
export function isSignedBy(anchor: Anchor, publicKey: string): boolean {
  try {
    return verify(null, signedText(anchor), publicKey, Buffer.from(anchor.signature, 'base64'))
  } catch {
    return false
  }
}

/** Where the anchors of a clinic are written. */
export function anchorFile(folder: string, clinic: string): string {
  return path.join(folder, `anchors-${clinic}.jsonl`)
}

/**
 * Sign the head of the chain and add it to the file of anchors.
 *
 * @param keyFolder - where the key lies, which is not where the data lies
 * @param anchorFolder - where anchors are written; best a disk or share that others look after
 */
export function anchorNow(db: Db, { keyFolder, anchorFolder }: { readonly keyFolder: string; readonly anchorFolder: string }, now: number): Anchor {
  const { id: clinic } = thisClinic(db)
  const head = db.select({ n: seals.n, hash: seals.hash }).from(seals).orderBy(desc(seals.n)).limit(1).get()
  if (!head) throw new Error('The chain is empty; the database is damaged.')
  const count = (table: string) => db.get<{ n: number }>(sql.raw(`SELECT count(*) AS n FROM ${table}`)).n
  const bare = { clinic, at: now, n: head.n, hash: head.hash, exams: count('exams'), entries: count('exam_events'), signature: '' }
  const anchor: Anchor = { ...bare, signature: sign(null, signedText(bare), secretKey(keyFolder, clinic)).toString('base64') }
  mkdirSync(anchorFolder, { recursive: true, mode: 0o700 })
  appendFileSync(anchorFile(anchorFolder, clinic), `${JSON.stringify(anchor)}\n`, { mode: 0o600 })
  return anchor
}

/** Read anchors from a file, a line each. A line that is none is told by its number. */
export function readAnchors(text: string): { readonly anchors: readonly Anchor[]; readonly bad: readonly number[] } {
  const bad: number[] = []
  const anchors = text.split('\n').flatMap((line, i) => {
    if (line.trim() === '') return []
    try {
      return [SHAPE.validateSync(JSON.parse(line), { strict: true })]
    } catch {
      bad.push(i + 1)
      return []
    }
  })
  return { anchors, bad }
}

/** An anchor with the signatures that stood in the chain then, so that a check code on paper can be held against it without the clinic. */
export interface SignatureList {
  readonly format: 'dust-lantern-signatures'
  readonly version: 1
  readonly clinic: string
  readonly at: number
  readonly n: number
  readonly hash: string
  /** The beginning of the hash of each signature, as a check code stands for it; sorted. They name nobody. */
  readonly signed: readonly string[]
  /** Public key (PEM) and Ed25519 signature over the others, in base64. Compare the key with one you were given before. */
  readonly key: string
  readonly signature: string
}

/** The list of every signature made here, signed with the key of the anchors. */
export function signatureList(db: Db, keyFolder: string, now: number): SignatureList {
  const { id: clinic } = thisClinic(db)
  const head = db.select({ n: seals.n, hash: seals.hash }).from(seals).orderBy(desc(seals.n)).limit(1).get()
  if (!head) throw new Error('The chain is empty; the database is damaged.')
  const secret = secretKey(keyFolder, clinic)
  const signed = signatureHashes(db).map((hash) => hash.slice(0, CODE_HEX))
  const bare = { format: 'dust-lantern-signatures' as const, version: 1 as const, clinic, at: now, n: head.n, hash: head.hash, signed }
  const key = createPublicKey(secret).export({ type: 'spki', format: 'pem' }).toString()
  return { ...bare, key, signature: sign(null, Buffer.from(canonical({ ...bare, key })), secret).toString('base64') }
}
