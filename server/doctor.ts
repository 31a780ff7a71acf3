import { X509Certificate } from 'node:crypto'
import { existsSync, readFileSync, statfsSync, statSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { anchorFile, anchorKey, readAnchors } from '../db/anchors'
import { backupsIn, pastBackups } from '../db/backup'
import { copiesHoldingErased } from '../db/copies'
import { isInUse } from '../db/lock'
import { isRestoring } from '../db/restore'
import { verifyFile } from '../db/verify'
import { type Environment, isLoopback } from './environment'

/** One thing that was looked at: good; to be looked at; or wrong. */
export interface Looked {
  readonly level: 'good' | 'look' | 'wrong'
  readonly what: string
  /** What to do about it; absent where it is good. */
  readonly do?: string
}

const good = (what: string): Looked => ({ level: 'good', what })
const look = (what: string, todo: string): Looked => ({ level: 'look', what, do: todo })
const wrong = (what: string, todo: string): Looked => ({ level: 'wrong', what, do: todo })

const DAY_MS = 86_400_000
const MB = 1_000_000

/**
 * Look an installation over, without changing anything: folder and file, room, chain, clock, backups, keys, certificate, network.
 *
 * @param now - milliseconds since 1970, by the clock of this computer
 */
export function examine(env: Environment, now: number): readonly Looked[] {
  const file = path.join(env.dataFolder, 'clinic.sqlite')
  if (isRestoring(env.dataFolder)) {
    return [...room(env), wrong('A restore was ended in the middle.', 'Start Dust Lantern, or run npm run restore -- --finish: either goes on where it ended.')]
  }
  if (!existsSync(file)) {
    return [...room(env), wrong(`There is no clinic at ${file}.`, 'Name its folder in DUST_LANTERN_DATA, start once to begin a new one, or restore a backup.')]
  }
  return [
    running(env),
    ...permissions(env, file),
    ...room(env),
    ...chain(env, file),
    clock(file, now),
    ...backups(env, now),
    ...erasedCopies(env),
    ...keys(env),
    ...certificate(env, now),
    ...network(env),
  ]
}

function running({ dataFolder }: Environment): Looked {
  return isInUse(dataFolder)
    ? good('Dust Lantern runs on this folder.')
    : look('Dust Lantern is not running on this folder.', 'Start it: npm start, or its service.')
}

function permissions({ dataFolder }: Environment, file: string): readonly Looked[] {
  const open = [dataFolder, file, `${file}-wal`, `${file}-shm`].filter((one) => existsSync(one) && (statSync(one).mode & 0o077) !== 0)
  return [
    open.length === 0
      ? good('Data can be read by its own user alone.')
      : wrong(`Others on this computer can read ${open.join(', ')}.`, `chmod 700 ${dataFolder} && chmod 600 ${file}*`),
  ]
}

function room({ dataFolder, backupFolder }: Environment): readonly Looked[] {
  return [dataFolder, backupFolder]
    .filter((folder) => existsSync(folder))
    .map((folder) => {
      const { bavail, bsize } = statfsSync(folder)
      const free = Math.floor((bavail * bsize) / MB)
      if (free < 100) return wrong(`${folder}: ${free} MB of free space.`, 'Make room now: nothing can be stored soon.')
      return free < 1000 ? look(`${folder}: ${free} MB of free space.`, 'Make room soon.') : good(`${folder}: ${free} MB of free space.`)
    })
}

function chain({ keyFolder, anchorFolder }: Environment, file: string): readonly Looked[] {
  const { clinic } = verifyFile(file)
  const anchors = clinic === null ? '' : anchorFile(anchorFolder, clinic)
  const read = existsSync(anchors) ? readAnchors(readFileSync(anchors, 'utf8')) : { anchors: [], bad: [] }
  const verified = verifyFile(file, { anchors: read.anchors, publicKey: clinic === null ? null : anchorKey(keyFolder, clinic) })
  const [first] = verified.breaks
  return [
    first
      ? wrong(
          `The chain is broken: ${first.where} ${first.what}${verified.breaks.length > 1 ? `, and ${verified.breaks.length - 1} more` : ''}.`,
          'npm run verify names all of it; restore a backup from before.',
        )
      : good(`The chain is whole: ${verified.entries} entries, ${verified.links} links, ${read.anchors.length} anchors.`),
    ...(read.bad.length > 0 ? [wrong(`${anchors}: lines ${read.bad.join(', ')} are no anchors.`, 'Compare with a copy that lies elsewhere.')] : []),
    ...(read.anchors.length === 0 ? [look('There is no anchor yet.', 'One is signed with every backup: npm run backup, or wait for tonight’s.')] : []),
  ]
}

/** The newest link carries the server's own time: a clock before it was set back. */
function clock(file: string, now: number): Looked {
  const client = new Database(file, { readonly: true })
  try {
    const last = client.prepare('SELECT max(at) FROM seals').pluck().get() as number | null
    if (last !== null && last > now + 60_000)
      return wrong(`The clock is behind what was recorded last (${new Date(last).toISOString()}).`, 'Set the clock of this computer; use a time service.')
    return now < Date.UTC(2026, 0, 1) ? wrong('The clock is wrong.', 'Set the clock of this computer.') : good(`The clock says ${new Date(now).toISOString()}.`)
  } catch {
    return look('The clock could not be held against the chain.', 'Mend the chain first.')
  } finally {
    client.close()
  }
}

function backups({ dataFolder, backupFolder, recipient }: Environment, now: number): readonly Looked[] {
  const all = backupsIn(backupFolder)
  const [newest] = pastBackups(all, now)
  const ahead = all.length - pastBackups(all, now).length
  if (!newest) return [wrong(`There is no backup in ${backupFolder}.`, 'npm run backup')]
  const days = (now - newest.at) / DAY_MS
  const age =
    days < 1.1
      ? good(`The newest backup is ${Math.max(0, Math.round(days * 24))} hours old.`)
      : wrong(`The newest backup is ${Math.round(days)} days old.`, 'The program makes one a day while it runs: look at its log.')
  const same = statSync(backupFolder).dev === statSync(dataFolder).dev
  return [
    age,
    ...(ahead > 0
      ? [look(`${ahead} backups are dated into the future and do not count.`, 'Look at the clock of this computer; remove them once newer ones are there.')]
      : []),
    ...(same ? [look('Backups lie on the same disk as the data.', 'Name a folder on another disk in DUST_LANTERN_BACKUPS, or copy them away every day.')] : []),
    ...(recipient === '' ? [look('Backups are not encrypted.', 'Name a public key of age in BACKUP_RECIPIENT, and keep its secret key elsewhere.')] : []),
  ]
}

/** Whoever was erased is in older copies until those go. */
function erasedCopies(env: Environment): readonly Looked[] {
  const copies = copiesHoldingErased(env)
  if (copies.length === 0) return [good('No copy on this computer holds a person who was erased.')]
  return copies.map(({ file, erased, until }) =>
    look(
      `${file} holds ${erased === 1 ? 'a person who was' : `${erased} persons who were`} erased since.`,
      `It is removed by itself by ${new Date(until).toISOString().slice(0, 10)}, once a newer backup is there; remove it now if it has to go sooner. Copies made by hand are yours to find.`,
    ),
  )
}

function keys({ keyFolder, dataFolder, anchorFolder }: Environment): readonly Looked[] {
  const inside = (folder: string) => !path.relative(path.resolve(dataFolder), path.resolve(folder)).startsWith('..')
  return [
    inside(keyFolder)
      ? wrong(
          'The key that signs anchors lies beside the data.',
          'Move it away, and name its folder in DUST_LANTERN_KEYS: whoever takes the data would sign with it.',
        )
      : good('The key that signs anchors does not lie beside the data.'),
    ...(existsSync(keyFolder) && (statSync(keyFolder).mode & 0o077) !== 0 ? [wrong(`Others can look into ${keyFolder}.`, `chmod 700 ${keyFolder}`)] : []),
    ...(inside(anchorFolder)
      ? [look('Anchors are written beside the data.', 'Name a folder elsewhere in DUST_LANTERN_ANCHORS, or print them from Settings, Backups.')]
      : []),
  ]
}

function certificate({ tls }: Environment, now: number): readonly Looked[] {
  if (!tls) return []
  try {
    const days = (Date.parse(new X509Certificate(readFileSync(tls.cert)).validTo) - now) / DAY_MS
    if (days < 0) return [wrong('The certificate is over.', 'Renew it: browsers refuse the page.')]
    return [
      days < 14
        ? look(`The certificate is good for ${Math.floor(days)} more days.`, 'Renew it.')
        : good(`The certificate is good for ${Math.floor(days)} more days.`),
    ]
  } catch {
    return [wrong(`The certificate ${tls.cert} cannot be read.`, 'Look at TLS_CERT and TLS_KEY.')]
  }
}

function network({ address, tls, proxies, demo }: Environment): readonly Looked[] {
  if (isLoopback(address)) return [good(`It listens on this computer alone (${address}).`)]
  if (demo) return [wrong('The demo, which signs in without a password, is open to the network.', 'Start it with npm start.')]
  return tls || proxies.size > 0
    ? [good(`It listens on ${address}.`)]
    : [wrong(`It listens on ${address} without TLS.`, 'Passwords can be read on the way: see docs/running.md.')]
}
