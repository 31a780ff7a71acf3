import { describe, expect, it } from 'vitest'
import { POST as POST_BODY } from './run/[runId]/body/route'
import { GET as GET_RECORD } from './run/[runId]/record/route'
import { testById } from '../../core/catalogue'
import { bodyAnswer, sentDoing } from '../../core/trainer/body'
import type { Doing } from '../../core/trainer/mechanics/strain'
import { patientNamed } from '../../core/trainer/case-name'
import { db } from '../../db'
import { addAccount, addSession } from '../../db/queries/accounts'
import { clinicOnDisk } from '../../tests/clinic-on-disk'
import { beginPractice, practise } from '../../tests/practised'
import { digest } from '../../server/auth/secrets'

clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })

const NOW = Date.now()
const CASE = 'pelvis 3'
const token = (who: string) => `a-token-of-${who}-long-enough`

function come(): void {
  for (const role of ['student', 'practitioner'] as const) {
    addAccount(db(), { id: role, name: role, login: role, role, invitation: null, invitedUntil: null, password: 'x' }, NOW)
    addSession(db(), { id: digest(token(role)), account: role, madeAt: NOW, seenAt: NOW, half: false, address: 'x', device: 'x' })
  }
}
const asked = (who: string, body?: object) =>
  new Request('http://127.0.0.1/practice', {
    headers: { host: '127.0.0.1', cookie: `lantern=${token(who)}` },
    ...(body && { method: 'POST', body: JSON.stringify(body) }),
  })
const at = (runId: string) => ({ params: Promise.resolve({ runId }) })
interface Sent {
  readonly hidden: boolean
  readonly patient: { readonly sources: readonly unknown[]; readonly traps: readonly unknown[]; readonly serious: unknown }
  readonly judged: unknown
}

describe('a case that a student takes', () => {
  it('keeps what is true of the person at the server until it is committed', async () => {
    come()
    const truth = patientNamed(CASE, null)
    if (!truth) throw new Error('The case is there.')
    const run = beginPractice(db(), { by: 'student', case: CASE, at: NOW })
    const text = await (await GET_RECORD(asked('student'), at(run))).text()
    expect(JSON.parse(text)).toMatchObject({ hidden: true, patient: { sources: [], traps: [], serious: null }, judged: null })
    for (const source of truth.sources) expect(text).not.toContain(JSON.stringify(source))
    // Whoever teaches reads none of another's runs but those of a class; a practitioner's own hides nothing.
    expect((await GET_RECORD(asked('practitioner'), at(run))).status).toBe(404)
    const own = beginPractice(db(), { by: 'practitioner', case: CASE, at: NOW })
    expect(await (await GET_RECORD(asked('practitioner'), at(own))).json()).toMatchObject({ hidden: false, patient: { sources: truth.sources } })

    const done = practise(db(), { by: 'student', case: CASE, policy: 'plan', at: NOW })
    const after = (await (await GET_RECORD(asked('student'), at(done))).json()) as Sent
    expect(after).toMatchObject({ hidden: false, patient: { sources: truth.sources } })
    expect(after.judged).not.toBeNull()
  })

  it('answers each step from there, as the person would, and says nothing of why', async () => {
    come()
    const truth = patientNamed(CASE, null)
    const test = testById('thigh-thrust')
    const [stage] = test?.stages ?? []
    if (!truth || !test || !stage) throw new Error('The case and the test are there.')
    const run = beginPractice(db(), { by: 'student', case: CASE, at: NOW })
    const doing: Doing = { test, side: 'right', variant: test.variants[0]?.id ?? '', before: [], step: { stage, reach: {} } }
    const answer = await POST_BODY(asked('student', sentDoing(doing)), at(run))
    expect(answer.status).toBe(200)
    const said: unknown = await answer.json()
    expect(said).toEqual(JSON.parse(JSON.stringify(bodyAnswer(truth, doing))))
    expect(JSON.stringify(said)).not.toContain('"why"')
    expect((await POST_BODY(asked('student', { ...sentDoing(doing), test: 'no-such-test' }), at(run))).status).toBe(422)
    expect((await POST_BODY(asked('practitioner', sentDoing(doing)), at(run))).status).toBe(404)
  })
})
