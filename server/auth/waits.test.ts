// Sets process.env.DUST_LANTERN_DEMO = through the clinic on disk: these tests stand alone.
import { describe, expect, it } from 'vitest'
import { db } from '../../db'
import { accountById, addAccount } from '../../db/queries/accounts'
import { clinicOnDisk } from '../../tests/clinic-on-disk'
import { plainly } from '../../tests/identity'
import { tokenOf, visitorOf } from '../identity'
import { networkOf } from './address'
import type { Asking } from './asking'
import { isSealed, openSecret } from './clinic-key'
import { FRESH_MS, isFresh, whenFresh } from './fresh'
import { knownDevice } from './known-device'
import { beginFactor, confirmFactor, confirmPassword } from './own-account'
import { inviteAgain } from './people-who-sign-in'
import { factorCode } from './second-factor'
import { hashSecret } from './secrets'
import { secondFactor, signIn } from './sign-in'

clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })

const PASSWORD = 'three slow ferries at dusk'
let NOW = Date.UTC(2027, 3, 1)
const at = (more: Partial<Asking> = {}): Asking => ({
  visitor: { kind: 'stranger' },
  address: '10.9.0.1',
  device: 'a browser',
  secure: false,
  now: NOW,
  ...more,
})

async function people(...logins: readonly string[]): Promise<void> {
  // A year later for each test: the wrong tries of the one before are forgotten.
  NOW += 365 * 86_400_000
  const password = await hashSecret(PASSWORD)
  for (const login of logins) addAccount(db(), { id: login, name: login, login, role: 'lead', invitation: null, invitedUntil: null, password }, NOW)
}

describe('waits', () => {
  it('of an account that is guessed at from elsewhere do not shut out whoever signs in at a browser they are known at', async () => {
    await people('wenna')
    const first = await signIn(at(), 'wenna', PASSWORD)
    const known = first.cookie?.device ?? ''
    expect(knownDevice(known, 'wenna')).toMatch(/^device /)
    expect(knownDevice(known, 'somebody')).toBeNull()
    expect(knownDevice(`${known}x`, 'wenna')).toBeNull()
    for (let n = 0; n < 30; n++) await signIn(at({ address: `10.8.0.${n}` }), 'wenna', 'a guess from elsewhere')
    expect((await signIn(at({ address: '10.7.0.1' }), 'wenna', PASSWORD)).came.ok).toBe(false)
    expect((await signIn(at({ address: '10.7.0.1', known }), 'wenna', PASSWORD)).came.ok).toBe(true)
    // The known browser itself guesses no faster than any other.
    for (let n = 0; n < 4; n++) await signIn(at({ known }), 'wenna', 'a guess at home')
    expect((await signIn(at({ known }), 'wenna', PASSWORD)).came.ok).toBe(false)
  })

  it('of one address do not hold up fourteen people who slip once', async () => {
    const logins = Array.from({ length: 15 }, (_, n) => `person-${n}`)
    await people(...logins)
    for (const login of logins.slice(0, 14)) await signIn(at(), login, 'a slip of the hand')
    expect((await signIn(at(), 'person-14', PASSWORD)).came.ok).toBe(true)
    for (const login of logins.slice(0, 14)) expect((await signIn(at(), login, PASSWORD)).came.ok).toBe(true)
  })

  it('count an IPv6 network as one', async () => {
    await people('wenna')
    expect(networkOf('2001:db8:1:2::1')).toBe(networkOf('2001:db8:1:2:ffff::9'))
    expect(networkOf('2001:db8:1:2::1')).not.toBe(networkOf('2001:db8:1:3::1'))
    expect(networkOf('::1')).toBe('0:0:0:0::/64')
    expect(networkOf('10.0.0.1')).toBe('10.0.0.1')
    for (let n = 1; n < 40; n++) await signIn(at({ address: `2001:db8:1:2::${n.toString(16)}` }), `nobody-${n}`, 'sprayed')
    expect((await signIn(at({ address: '2001:db8:1:2::ffff' }), 'wenna', PASSWORD)).came.ok).toBe(false)
    expect((await signIn(at({ address: '2001:db8:1:3::1' }), 'wenna', PASSWORD)).came.ok).toBe(true)
  })
})

describe('over TLS', () => {
  it('only the cookie counts that nobody else can set', () => {
    const token = 'a'.repeat(43)
    expect(tokenOf({ cookies: `lantern=${token}`, secure: true })).toBeNull()
    expect(tokenOf({ cookies: `x=1; __Host-lantern=${token}`, secure: true })).toBe(token)
    expect(tokenOf({ cookies: `__Host-lantern=${token}`, secure: false })).toBeNull()
    expect(tokenOf({ cookies: `lantern=${token}`, secure: false })).toBe(token)
  })
})

describe('what a lead does to others', () => {
  it('asks for the password again once it was not typed for five minutes', async () => {
    await people('lead', 'other')
    const token = (await signIn(at(), 'lead', PASSWORD)).cookie?.token ?? ''
    const asking = (now: number) => at({ visitor: visitorOf(plainly(`lantern=${token}`), now), now })
    const invite = (now: number) => whenFresh(asking(now), () => inviteAgain(asking(now), 'other')).came
    expect(invite(NOW + 1000)).toMatchObject({ code: expect.any(String) as string })
    const later = NOW + FRESH_MS + 1000
    expect(invite(later)).toMatchObject({ what: expect.stringMatching('your password is asked again') as string })
    expect((await confirmPassword(asking(later), 'not the password')).came).toMatchObject({ what: 'The password does not fit.' })
    expect(isFresh(asking(later))).toBe(false)
    expect((await confirmPassword(asking(later), PASSWORD)).came).toBeNull()
    expect(invite(later + 1000)).toMatchObject({ code: expect.any(String) as string })
  })
})

describe('the secret of a second factor', () => {
  it('is stored sealed with a key that does not lie beside the data, and is no use to anybody else', async () => {
    await people('wenna')
    const token = (await signIn(at(), 'wenna', PASSWORD)).cookie?.token ?? ''
    const asking = at({ visitor: visitorOf(plainly(`lantern=${token}`), NOW) })
    const begun = beginFactor(asking).came
    if ('what' in begun) throw new Error(begun.what)
    const kept = await confirmFactor(asking, PASSWORD, begun.secret, factorCode(begun.secret, NOW))
    expect(kept.came).toMatchObject({ codes: expect.any(Array) as string[] })
    const stored = accountById(db(), 'wenna')?.totp ?? ''
    expect(isSealed(stored)).toBe(true)
    expect(stored).not.toContain(begun.secret)
    expect(openSecret(stored, 'wenna')).toBe(begun.secret)
    expect(openSecret(stored, 'somebody else')).toBeNull()
    const half = (await signIn(at(), 'wenna', PASSWORD)).cookie?.token ?? ''
    const owing = at({ visitor: visitorOf(plainly(`lantern=${half}`), NOW + 60_000), now: NOW + 60_000 })
    expect((await secondFactor(owing, factorCode(begun.secret, NOW + 60_000))).came).toEqual({ ok: true, next: 'in' })
  })
})
