'use client'

import { useEffect } from 'react'

/** Reads a text aloud whenever it changes; silent when voice is off or the browser has none. */
export function useVoice(on: boolean, text: string): void {
  useEffect(() => {
    if (!on || text === '' || typeof speechSynthesis === 'undefined') return
    speechSynthesis.cancel()
    speechSynthesis.speak(new SpeechSynthesisUtterance(text))
    return () => speechSynthesis.cancel()
  }, [on, text])
}
