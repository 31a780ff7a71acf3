import * as yup from 'yup'
import type { Titled } from '@/app/exam/[examId]/titled'
import { TEMPLATES } from '@/core/note/template'

const SHAPE = yup.object({
  person: yup
    .object({
      id: yup.string().required(),
      number: yup.number().required(),
      name: yup.string().required(),
      born: yup.string().nullable().defined(),
      work: yup.string().defined(),
    })
    .required(),
  at: yup.number().required(),
  title: yup
    .object({
      who: yup.string().required(),
      fileName: yup.string().required(),
      paper: yup
        .object({
          who: yup.string().required(),
          about: yup.string().required(),
          name: yup.string().required(),
          born: yup.string().nullable().defined(),
          when: yup.string().defined(),
          by: yup.string().defined(),
          stem: yup.string().required(),
          claimed: yup.boolean(),
          template: yup
            .string()
            .oneOf(TEMPLATES.map((t) => t.id))
            .required(),
        })
        // What an earlier version kept does not have it.
        .default(undefined)
        .optional(),
    })
    .required(),
  who: yup.object({ id: yup.string().required(), name: yup.string().required(), role: yup.string().required(), demo: yup.boolean().required() }).required(),
  events: yup.array().required(),
})

/** What is known of an examination that is kept on this device, before its record is read. */
export interface KeptExam {
  readonly examId: string
  readonly day: string
  readonly person: { readonly id: string; readonly number: number; readonly name: string; readonly born: string | null; readonly work: string }
  readonly at: number
  readonly title: { readonly who: string; readonly fileName: string; readonly paper?: Titled | undefined }
  readonly who: { readonly id: string; readonly name: string; readonly role: string; readonly demo: boolean }
}

/** Read what was kept with the strictness for everything from outside; none for what another version left in another shape. */
export function readKept(examId: string, day: string, record: unknown): readonly KeptExam[] {
  if (!SHAPE.isValidSync(record)) return []
  const { person, at, title, who } = record
  return [{ examId, day, person, at, title, who }]
}
