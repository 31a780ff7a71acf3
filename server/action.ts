import 'server-only'
import * as yup from 'yup'
import type { Problem } from '../core/vocabulary/problem'
import type { Who } from './who'

/** Something a screen asks the server to do: its arguments as they were sent, and who asks. */
export type Action<T> = (who: Who, ...args: readonly unknown[]) => Promise<T> | T

/**
 * An action: every one of them passes here, behind the route that has checked host, origin, size and who asks.
 *
 * What does not fit its schema is answered with a problem in the words of the schema; any other throw is the route's to answer.
 */
export function action<T>(act: Action<T>): Action<T | Problem> {
  return async (who, ...args) => {
    try {
      return await act(who, ...args)
    } catch (error) {
      if (!yup.ValidationError.isError(error)) throw error
      return { what: error.errors[0] ?? 'Something is missing.', kept: 'What you typed is still here.', do: 'Correct it and try again.' }
    }
  }
}
