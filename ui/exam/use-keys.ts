'use client'

import { useLayoutEffect, useRef } from 'react'
import { isBounce } from './bounce'
import { lettersAct } from './letters'

/** A key that was pressed outside any field. */
export interface Press {
  /** The character, wherever it lies on the keyboard, in small letters; or the name of the key: "enter", "arrowleft". */
  readonly key: string
  /** The key by its place, as a pedal or a presenter is known by. */
  readonly code: string
  readonly shift: boolean
  /** A button or link has the focus: Space and Enter are its own. */
  readonly onControl: boolean
}

/**
 * Hear the keyboard of the page.
 *
 * The character counts and never the place it has on some keyboard, digits of the number pad among them. A key that is held or bounces is one
 * press; typing into a field or a dialog is none, and neither is a press with Ctrl, Alt or Cmd, except where that is how a character is typed.
 *
 * Single characters are heard only where they act on this device (Settings).
 *
 * @param hear - returns true where the press was used, so that the page does not scroll or click as well
 * @param everything - hear characters even so: whoever asks knows of keys that a pedal types
 */
export function useKeys(hear: (press: Press) => boolean, enabled: boolean, everything = false): void {
  const latest = useRef(hear)
  // With the screen and not some frames after it: on a busy machine a key pressed in between would be lost.
  useLayoutEffect(() => {
    latest.current = hear
  })
  useLayoutEffect(() => {
    if (!enabled) return
    const listen = (e: KeyboardEvent) => {
      const typesCharacter = e.key.length === 1 && e.getModifierState('AltGraph')
      if ((e.ctrlKey || e.metaKey || e.altKey) && !typesCharacter) return
      // A point that is drawn is an element too, and no HTML.
      const target = e.target instanceof Element ? e.target : null
      if (target?.closest('input, select, textarea, [role=dialog]') || isBounce(e)) return
      if (!everything && e.key.length === 1 && e.key !== ' ' && !lettersAct()) return
      const press: Press = {
        key: e.key === ' ' ? 'space' : e.key.toLowerCase(),
        code: e.code.toLowerCase().replace(/^key|^digit/, ''),
        shift: e.shiftKey,
        onControl: target?.closest('a, button, [role=checkbox], [role=radio], [role=tab]') != null,
      }
      if (latest.current(press)) e.preventDefault()
    }
    document.addEventListener('keydown', listen)
    return () => document.removeEventListener('keydown', listen)
  }, [enabled, everything])
}
