// Sets process.env.DUST_LANTERN_DEMO = through the clinic on disk: these tests stand alone.
import { beforeEach, describe, expect, it } from 'vitest'
import { db } from '../../db'
import { accountById, addAccount, allAccounts, sessionsOf } from '../../db/queries/accounts'
import { trailLines } from '../../db/queries/trail'
import { clinicOnDisk } from '../../tests/clinic-on-disk'
import { admittedAt, plainly } from '../../tests/identity'
import { ABSOLUTE_MS, HALF_MS, IDLE_MS, signedInBy, visitorOf } from '../identity'
import { listen, live } from '../live'
import type { Asking } from './asking'
import { beginFactor, choosePassword, choosePin, confirmFactor, removeFactor } from './own-account'
import { addSomebody, changeSomebody, inviteAgain } from './people-who-sign-in'
import { factorCode, factorStretch, newFactor } from './second-factor'
import { digest, hashSecret } from './secrets'
import { acceptInvitation, firstLead, secondFactor, setFirstCode, signIn, signOut, unlock } from './sign-in'

clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })

let NOW = Date.UTC(2026, 10, 26, 9)
// Each test on a day of its own: wrong tries of the one before are forgotten.
beforeEach(() => {
  NOW += 86_400_000
})
const PASSWORD = 'three slow ferries at dusk'
let port = 0
/** Whoever asks, each time from another address unless it is said, so that no test waits for another's wrong tries. */
const at = (cookie: string | null, now = NOW, address = `10.1.0.${++port % 250}.${port}`): Asking => ({
  visitor: visitorOf(plainly(cookie), now),
  address,
  device: 'a browser',
  secure: false,
  now,
})
const cookieOf = (came: { readonly cookie?: { readonly token: string | null } }) => `lantern=${came.cookie?.token ?? ''}`
async function lead(): Promise<void> {
  addAccount(
    db(),
    { id: 'wenna', name: 'Wenna Saltmarsh', login: 'wenna', role: 'lead', invitation: null, invitedUntil: null, password: await hashSecret(PASSWORD) },
    NOW,
  )
}
const told = () => trailLines(db(), {}, 50).map((line) => line.what)

describe('signing in', () => {
  it('opens a session that is known by its cookie alone; the database holds only a hash of it', async () => {
    await lead()
    const came = await signIn(at(null), ' WENNA ', PASSWORD)
    expect(came.came).toEqual({ ok: true, next: 'in' })
    const visitor = visitorOf(plainly(cookieOf(came)), NOW)
    expect(visitor).toMatchObject({ kind: 'open', who: { id: 'wenna', role: 'lead', demo: false } })
    const stored = JSON.stringify(sessionsOf(db(), 'wenna'))
    expect(stored).not.toContain(came.cookie?.token ?? 'x')
    expect(stored).toContain(digest(came.cookie?.token ?? ''))
    expect(told()).toContain('signed-in')
  })

  it('tells nobody whether the name or the password was wrong, and lets in nobody whose account is closed', async () => {
    await lead()
    const wrong = await signIn(at(null), 'wenna', 'not this one at all')
    const nobody = await signIn(at(null), 'nobody', 'not this one at all')
    expect(wrong.came).toEqual(nobody.came)
    expect(wrong.cookie).toBeUndefined()
    addSomebody(at(null), 'Tamsin Rook', 'tamsin', 'lead')
    const other = allAccounts(db()).find((account) => account.login === 'tamsin')?.id ?? ''
    const invitation = inviteAgain(at(null), other).came
    await acceptInvitation(at(null), 'code' in invitation ? invitation.code : '', 'a bell that nobody rings twice')
    const signedIn = await signIn(at(null), 'wenna', PASSWORD)
    expect(changeSomebody(at(cookieOf(signedIn)), 'wenna', { role: 'lead', open: false }).came).toBeNull()
    expect((await signIn(at(null), 'wenna', PASSWORD)).came).toMatchObject({ ok: false })
    expect(visitorOf(plainly(cookieOf(signedIn)), NOW).kind).toBe('stranger')
  })

  it('is slowed by account from anywhere, and by address for any account, before a password is looked at', async () => {
    await lead()
    for (let n = 0; n < 4; n++) await signIn(at(null), 'wenna', 'wrong wrong wrong')
    expect((await signIn(at(null), 'wenna', PASSWORD)).came).toMatchObject({ ok: false, problem: { what: expect.stringMatching('counts in') as string } })
    expect((await signIn(at(null, NOW + 120_000), 'wenna', PASSWORD)).came).toMatchObject({ ok: true })
    for (let n = 0; n < 12; n++) await signIn(at(null, NOW, '10.9.9.9'), `somebody${n}`, 'wrong wrong wrong')
    expect((await signIn(at(null, NOW, '10.9.9.9'), 'another', PASSWORD)).came).toMatchObject({
      problem: { what: expect.stringMatching('counts in') as string },
    })
  })

  it('many tries side by side are no way around it', async () => {
    await lead()
    const all = await Promise.all(Array.from({ length: 30 }, () => signIn(at(null), 'wenna', 'wrong wrong wrong')))
    const looked = all.filter(({ came }) => !came.ok && came.problem.what.startsWith('Name and password'))
    expect(looked.length).toBeLessThanOrEqual(4)
  })
})

describe('a session', () => {
  it('locks without a hand, ends after its hours, and its screen opens by PIN until it was wrong too often', async () => {
    await lead()
    const came = await signIn(at(null), 'wenna', PASSWORD)
    const cookie = cookieOf(came)
    expect((await choosePin(at(cookie), PASSWORD, '4917')).came).toBeNull()
    const idle = NOW + IDLE_MS
    expect(visitorOf(plainly(cookie), idle - 1).kind).toBe('open')
    expect(admittedAt('/exam/x/record', cookie, idle)).toMatchObject({ ok: false, why: 'unlock' })
    expect(admittedAt('/live', cookie, idle).ok).toBe(true)
    expect((await unlock(at(cookie, idle), '4917')).came).toMatchObject({ ok: true })
    expect(visitorOf(plainly(cookie), idle).kind).toBe('open')
    let now = idle + IDLE_MS
    for (let wrong = 0; wrong < 5; wrong++) {
      expect((await unlock(at(cookie, now), '0000')).came).toMatchObject({ ok: false })
      now += 61_000
    }
    expect((await unlock(at(cookie, now), '4917')).came).toMatchObject({ ok: false })
    expect((await unlock(at(cookie, now + 61_000), PASSWORD)).came).toMatchObject({ ok: true })
    expect(visitorOf(plainly(cookie), NOW + ABSOLUTE_MS).kind).toBe('stranger')
  })

  it('that was guessed at ten times is over', async () => {
    await lead()
    const cookie = cookieOf(await signIn(at(null), 'wenna', PASSWORD))
    let now = NOW + IDLE_MS
    for (let wrong = 0; wrong < 10; wrong++) {
      await unlock(at(cookie, now), 'not this one at all')
      now += 61_000
    }
    expect(visitorOf(plainly(cookie), now).kind).toBe('stranger')
  })

  it('ends at sign-out with its streams, everywhere with all of them, and another password ends the others', async () => {
    await lead()
    const cookies = []
    for (let n = 0; n < 3; n++) cookies.push(cookieOf(await signIn(at(null), 'wenna', PASSWORD)))
    const [first = '', second = '', third = ''] = cookies
    const visitor = visitorOf(plainly(second), NOW)
    const closed: string[] = []
    live.closers.set(() => closed.push('second'), 'session' in visitor ? visitor.session : '')
    const stop = listen({}, () => undefined)
    expect(signOut(at(second), false).cookie).toEqual({ token: null })
    expect(closed).toEqual(['second'])
    live.closers.clear()
    stop()
    expect([first, second, third].map((one) => visitorOf(plainly(one), NOW).kind)).toEqual(['open', 'stranger', 'open'])
    expect((await choosePassword(at(first), PASSWORD, 'nine grey gulls in a row')).came).toBeNull()
    expect([first, third].map((one) => visitorOf(plainly(one), NOW).kind)).toEqual(['open', 'stranger'])
    signOut(at(first), true)
    expect(visitorOf(plainly(first), NOW).kind).toBe('stranger')
  })
})

describe('a password that is asked for behind the door', () => {
  it('is guessed at no faster than at it: at an open window too, whatever it is asked for', async () => {
    await lead()
    const cookie = cookieOf(await signIn(at(null), 'wenna', PASSWORD))
    const guesses = [
      () => choosePassword(at(cookie), 'not this one', 'nine grey gulls in a row'),
      () => choosePin(at(cookie), 'nor this one', '4711'),
      () => removeFactor(at(cookie), 'nor that one'),
      () => confirmFactor(at(cookie), 'nor any of them', newFactor(), '000000'),
    ]
    for (const guess of guesses) expect((await guess()).came).toMatchObject({ what: 'The password does not fit.' })
    // The right one has to wait as well, and counts once it has.
    expect((await choosePin(at(cookie), PASSWORD, '4711')).came).toMatchObject({ what: expect.stringMatching('Too many wrong tries') as string })
    expect((await choosePin(at(cookie, NOW + 60_000), PASSWORD, '4711')).came).toBeNull()
  })
})

describe('the first lead', () => {
  it('needs the code of this start, and there is only one first', async () => {
    setFirstCode('ABCD-EFGH-JKMN')
    const fields = { code: 'wrong', name: 'Wenna Saltmarsh', login: 'wenna', password: PASSWORD }
    expect((await firstLead(at(null), fields)).came).toMatchObject({ ok: false })
    expect((await firstLead(at(null), { ...fields, code: 'abcd efgh jkmn', password: 'short' })).came).toMatchObject({ ok: false })
    const came = await firstLead(at(null), { ...fields, code: 'abcd efgh jkmn' })
    expect(came.came).toEqual({ ok: true, next: 'in' })
    expect(visitorOf(plainly(cookieOf(came)), NOW)).toMatchObject({ kind: 'open', who: { id: 'wenna-saltmarsh', role: 'lead' } })
    expect((await firstLead(at(null), { ...fields, code: 'abcd efgh jkmn', login: 'other' })).came).toMatchObject({ ok: false })
    expect(allAccounts(db())).toHaveLength(1)
  })
})

describe('an invitation', () => {
  it('works once and for its time, asked for again makes a new code, and the last lead stays', async () => {
    await lead()
    const first = addSomebody(at(null), 'Piran Oakes', 'piran', 'student').came
    const again = addSomebody(at(null), 'Piran Oakes', 'piran', 'student').came
    const [one, two] = [first, again].map((came) => ('code' in came ? came.code : ''))
    expect(one).not.toBe(two)
    expect(allAccounts(db()).filter((account) => account.login === 'piran')).toHaveLength(1)
    expect(addSomebody(at(null), 'Somebody Else', 'piran', 'student').came).toMatchObject({ what: expect.stringMatching('already') as string })
    expect((await acceptInvitation(at(null), one ?? '', 'seven kites over the mole')).came).toMatchObject({ ok: false })
    expect((await acceptInvitation(at(null, NOW + 4 * 86_400_000), two ?? '', 'seven kites over the mole')).came).toMatchObject({ ok: false })
    expect((await acceptInvitation(at(null), two ?? '', 'seven kites over the mole')).came).toMatchObject({ ok: true })
    expect((await acceptInvitation(at(null), two ?? '', 'seven kites over the mole')).came).toMatchObject({ ok: false })
    expect(changeSomebody(at(null), 'wenna', { role: 'practitioner', open: true }).came).toMatchObject({
      what: expect.stringMatching('nobody who leads') as string,
    })
    expect(changeSomebody(at(null), 'wenna', { role: 'lead', open: false }).came).not.toBeNull()
  })
})

describe('a second factor', () => {
  it('takes the code of now and of a stretch beside it, once, and no other', () => {
    const secret = newFactor()
    const stretch = Math.floor(NOW / 30_000)
    expect(factorStretch(secret, factorCode(secret, NOW), NOW, 0)).toBe(stretch)
    expect(factorStretch(secret, factorCode(secret, NOW - 30_000), NOW, 0)).toBe(stretch - 1)
    expect(factorStretch(secret, factorCode(secret, NOW), NOW, stretch)).toBeNull()
    expect(factorStretch(secret, factorCode(secret, NOW - 90_000), NOW, 0)).toBeNull()
    for (const code of ['', '12345', 'abcdef', '1234567']) expect(factorStretch(secret, code, NOW, 0)).toBeNull()
  })

  it('lets nobody in by password alone, and each recovery code once', async () => {
    await lead()
    const cookie = cookieOf(await signIn(at(null), 'wenna', PASSWORD))
    const begun = beginFactor(at(cookie)).came
    const secret = 'secret' in begun ? begun.secret : ''
    expect((await confirmFactor(at(cookie), PASSWORD, secret, '000000')).came).toMatchObject({ what: expect.stringMatching('does not fit') as string })
    const kept = (await confirmFactor(at(cookie), PASSWORD, secret, factorCode(secret, NOW))).came
    const codes = 'codes' in kept ? kept.codes : []
    expect(accountById(db(), 'wenna')?.recovery).not.toContain(codes[0] ?? 'x')
    const half = cookieOf(await signIn(at(null), 'wenna', PASSWORD))
    expect(signedInBy('wenna', NOW)).toHaveLength(1)
    expect(signedInBy('wenna', NOW + ABSOLUTE_MS)).toEqual([])
    expect(visitorOf(plainly(half), NOW + HALF_MS - 1).kind).toBe('half')
    expect(visitorOf(plainly(half), NOW + HALF_MS).kind).toBe('stranger')
    expect(admittedAt('/today', half, NOW)).toMatchObject({ ok: false, why: 'second-factor' })
    // The code that confirmed it was used.
    expect((await secondFactor(at(half), factorCode(secret, NOW))).came).toMatchObject({ ok: false })
    const whole = await secondFactor(at(half), codes[0]?.toLowerCase() ?? '')
    expect(visitorOf(plainly(cookieOf(whole)), NOW).kind).toBe('open')
    expect(visitorOf(plainly(half), NOW).kind).toBe('stranger')
    const next = cookieOf(await signIn(at(null), 'wenna', PASSWORD))
    expect((await secondFactor(at(next), codes[0] ?? '')).came).toMatchObject({ ok: false })
    expect((await secondFactor(at(next, NOW + 60_000), factorCode(secret, NOW + 60_000))).came).toMatchObject({ ok: true })
  })
})
