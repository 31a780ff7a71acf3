import * as yup from 'yup'

/** What is asked of a new person: the least that makes a record. */
export const NEW_PERSON = yup
  .object({
    name: yup.string().trim().required('Write a name; how they like to be called is enough.').max(120, 'Up to 120 letters.'),
    born: yup
      .string()
      .defined()
      .matches(/^$|^\d{4}-\d{2}-\d{2}$/, 'Write the date of birth as year, month and day.')
      .test('real', 'That day is not in the calendar, or lies ahead.', (born) => born === '' || isRealDay(born)),
    work: yup.string().trim().defined().max(120, 'Up to 120 letters.'),
  })
  .noUnknown()

export type NewPersonFields = yup.InferType<typeof NEW_PERSON>

/** Is this YYYY-MM-DD a day of the calendar? */
export function isRealDay(day: string): boolean {
  const date = new Date(`${day}T00:00:00Z`)
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day) && date.getUTCFullYear() > 1900
}
