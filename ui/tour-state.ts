'use client'

import { useSyncExternalStore } from 'react'

const PLACE = 'dust-lantern-tour'
const CHANGED = 'dust-lantern-tour-changed'

/** Where the tour stands on this device: not offered yet, at a step, or over. */
export type TourAt = 'offered' | 'over' | 0 | 1 | 2 | 3

function read(): TourAt {
  const kept = localStorage.getItem(PLACE)
  if (kept === 'over') return 'over'
  return kept === '0' || kept === '1' || kept === '2' || kept === '3' ? (Number(kept) as TourAt) : 'offered'
}

/** Go to a step of the tour, or end it; kept on this device. */
export function goTour(at: TourAt): void {
  localStorage.setItem(PLACE, String(at))
  window.dispatchEvent(new Event(CHANGED))
}

function subscribe(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed)
  return () => window.removeEventListener(CHANGED, changed)
}

/** Where the tour stands; over until the device was asked. */
export function useTour(): TourAt {
  return useSyncExternalStore(subscribe, read, () => 'over')
}
