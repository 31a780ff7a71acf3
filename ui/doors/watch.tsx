'use client'

import { useEffect, useState } from 'react'
import { act } from '../act'
import { type Closed, onClosed, tellOpened, toldAtDoor } from './door'
import { isIdle, noteHand } from './last-hand'
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
    let told = Date.now()
    let covered = false
    // A page that was asked for was asked for by a hand, unless it was left: then the server, or the key that is gone, says so.
    if (!isIdle()) noteHand()
    const cover = (why: Closed) => {
      if (!covered) hideTitle()
      covered = true
      setClosed(why)
      void import('../device/key').then(({ lockDevice }) => lockDevice()).catch(() => undefined)
    }
    const hand = () => {
      // A hand that comes too late unlocks nothing.
      if (look() || covered) return
      noteHand()
      const now = Date.now()
      if (now - told < TELL_MS) return
      told = now
      sayAtDoor('hand')
      void fetch('/still-here', { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' }).then(toldAtDoor, () => undefined)
    }
    /** @returns whether it locked now */
    const look = (): boolean => {
      if (covered || !isIdle()) return false
      cover('unlock')
      sayAtDoor('locked')
      void act('lock').catch(() => undefined)
      return true
    }
    const stops = [
      onClosed(cover),
      hearAtDoor((word) => {
        if (word === 'hand') noteHand()
        else if (word === 'locked') cover('unlock')
        else if (word === 'signed-out') window.location.replace('/sign-in')
        else if (word === 'unlocked') {
          covered = false
          showTitle()
          noteHand()
          void import('../device/key').then(({ unlockDevice }) => unlockDevice()).catch(() => undefined)
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
    // A page that slept has heard no timer: it looks before anything else when it is shown again.
    for (const name of ['visibilitychange', 'resume'] as const) document.addEventListener(name, look)
    for (const name of ['pageshow', 'focus'] as const) window.addEventListener(name, look)
    look()
    const timer = setInterval(look, LOOK_MS)
    const ahead = setTimeout(() => void load().catch(() => undefined), 3000)
    return () => {
      for (const stop of stops) stop()
      for (const name of ['keydown', 'pointerdown'] as const) window.removeEventListener(name, hand, { capture: true })
      window.removeEventListener('pageshow', back)
      for (const name of ['visibilitychange', 'resume'] as const) document.removeEventListener(name, look)
      for (const name of ['pageshow', 'focus'] as const) window.removeEventListener(name, look)
      clearInterval(timer)
      clearTimeout(ahead)
    }
    // An unlocked window is watched anew.
  }, [demo, closed])
  const open = () => {
    noteHand()
    showTitle()
    void import('../device/key').then(({ unlockDevice }) => unlockDevice()).catch(() => undefined)
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

const LOCKED_TITLE = 'Locked · Dust Lantern'
let hidden: string | null = null

/** A locked window is called that: whoever looks over the windows of this computer learns nothing from its name. */
function hideTitle(): void {
  hidden ??= document.title
  document.title = LOCKED_TITLE
}

function showTitle(): void {
  if (hidden !== null) document.title = hidden
  hidden = null
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
