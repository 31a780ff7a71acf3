'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'

const AGAIN_MS = 5000

interface Left {
  readonly waiting: number
  readonly aside: number
}

/**
 * Sends what closed windows left on this device, from whatever page is open.
 *
 * @param except - the examination of this page, which sends its own
 */
export function useUndelivered(except?: string): Left {
  const [left, setLeft] = useState<Left>({ waiting: 0, aside: 0 })
  useEffect(() => {
    let gone = false
    const look = async () => {
      // Nothing waits on nearly every page, so what sends comes after the first paint.
      const { sendWaiting } = await import('./send-waiting')
      const came = await sendWaiting(except)
      if (!gone) setLeft(came)
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
  }, [except])
  return left
}

/** Says how much still waits on this device, or lies aside. Silent when nothing does. */
export function Undelivered() {
  const left = useUndelivered()
  if (left.waiting === 0 && left.aside === 0) return null
  const counted = (n: number) => (n === 1 ? '1 entry' : `${n} entries`)
  return (
    <p role="status" className="font-semibold text-halt">
      {left.waiting > 0 && <span>{counted(left.waiting)} kept here until the server is back. </span>}
      {left.aside > 0 && (
        <Link href="/aside" className="underline underline-offset-4">
          {counted(left.aside)} set aside
        </Link>
      )}
    </p>
  )
}
