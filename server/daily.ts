import { db } from '../db'
import { anchorNow } from '../db/anchors'
import { type Backup, backupsIn, type MadeBackup, pastBackups } from '../db/backup'
import { removeErasedCopies } from '../db/copies'
import { dataFile } from '../db/open'
import { runJob } from './jobs/run'
import { forgetSessions } from '../db/queries/accounts'
import { writeTrail } from '../db/queries/trail'
import { noteTrouble } from './condition'
import { environment } from './environment'
import { ABSOLUTE_MS } from './identity'
import { log, loggable } from './log'

const HOUR_MS = 3_600_000
/** A backup is due when the last one is older; looked at every quarter of an hour, so that a computer that slept catches up. */
const DUE_MS = 24 * HOUR_MS
const LOOK_MS = HOUR_MS / 4
/** The first look waits until the start is over. */
const FIRST_MS = 60_000

/** The newest backup that this clock takes for one of the past; undefined while there is none. */
function latestBackup(now: number): Backup | undefined {
  return pastBackups(backupsIn(environment().backupFolder), now)[0]
}

/**
 * Is a backup due? By the clock, and by how long this program has run: a clock that stands still, or that was set back, holds none up.
 *
 * @param upMs - how long the program has run, by a clock that nobody sets, in milliseconds
 * @param lastUpMs - how long it had run at the last backup of this run; 0 without one
 */
export function isBackupDue(latest: Backup | undefined, now: number, upMs: number, lastUpMs: number): boolean {
  return now - (latest?.at ?? 0) >= DUE_MS || upMs - lastUpMs >= DUE_MS
}

const held = globalThis as typeof globalThis & { dustLanternBackingUp?: Promise<MadeBackup> | undefined; dustLanternBackedUpAt?: number }

/**
 * Anchor the chain and make a backup, once however often it is asked for meanwhile.
 *
 * @param by - who asked for it; empty for the day's own
 * @param prune - let the oldest go by the rule
 */
export function backUp(by: string, address: string, prune = true): Promise<MadeBackup> {
  return (held.dustLanternBackingUp ??= backUpOnce(by, address, prune).finally(() => {
    held.dustLanternBackingUp = undefined
  }))
}

async function backUpOnce(by: string, address: string, prune: boolean): Promise<MadeBackup> {
  const { backupFolder, recipient, keyFolder, anchorFolder } = environment()
  const now = Date.now()
  try {
    const anchor = anchorNow(db(), { keyFolder, anchorFolder }, now)
    writeTrail(db(), { at: now, who: by, what: 'anchored', address, more: `link ${anchor.n}` })
    const made = await runJob('backup', { file: dataFile(), folder: backupFolder, recipient, now, prune })
    writeTrail(db(), { at: Date.now(), who: by, what: made.ok ? 'backup-made' : 'backup-failed', address })
    if (made.ok) held.dustLanternBackedUpAt = performance.now()
    if (made.ok) log().info({ bytes: made.backup.bytes, removed: made.removed }, 'backup made')
    else log().error({ what: made.what }, 'backup failed')
    return made
  } catch (error) {
    const trouble = noteTrouble(error)
    log().error({ error: loggable(error) }, 'backup failed')
    return { ok: false, what: trouble && 'what' in trouble ? trouble.what : 'The chain could not be anchored: look at the folder of the keys.' }
  }
}

/** Look every quarter of an hour whether a backup is due, and forget sessions that are long over. */
export function everyDay(): void {
  const look = () => {
    try {
      const now = Date.now()
      forgetSessions(db(), now - 2 * ABSOLUTE_MS)
      const gone = removeErasedCopies(environment(), now)
      if (gone.length > 0) log().info({ copies: gone.length }, 'copies that held erased persons were removed')
      if (isBackupDue(latestBackup(now), now, performance.now(), held.dustLanternBackedUpAt ?? 0)) void backUp('', 'this computer')
    } catch (error) {
      noteTrouble(error)
      log().error({ error: loggable(error) }, 'daily work failed')
    }
  }
  setTimeout(look, FIRST_MS).unref()
  setInterval(look, LOOK_MS).unref()
}
