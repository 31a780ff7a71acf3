'use client'

import { Lock } from 'lucide-react'
import { act } from '../act'
import { toldAtDoor } from './door'
import { sayAtDoor } from './windows'

/** Locks this window and every other of this browser at once, for whoever steps away from it. */
export function LockButton() {
  const lock = () => {
    toldAtDoor({ status: 423 })
    sayAtDoor('locked')
    void act('lock').catch(() => undefined)
  }
  return (
    <button type="button" onClick={lock} aria-label="Lock this screen" className="grid size-11 place-items-center rounded-card border border-edge">
      <Lock size={18} aria-hidden="true" />
    </button>
  )
}
