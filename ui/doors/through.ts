import type { Problem } from '@/core/vocabulary/problem'
import { act } from '../act'

/** Where somebody stands after a door. */
export type Through = { readonly ok: true; readonly next: 'in' | 'second-factor' } | { readonly ok: false; readonly problem: Problem }

/** The server cannot be reached. */
export const NO_ANSWER: Problem = {
  what: 'The server did not answer.',
  kept: 'What waits on this device stays there.',
  do: 'Try again in a moment.',
}

/** Ask at a door. A refusal of the edge, and no answer at all, are problems like any other. */
export async function ask(name: string, ...args: readonly unknown[]): Promise<Through> {
  try {
    const came = await act<Through | Problem>(name, ...args)
    return 'ok' in came ? came : { ok: false, problem: came }
  } catch {
    return { ok: false, problem: NO_ANSWER }
  }
}
