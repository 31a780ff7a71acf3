import 'server-only'
import path from 'node:path'
import * as yup from 'yup'
import type { DoorAct } from '@/app/doors/acts'
import { withDbClosed } from '@/db'
import { backupsIn } from '@/db/backup'
import { restore } from '@/db/restore'
import { backUp } from '@/server/daily'
import { idOf, noteOnTrail } from '@/server/auth/asking'
import { forgetVisits } from '@/server/auth/openings'
import { environment } from '@/server/environment'
import { runJob } from '@/server/jobs/run'
import { endStreams } from '@/server/live'

const KEPT = 'Nothing was changed.'

/** Make a backup now. */
export const backupNow: DoorAct = async (asking) => {
  const made = await backUp(idOf(asking.visitor), asking.address)
  return { came: made.ok ? null : { what: made.what, kept: KEPT, do: 'Look at the disk it goes to, and try again.' } }
}

/**
 * Put a backup in the place of the data while the program runs: a backup of what is there now is made first, everything that is open is
 * closed, and everybody signs in again.
 */
export const restoreBackup: DoorAct = async (asking, name, identity) => {
  const { backupFolder, dataFolder, keyFolder, anchorFolder } = environment()
  const wanted = backupsIn(backupFolder).find((backup) => path.basename(backup.file) === name)
  if (!wanted) return { came: { what: 'There is no such backup.', kept: KEPT, do: 'Reload the page.' } }
  const before = await backUp(idOf(asking.visitor), asking.address, false)
  if (!before.ok) return { came: { what: `What is there now could not be backed up first: ${before.what}`, kept: KEPT, do: 'Mend that first.' } }
  endStreams()
  const key = yup.string().strict().max(200).defined().validateSync(identity)
  const came = await withDbClosed(() =>
    restore({
      from: wanted.file,
      folder: dataFolder,
      identity: key,
      keyFolder,
      anchorFolder,
      now: asking.now,
      own: true,
      verify: (file) => runJob('verify', { file, against: {} }),
    }),
  )
  if (!came.ok) return { came: { what: came.what, kept: KEPT, do: came.do } }
  forgetVisits()
  noteOnTrail(asking, 'restored', '', path.basename(wanted.file))
  return { came: null }
}
