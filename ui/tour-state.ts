'use client'

import { useSyncExternalStore } from 'react'
import { TOUR_COOKIE } from './tour-cookie'

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
  // The server reads it too, so that a page that has no offer does not make room for one.
  if (at === 'over') document.cookie = `${TOUR_COOKIE}=over; path=/; max-age=31536000; samesite=lax`
  window.dispatchEvent(new Event(CHANGED))
}

function subscribe(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed)
  return () => window.removeEventListener(CHANGED, changed)
}

/**
 * Where the tour stands.
 *
 * @param before - what is taken for it until the device was asked
 */
export function useTour(before: 'offered' | 'over' = 'over'): TourAt {
  return useSyncExternalStore(subscribe, read, () => before)
}
