import type { PracticeRun } from '../../db/queries/practice'
import type { Problem } from '../../core/vocabulary/problem'
import type { Who } from '../who'

/** Whoever takes a run opens it; one that is taken for a class is open to educators as well. */
export function mayOpen({ by, class: set }: Pick<PracticeRun, 'by' | 'class'>, who: Pick<Who, 'id' | 'role'>): boolean {
  return by === who.id || (set !== null && who.role !== 'student')
}

export const NO_RUN: Problem = { what: 'There is no such run here.', kept: 'Nothing was changed.', do: 'Begin a case from Practice.' }
