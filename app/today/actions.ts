import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'

/** Add a person and open their examination; null when both are on disk. */
export function startPerson(ids: { readonly personId: string; readonly examId: string }, fields: unknown): Promise<Problem | null> {
  return act('start-person', ids, fields)
}
