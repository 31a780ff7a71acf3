'use client'

import { useEffect, useRef, useState } from 'react'
import { browserOutbox, type Outbox } from './outbox'

/** Wait after the last letter before it is kept, in milliseconds. */
const KEPT_AFTER_MS = 250

/**
 * A text that is being written and not recorded yet: kept on this device, so that a reload or a step away loses none of it.
 *
 * @param key - names the field on this device
 * @param recorded - what the record holds, shown while nothing is being written
 * @returns the text, its setter, and the way to let the draft go once it is recorded
 */
export function useTextDraft(key: string, recorded: string): readonly [string, (text: string) => void, () => void] {
  const [typed, setTyped] = useState<string | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null)
  useEffect(() => {
    let gone = false
    void browserOutbox()
      .then((box) => box.draftOf(key))
      .then((draft) => {
        // Whoever was quicker than the device's store has a newer text than it.
        if (!gone && typeof draft === 'string') setTyped((now) => now ?? draft)
      })
      .catch(() => undefined)
    return () => {
      gone = true
    }
  }, [key])
  const quietly = (work: (box: Outbox) => Promise<void>) => void browserOutbox().then(work, () => undefined)
  const write = (text: string) => {
    setTyped(text)
    if (timer.current) clearTimeout(timer.current)
    timer.current = setTimeout(() => quietly((box) => box.keepDraft(key, text)), KEPT_AFTER_MS)
  }
  const done = () => {
    if (timer.current) clearTimeout(timer.current)
    setTyped(null)
    quietly((box) => box.dropDraft(key))
  }
  return [typed ?? recorded, write, done]
}
