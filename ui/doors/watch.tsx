'use client'

import { useEffect, useState } from 'react'
import { act } from '../act'
import { type Closed, onClosed, tellOpened, toldAtDoor } from './door'
import { markLocked } from './locked-here'
import { hearAtDoor, sayAtDoor } from './windows'
import { atTheFoot, fetched } from '../fetched'

// Fetched ahead of the moment it is needed: it has to come up also when the server is gone.
const load = () => import('./lock-screen')
const COVER = <div className="fixed inset-0 z-50 bg-dust" />
const LockScreen = fetched(() => load().then((m) => m.LockScreen), {
  waiting: COVER,
  // What is on the table stays covered, whether it can be opened or not.
  away: (again) => (
    <>
      {COVER}
      {atTheFoot(again)}
    </>
  ),
})

/** Without a hand for so long this window locks; the server counts the same. */
const IDLE_MS = 15 * 60_000
/** A hand is told to the server at most so often. */
const TELL_MS = 60_000
const LOOK_MS = 5000
/** The page itself is drawn and awake by then. */
const LATER_MS = 1500

// What says that the server is away is needed while it is: until it has come its first sentence stands here.
const Band = fetched(() => import('../device/band').then((m) => m.Band), {
  away: () => (
    <p role="status" className="no-print fixed inset-x-0 top-0 z-40 border-b-2 border-halt bg-sheet px-4 font-semibold text-halt">
      The server cannot be reached.
    </p>
  ),
})
const NewVersion = fetched(() => import('../device/new-version').then((m) => m.NewVersion))

interface Props {
  /** An examination is open here: no new version takes over meanwhile. */
  readonly examining?: boolean
  readonly who: { readonly id: string; readonly name: string; readonly demo: boolean }
}

/**
 * Watches the door of this window: locks it when no hand was seen for a quarter of an hour, covers it when the server says that nobody
 * is signed in any more, and follows the other windows. Everything beneath goes on: bells are heard, holds are timed, entries kept.
 */
export function DoorWatch({ who, examining = false }: Props) {
  const [closed, setClosed] = useState<Closed | null>(null)
  const { late, take } = useDevice(examining)
  const { demo } = who
  useEffect(() => {
    if (demo) return
    let last = Date.now()
    let told = Date.now()
    let covered = false
    const cover = (why: Closed) => {
      covered = true
      markLocked(true)
      setClosed(why)
    }
    const hand = () => {
      last = Date.now()
      if (covered || last - told < TELL_MS) return
      told = last
      sayAtDoor('hand')
      void fetch('/still-here', { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' }).then(toldAtDoor, () => undefined)
    }
    const look = () => {
      if (covered || Date.now() - last < IDLE_MS) return
      cover('unlock')
      sayAtDoor('locked')
      void act('lock').catch(() => undefined)
    }
    const stops = [
      onClosed(cover),
      hearAtDoor((word) => {
        if (word === 'hand') last = Date.now()
        else if (word === 'locked') cover('unlock')
        else if (word === 'signed-out') window.location.replace('/sign-in')
        else if (word === 'unlocked') {
          covered = false
          last = Date.now()
          markLocked(false)
          setClosed(null)
          tellOpened()
        }
      }),
    ]
    // A page that comes back from before is asked whether it may be shown.
    const back = (event: PageTransitionEvent) => {
      if (event.persisted) void fetch('/still-here', { cache: 'no-store' }).then(toldAtDoor, () => undefined)
    }
    for (const name of ['keydown', 'pointerdown'] as const) window.addEventListener(name, hand, { capture: true, passive: true })
    window.addEventListener('pageshow', back)
    const timer = setInterval(look, LOOK_MS)
    const ahead = setTimeout(() => void load().catch(() => undefined), 3000)
    return () => {
      for (const stop of stops) stop()
      for (const name of ['keydown', 'pointerdown'] as const) window.removeEventListener(name, hand, { capture: true })
      window.removeEventListener('pageshow', back)
      clearInterval(timer)
      clearTimeout(ahead)
    }
    // An unlocked window is watched anew.
  }, [demo, closed])
  const open = () => {
    markLocked(false)
    setClosed(null)
    sayAtDoor('unlocked')
    tellOpened()
  }
  return (
    <>
      {late && <Band />}
      {late && take && !examining && <NewVersion take={take} />}
      {closed !== null && <LockScreen why={closed} who={who} onOpen={open} />}
    </>
  )
}

/** What a device does for a page comes after the page: keeps the program, tells of a new version, and shows how the server stands. */
function useDevice(examining: boolean): { readonly late: boolean; readonly take: (() => void) | null } {
  const [late, setLate] = useState(false)
  const [take, setTake] = useState<(() => void) | null>(null)
  useEffect(() => {
    const timer = setTimeout(() => {
      setLate(true)
      void import('../device/install').then(({ install }) => install((way) => setTake(() => way))).catch(() => undefined)
    }, LATER_MS)
    return () => clearTimeout(timer)
  }, [])
  useEffect(
    () =>
      hearAtDoor((word) => {
        if (word === 'who-examines' && examining) sayAtDoor('examining')
      }),
    [examining],
  )
  return { late, take }
}
