'use client'

import { useSyncExternalStore } from 'react'

/** Tones the drawn patient can have; the first is the paper's own, which belongs to nobody. */
export const TONES = ['paper', 'light', 'olive', 'brown', 'dark'] as const
/** How broad the drawn patient is. */
export const BUILDS = ['slight', 'middle', 'broad'] as const

/** How the patient is drawn on this device. It says nothing of the person on the table and changes no measure. */
export interface Appearance {
  readonly tone: (typeof TONES)[number]
  readonly build: (typeof BUILDS)[number]
}

/** Skin, its shade and its outline; none for the paper's own, which the light of the page decides. */
export const TONE_COLOURS: Readonly<Record<Appearance['tone'], { readonly skin: string; readonly shade: string; readonly line: string } | null>> = {
  paper: null,
  light: { skin: '#efd3bd', shade: '#d9b598', line: '#7a5a48' },
  olive: { skin: '#d7ab82', shade: '#bd8d64', line: '#694832' },
  brown: { skin: '#a8744f', shade: '#8a5a3a', line: '#3f2618' },
  dark: { skin: '#6b4836', shade: '#523527', line: '#20130d' },
}

/** What every girth is multiplied by. */
export const BREADTH: Readonly<Record<Appearance['build'], number>> = { slight: 0.9, middle: 1, broad: 1.13 }

const PLACE = 'dust-lantern-figure'
const CHANGED = 'dust-lantern-figure-changed'
const USUAL: Appearance = { tone: 'paper', build: 'middle' }

let known: { readonly text: string | null; readonly value: Appearance } = { text: null, value: USUAL }

function read(): Appearance {
  const text = localStorage.getItem(PLACE)
  if (text !== known.text) {
    const [tone, build] = (text ?? '').split(' ')
    known = { text, value: { tone: TONES.find((t) => t === tone) ?? USUAL.tone, build: BUILDS.find((b) => b === build) ?? USUAL.build } }
  }
  return known.value
}

function subscribe(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed)
  return () => window.removeEventListener(CHANGED, changed)
}

/** How the patient is drawn on this device, and the way to change it. */
export function useAppearance(): readonly [Appearance, (change: Partial<Appearance>) => void] {
  const value = useSyncExternalStore(subscribe, read, () => USUAL)
  const change = (part: Partial<Appearance>) => {
    const next = { ...read(), ...part }
    localStorage.setItem(PLACE, `${next.tone} ${next.build}`)
    window.dispatchEvent(new Event(CHANGED))
  }
  return [value, change]
}
