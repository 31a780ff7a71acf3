import * as yup from 'yup'
import type { Issue } from './exam-file/file'
import { pointerOf, withoutPath } from './exam-file/pointer'

/** Everything a schema finds wrong with an input, each with where it stands; nothing when it fits. Never throws. */
export function issuesWith(schema: yup.Schema, input: unknown): readonly Issue[] {
  try {
    schema.validateSync(input, { strict: true, abortEarly: false })
    return []
  } catch (error) {
    if (!yup.ValidationError.isError(error)) return [{ pointer: '', what: 'cannot be read' }]
    const inner = error.inner.length > 0 ? error.inner : [error]
    return inner.map((e) => ({ pointer: pointerOf(e.path ?? ''), what: withoutPath(e.message, e.path ?? '') }))
  }
}
