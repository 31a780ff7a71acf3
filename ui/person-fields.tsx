import type { NewPersonFields } from '@/core/vocabulary/new-person'
import { BOX, Field } from './field'

/** What is wrong with each field. */
export type PersonErrors = Partial<Record<keyof NewPersonFields, string>>

interface Props {
  readonly fields: NewPersonFields
  readonly errors: PersonErrors
  /** The last day that may be chosen, YYYY-MM-DD; what is later is refused anyway. */
  readonly today?: string
  readonly autoFocus?: boolean
  readonly onChange: (fields: NewPersonFields) => void
}

/** What is known of a person: three fields, all in one line where there is room. */
export function PersonFields({ fields, errors, today, autoFocus = false, onChange }: Props) {
  const change = (field: keyof NewPersonFields) => (e: { readonly target: { readonly value: string } }) => onChange({ ...fields, [field]: e.target.value })
  return (
    <div className="flex grow flex-wrap items-start gap-4">
      <Field label="Name" error={errors.name} className="min-w-44 grow">
        {(tie) => <input {...tie} value={fields.name} onChange={change('name')} autoFocus={autoFocus} autoComplete="off" className={BOX} />}
      </Field>
      <Field label="Date of birth, if known" error={errors.born} className="min-w-44">
        {(tie) => <input autoComplete="off" {...tie} type="date" min="1900-01-01" max={today} value={fields.born} onChange={change('born')} className={BOX} />}
      </Field>
      <Field label="Work or daily load" error={errors.work} className="min-w-44 grow">
        {(tie) => <input {...tie} value={fields.work} onChange={change('work')} autoComplete="off" className={BOX} />}
      </Field>
    </div>
  )
}
