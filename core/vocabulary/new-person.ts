import * as yup from 'yup'
import { isPlausibleBirth } from './moment'

/**
 * What is asked of a new person: the least that makes a record.
 *
 * @param now - milliseconds since 1970; nobody is born after it
 */
export const newPersonShape = (now: number) =>
  yup
    .object({
      name: yup.string().trim().required('Write a name; how they like to be called is enough.').max(120, 'Up to 120 letters.'),
      born: yup
        .string()
        .defined()
        .matches(/^$|^\d{4}-\d{2}-\d{2}$/, 'Write the date of birth as year, month and day.')
        .test('real', 'That day is not in the calendar, or lies ahead.', (born) => born === '' || isPlausibleBirth(born, now)),
      work: yup.string().trim().defined().max(120, 'Up to 120 letters.'),
    })
    .noUnknown()

export type NewPersonFields = yup.InferType<ReturnType<typeof newPersonShape>>

/** What is wrong with each field, in the words a person reads beside it; nothing when they can be stored. */
export function newPersonIssues(fields: unknown, now: number): Partial<Record<keyof NewPersonFields, string>> {
  try {
    newPersonShape(now).validateSync(fields, { abortEarly: false })
    return {}
  } catch (error) {
    if (!yup.ValidationError.isError(error)) return { name: 'This could not be read.' }
    const inner = error.inner.length > 0 ? error.inner : [error]
    return Object.fromEntries(inner.map((e) => [e.path === 'born' || e.path === 'work' ? e.path : 'name', e.message]))
  }
}
