import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { fillDemoClinic } from '../../db/demo/clinic'
import { openDb } from '../../db/open'
import { addAccount } from '../../db/queries/accounts'
import { examHeads } from '../../db/queries/exams'
import { freePort, serve, type Served } from '../../tests/served'
import { hashSecret } from '../../server/auth/secrets'

/** A clinic of its own for one proof, with a lead who may sign in. */
export interface ProofClinic {
  readonly folder: string
  readonly file: string
  readonly examId: string
  readonly start: () => Promise<Served>
  readonly remove: () => void
}

export const PASSWORD = 'three slow ferries at dusk'

/** @param demo - the demo practitioner is signed in; else somebody has to sign in */
export async function proofClinic(demo: boolean): Promise<ProofClinic> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-proof-'))
  const file = path.join(folder, 'clinic.sqlite')
  const db = openDb(file)
  fillDemoClinic(db, new Date())
  addAccount(
    db,
    { id: 'wenna', name: 'Wenna Saltmarsh', login: 'wenna', role: 'lead', invitation: null, invitedUntil: null, password: await hashSecret(PASSWORD) },
    Date.now(),
  )
  const examId = examHeads(db).find((head) => head.person.name === 'Odalys Brightmoor')?.id ?? ''
  db.$client.close()
  const port = await freePort()
  return {
    folder,
    file,
    examId,
    start: () => serve({ folder, port, demo }),
    remove: () => [folder, `${folder}-keys`].forEach((one) => rmSync(one, { recursive: true, force: true })),
  }
}

/** Sign somebody in; the lead when nobody is named. @returns the cookie header */
export async function signedIn(url: string, login = 'wenna'): Promise<string> {
  const response = await fetch(`${url}/do/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ args: [login, PASSWORD] }),
  })
  return (response.headers.get('set-cookie') ?? '').split(';')[0] ?? ''
}
