'use client'

import { useSyncExternalStore } from 'react'

/** Where this device keeps how it is operated, and what is told when that changes. */
export const HANDS_PLACE = 'dust-lantern-hands'
export const HANDS_CHANGED = 'dust-lantern-hands-changed'

/** Whether single letters, digits and signs act on this device: not where somebody dictates, or brushes keys by accident. */
export function lettersAct(): boolean {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(HANDS_PLACE) ?? '{}')
    return !(typeof kept === 'object' && kept !== null && 'letters' in kept && kept.letters === false)
  } catch {
    return true
  }
}

/** The same for a screen that draws the keys. */
export function useLetters(): boolean {
  return useSyncExternalStore(onHands, lettersAct, () => true)
}

/** Hear of any change of how this device is operated, from this window or another. */
export function onHands(changed: () => void): () => void {
  window.addEventListener(HANDS_CHANGED, changed)
  window.addEventListener('storage', changed)
  return () => {
    window.removeEventListener(HANDS_CHANGED, changed)
    window.removeEventListener('storage', changed)
  }
}
