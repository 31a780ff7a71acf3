'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'

/** What became of the last save. */
export interface Saving {
  readonly state: 'idle' | 'saving' | 'saved' | 'failed'
  readonly problem: Problem | null
  /** Send an entry under a new id. What is sent again after a lost answer stands as a second, equal entry: the latest counts. */
  readonly save: (send: (id: string) => Promise<Problem | null>) => Promise<boolean>
}

/** Sends entries to the clinic's settings and tells how it went. */
export function useSaving(): Saving {
  const router = useRouter()
  const [state, setState] = useState<Saving['state']>('idle')
  const [problem, setProblem] = useState<Problem | null>(null)
  const save = async (send: (id: string) => Promise<Problem | null>) => {
    setState('saving')
    const found = await send(v7()).catch(
      (): Problem => ({ what: 'The clinic’s computer could not be reached.', kept: 'What you typed is still here.', do: 'Save again once it can be reached.' }),
    )
    setProblem(found)
    setState(found ? 'failed' : 'saved')
    if (!found) router.refresh()
    return found === null
  }
  return { state, problem, save }
}
