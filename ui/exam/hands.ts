'use client'

import { useSyncExternalStore } from 'react'
import { COMMAND_IDS, type OwnKeys } from './commands'
import { HANDS_CHANGED, HANDS_PLACE, onHands } from './letters'

/** The four moves that run the whole bench, and the keys that a pedal or presenter types for each. */
export const MOVES = ['next', 'own', 'stop', 'back'] as const
export type Move = (typeof MOVES)[number]

/** How this device is operated. Kept on the device, since a pedal belongs to a room and not to a record. */
export interface Hands {
  /** A further key for each move, as the browser names it; empty for none. */
  readonly pedal: Readonly<Record<Move, string>>
  /** Letters of the bench that were changed on this device. */
  readonly keys: OwnKeys
  /** Single letters, digits and signs act. */
  readonly letters: boolean
  /** A hold is timed by itself, a few seconds after its stage has come. */
  readonly autoHold: boolean
  /** Read the next instruction and question aloud. */
  readonly voice: boolean
  /** Bigger answers, for an arm's length. */
  readonly big: boolean
  /** Offer simulated devices outside the demo clinic, for practice; what they give is marked. */
  readonly standIns: boolean
}

const USUAL: Hands = {
  pedal: { next: '', own: '', stop: '', back: '' },
  keys: {},
  letters: true,
  autoHold: false,
  voice: false,
  big: false,
  standIns: false,
}
let known: { readonly text: string | null; readonly hands: Hands } = { text: null, hands: USUAL }

function read(): Hands {
  const text = localStorage.getItem(HANDS_PLACE)
  if (text !== known.text) known = { text, hands: parse(text) }
  return known.hands
}

/** What was kept, part by part; anything unreadable is as it usually is. */
function parse(text: string | null): Hands {
  try {
    const kept = JSON.parse(text ?? '{}') as Partial<Record<Exclude<keyof Hands, 'pedal' | 'keys'>, unknown>> & {
      pedal?: Partial<Record<Move, unknown>>
      keys?: Record<string, unknown>
    }
    const key = (move: Move) => (typeof kept.pedal?.[move] === 'string' ? kept.pedal[move] : '')
    return {
      pedal: { next: key('next'), own: key('own'), stop: key('stop'), back: key('back') },
      keys: Object.fromEntries(
        COMMAND_IDS.flatMap((id) => {
          const letter = kept.keys?.[id]
          return typeof letter === 'string' && /^[a-z]$/.test(letter) ? [[id, letter]] : []
        }),
      ),
      letters: kept.letters !== false,
      autoHold: kept.autoHold === true,
      voice: kept.voice === true,
      big: kept.big === true,
      standIns: kept.standIns === true,
    }
  } catch {
    return USUAL
  }
}

/** How this device is operated, and the way to change it. */
export function useHands(): readonly [Hands, (change: Partial<Hands>) => void] {
  const hands = useSyncExternalStore(onHands, read, () => USUAL)
  const change = (part: Partial<Hands>) => {
    localStorage.setItem(HANDS_PLACE, JSON.stringify({ ...read(), ...part }))
    window.dispatchEvent(new Event(HANDS_CHANGED))
  }
  return [hands, change]
}
