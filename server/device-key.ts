import { createHmac, randomBytes } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { db } from '../db'
import { thisClinic } from '../db/queries/this-clinic'
import { environment } from './environment'

/** The secret from which every device key of this clinic follows; made the first time, beside the key of the anchors and not beside the data. */
function clinicSecret(): Buffer {
  const { keyFolder } = environment()
  const file = path.join(keyFolder, `devices-${thisClinic(db()).id}.key`)
  if (!existsSync(file)) {
    mkdirSync(keyFolder, { recursive: true, mode: 0o700 })
    writeFileSync(file, randomBytes(32).toString('base64'), { mode: 0o600, flag: 'wx' })
  }
  return Buffer.from(readFileSync(file, 'utf8').trim(), 'base64')
}

/**
 * The key by which a browser seals what it keeps for one practitioner: the same at every device and every session of theirs, so that
 * what waited under an earlier session opens under the next one, and nobody else's.
 *
 * @returns 256 bits in base64
 */
export function deviceKey(account: string): string {
  return createHmac('sha256', clinicSecret()).update(`device ${account}`).digest('base64')
}
