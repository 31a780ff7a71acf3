// Sets process.env.DUST_LANTERN_DEMO = through the clinic on disk: these tests stand alone.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { composedId } from '../../core/record/compose'
import { db } from '../../db'
import { addAccount, type Role } from '../../db/queries/accounts'
import { writeEntrusted } from '../../db/queries/entrusted'
import { clinicOnDisk } from '../../tests/clinic-on-disk'
import { gate } from '../gate'
import { admittedAt, plainly } from '../../tests/identity'
import { ABSOLUTE_MS, IDLE_MS, visitorOf } from '../identity'
import type { Asking } from './asking'
import { changeSomebody, endSessions } from './people-who-sign-in'
import { hashSecret } from './secrets'
import { lock, signIn, signOut, unlock } from './sign-in'

clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })

const PASSWORD = 'three slow ferries at dusk'
const EXAM = composedId(Date.UTC(2026, 10, 26), 'exam', 1)
const WHO = ['lead', 'other-lead', 'practitioner', 'student'] as const
type Person = (typeof WHO)[number]
const BROWSERS = [0, 1, 2] as const
type Browser = (typeof BROWSERS)[number]

/** What a browser is signed in by, as somebody who watched would tell it. */
interface Signed {
  readonly who: Person
  readonly madeAt: number
  seenAt: number
  /** When a hand was written down last; once a minute is enough. */
  toldAt: number
  locked: boolean
}

type Step =
  | { readonly do: 'sign in'; readonly at: Browser; readonly who: Person; readonly right: boolean }
  | { readonly do: 'lock' | 'sign out' | 'sign out everywhere' | 'hand'; readonly at: Browser }
  | { readonly do: 'unlock'; readonly at: Browser; readonly right: boolean }
  | { readonly do: 'wait'; readonly ms: number }
  | { readonly do: 'change'; readonly who: Person; readonly role: Role; readonly open: boolean }
  | { readonly do: 'end sessions'; readonly who: Person }
  | { readonly do: 'entrust'; readonly ended: boolean }

const at = fc.constantFrom(...BROWSERS)
const who = fc.constantFrom(...WHO)
const right = fc.constantFrom(true, true, true, false)
const role = fc.constantFrom<Role>('lead', 'practitioner', 'student')
const STEP: fc.Arbitrary<Step> = fc.oneof(
  { weight: 4, arbitrary: fc.record({ do: fc.constant('sign in' as const), at, who, right }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom('lock' as const, 'sign out' as const, 'sign out everywhere' as const, 'hand' as const), at }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('unlock' as const), at, right }) },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constant('wait' as const), ms: fc.constantFrom(1000, 61_000, IDLE_MS / 2, IDLE_MS - 1000, IDLE_MS, ABSOLUTE_MS / 3) }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('change' as const), who, role, open: fc.boolean() }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('end sessions' as const), who }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('entrust' as const), ended: fc.boolean() }) },
)

let runs = 0

/** A clinic of four people and three browsers, beside what somebody who watched would expect of it. */
function watched(password: string) {
  const run = ++runs
  let now = Date.UTC(2026, 10, 26, 9) + run * 90 * 86_400_000
  let tried = 0
  let entrusted = false
  const ids = Object.fromEntries(WHO.map((one) => [one, `${one}-${run}`])) as Record<Person, string>
  const accounts = new Map<Person, { role: Role; open: boolean }>()
  for (const one of WHO) {
    const as: Role = one === 'other-lead' ? 'lead' : one
    addAccount(db(), { id: ids[one], name: one, login: ids[one], role: as, invitation: null, invitedUntil: null, password }, now)
    accounts.set(one, { role: as, open: true })
  }
  const signed = new Map<Browser, Signed>()
  const cookies = new Map<Browser, string>()
  // From another address each time: waits by address have tests of their own.
  const asking = (browser: Browser | null): Asking => ({
    visitor: visitorOf(plainly(browser === null ? null : cookies.get(browser)), now),
    address: `10.${run}.${Math.floor(++tried / 200)}.${tried % 200}`,
    device: 'a browser',
    secure: false,
    now,
  })
  const kindOf = (browser: Browser): 'stranger' | 'locked' | 'open' => {
    const held = signed.get(browser)
    if (!held || now - held.madeAt >= ABSOLUTE_MS || !accounts.get(held.who)?.open) return 'stranger'
    return held.locked || now - held.seenAt >= IDLE_MS ? 'locked' : 'open'
  }
  const endAll = (person: Person) => {
    for (const [browser, held] of [...signed]) if (held.who === person) signed.delete(browser)
  }
  const waits = (came: { readonly ok: boolean }) => JSON.stringify(came).includes('Too many wrong tries')

  async function take(step: Step): Promise<void> {
    switch (step.do) {
      case 'sign in': {
        const { came, cookie } = await signIn(asking(step.at), ids[step.who], step.right ? PASSWORD : 'nothing like it')
        const may = step.right && (accounts.get(step.who)?.open ?? false)
        if (!waits(came)) expect(came.ok).toBe(may)
        if (!came.ok) return
        signed.set(step.at, { who: step.who, madeAt: now, seenAt: now, toldAt: 0, locked: false })
        cookies.set(step.at, `lantern=${cookie?.token ?? ''}`)
        return
      }
      case 'lock': {
        const held = signed.get(step.at)
        const kind = kindOf(step.at)
        lock(asking(step.at))
        if (held && kind === 'open') held.locked = true
        return
      }
      case 'unlock': {
        const kind = kindOf(step.at)
        const { came } = await unlock(asking(step.at), step.right ? PASSWORD : 'nothing like it')
        const held = signed.get(step.at)
        if (!held || kind === 'stranger') {
          expect(came.ok).toBe(false)
          return
        }
        if (kind === 'locked' && !waits(came)) expect(came.ok).toBe(step.right)
        if (kind === 'locked' && came.ok) Object.assign(held, { locked: false, seenAt: now })
        else if (kind === 'locked' && !waits(came)) held.locked = true
        return
      }
      case 'hand': {
        const kind = kindOf(step.at)
        gate({ method: 'GET', url: '/today', headers: { host: 'localhost', cookie: cookies.get(step.at) }, socket: { remoteAddress: '127.0.0.1' } }, now)
        const held = signed.get(step.at)
        if (held && kind === 'open' && now - held.toldAt >= 60_000) Object.assign(held, { seenAt: now, toldAt: now })
        return
      }
      case 'sign out':
      case 'sign out everywhere': {
        const kind = kindOf(step.at)
        const held = signed.get(step.at)
        signOut(asking(step.at), step.do === 'sign out everywhere')
        if (kind === 'stranger' || !held) return
        if (step.do === 'sign out everywhere') endAll(held.who)
        signed.delete(step.at)
        return
      }
      case 'wait':
        now += step.ms
        return
      case 'change': {
        const before = accounts.get(step.who)
        const leads = [...accounts].filter(([one, { role: as, open }]) => one !== step.who && as === 'lead' && open).length
        const { came } = changeSomebody(asking(null), ids[step.who], { role: step.role, open: step.open })
        const loses = before?.role === 'lead' && before.open && (step.role !== 'lead' || !step.open)
        // Leads of the clinics of other runs are there as well.
        if (loses && leads === 0 && came !== null) return
        expect(came).toBeNull()
        if (!step.open || step.role !== before?.role) endAll(step.who)
        accounts.set(step.who, { role: step.role, open: step.open })
        return
      }
      case 'end sessions':
        endSessions(asking(null), ids[step.who])
        endAll(step.who)
        return
      case 'entrust':
        entrusted = !step.ended
        writeEntrusted(
          db(),
          { id: composedId(now, 'entrusted', ++tried), by: ids.lead, at: now + tried },
          { exam: EXAM, student: ids.student, ended: step.ended },
        )
    }
  }

  /** Which doors are open to a browser, by what was watched. */
  function expected(browser: Browser, path: string): boolean {
    const kind = kindOf(browser)
    if (path === '/sign-in') return true
    if (kind === 'stranger') return false
    if (path === '/still-here') return true
    if (kind === 'locked') return false
    const held = signed.get(browser)
    const as = accounts.get(held?.who ?? 'student')?.role
    if (path === '/settings/people') return as === 'lead'
    if (path === '/settings/rules') return as !== 'student'
    if (path.startsWith('/exam/')) return as !== 'student' || (held?.who === 'student' && entrusted)
    return true
  }

  function check(): void {
    for (const browser of BROWSERS) {
      const cookie = cookies.get(browser)
      expect(visitorOf(plainly(cookie), now).kind).toBe(kindOf(browser))
      for (const path of ['/sign-in', '/still-here', '/today', '/settings/rules', '/settings/people', `/exam/${EXAM}/bench`])
        expect([path, admittedAt(path, cookie, now).ok]).toEqual([path, expected(browser, path)])
    }
  }
  return { take, check }
}

describe('sessions', () => {
  it('are open, locked or over as whoever watched would say, in any order of signing in, locking, waiting, changing and ending', async () => {
    const password = await hashSecret(PASSWORD)
    await fc.assert(
      fc.asyncProperty(fc.array(STEP, { minLength: 15, maxLength: 40, size: 'max' }), async (steps) => {
        const clinic = watched(password)
        for (const step of steps) {
          await clinic.take(step)
          clinic.check()
        }
      }),
      { numRuns: 25 },
    )
  })
})
