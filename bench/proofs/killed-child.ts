// What the proof of kills runs and kills: node killed-child.mjs ACTION FOLDER STEP. Bundled by the proof, so that starting it costs nothing.
import { readdirSync } from 'node:fs'
import path from 'node:path'
import { v7 } from 'uuid'
import { makeBackup } from '../../db/backup'
import { listErasures } from '../../db/erasure-list'
import { takeLock } from '../../db/lock'
import { openDb } from '../../db/open'
import { erasePerson } from '../../db/queries/erase'
import { personByNumber } from '../../db/queries/people'
import { finishRestore, restore } from '../../db/restore'

const [action = '', folder = '', step = '-1', recipient = ''] = process.argv.slice(2)
const file = path.join(folder, 'clinic.sqlite')
let steps = 0
const places = { keyFolder: `${folder}-keys`, anchorFolder: path.join(folder, 'anchors') }
process.send?.('begun')
switch (action) {
  case 'restore': {
    const from = path.join(folder, 'backups', readdirSync(path.join(folder, 'backups'))[0] ?? '')
    await restore({
      from,
      folder,
      ...places,
      now: Date.now(),
      onStep: () => {
        if (steps++ === Number(step)) process.kill(process.pid, 'SIGKILL')
      },
    })
    break
  }
  case 'backup':
    await makeBackup({ file, folder: path.join(folder, 'backups'), recipient, now: Date.now() })
    break
  case 'upgrade':
    openDb(file).$client.close()
    break
  case 'erase': {
    const db = openDb(file)
    const person = personByNumber(db, 103)
    erasePerson(db, { id: v7(), by: 'wenna', at: Date.now() }, person?.id ?? '', 'asked for it')
    listErasures(db, folder)
    db.$client.close()
    break
  }
  case 'start': {
    const lock = takeLock(folder)
    finishRestore(folder)
    openDb(file).$client.close()
    if (lock.ok) lock.release()
    break
  }
}
