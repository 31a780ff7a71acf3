'use client'

import { useEffect, useState } from 'react'

const AGAIN_MS = 5000

/** Sends what closed windows left on this device, from whatever page is open, and says how much still waits. Silent when nothing does. */
export function Undelivered() {
  const [left, setLeft] = useState({ waiting: 0, aside: 0 })
  useEffect(() => {
    let gone = false
    let aside = 0
    const look = async () => {
      // Nothing waits on nearly every page, so what sends comes after the first paint.
      const { sendWaiting } = await import('./send-waiting')
      const came = await sendWaiting()
      aside += came.aside
      if (!gone) setLeft({ waiting: came.waiting, aside })
    }
    const quietly = () => void look().catch(() => undefined)
    quietly()
    const timer = setInterval(quietly, AGAIN_MS)
    window.addEventListener('online', quietly)
    return () => {
      gone = true
      clearInterval(timer)
      window.removeEventListener('online', quietly)
    }
  }, [])
  if (left.waiting === 0 && left.aside === 0) return null
  return (
    <p role="status" className="font-semibold text-halt">
      {left.waiting > 0
        ? `${left.waiting === 1 ? '1 entry waits' : `${left.waiting} entries wait`} on this device for the server.`
        : `${left.aside === 1 ? '1 entry' : `${left.aside} entries`} could not join a record: open the examination to read them.`}
    </p>
  )
}
