import { useEffect, useMemo, useState } from 'react'
import { type BodyAnswer, bodyAnswer, sentDoing } from '@/core/trainer/body'
import type { Doing } from '@/core/trainer/mechanics/strain'
import type { Practice } from './context'

/** Wait before a step that could not be asked about is asked about again, in milliseconds. */
const RETRY_MS = 1500

/**
 * How the body on the table answers a step: reckoned here where the truth may be seen, asked at the server where it is hidden until it is
 * committed. Null until the answer is there.
 *
 * @param asked - false while the hand still moves: only where it has come to is asked about
 */
export function useBody({ patient, hidden, runId }: Pick<Practice, 'patient' | 'hidden' | 'runId'>, doing: Doing, asked = true): BodyAnswer | null {
  const here = useMemo(() => (hidden ? null : bodyAnswer(patient, doing)), [hidden, patient, doing])
  const [there, setThere] = useState<BodyAnswer | null>(null)
  useEffect(() => {
    if (!hidden || !asked) return
    let gone = false
    let timer: ReturnType<typeof setTimeout> | undefined
    const ask = async () => {
      try {
        const response = await fetch(`/practice/run/${runId}/body`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(sentDoing(doing)),
        })
        if (!response.ok) throw new Error(String(response.status))
        const came = (await response.json()) as BodyAnswer
        if (!gone) setThere(came)
      } catch {
        if (!gone) timer = setTimeout(() => void ask(), RETRY_MS)
      }
    }
    void ask()
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [hidden, asked, runId, doing])
  return hidden ? there : here
}
