import { PICTURES, type PlayedSource } from '@/core/trainer/picture'
import { SIDES } from '@/core/vocabulary/side'
import { Field, Select } from '@/ui/field'

interface Props<T extends string> {
  readonly value: T
  /** What stands there while nothing is chosen; no such choice where it is left out. */
  readonly none?: string
  readonly onChange: (value: T) => void
}

/** The side of a source. */
export function SideField<T extends 'left' | 'right' | ''>({ value, none, onChange }: Props<T>) {
  return (
    <Field label="Side" className="w-28">
      {(tie) => (
        <Select {...tie} value={value} onChange={(e) => onChange(e.target.value as T)}>
          {none !== undefined && <option value="">{none}</option>}
          {SIDES.map((side) => (
            <option key={side} value={side}>
              {side}
            </option>
          ))}
        </Select>
      )}
    </Field>
  )
}

/** The level of a source; nothing where it has none. */
export function LevelField({ source, value, none, onChange }: Props<string> & { readonly source: PlayedSource }) {
  const levels = [...new Set(PICTURES[source].at.flatMap((line) => line.level ?? []))]
  if (levels.length === 0) return null
  return (
    <Field label="Level" className="w-32">
      {(tie) => (
        <Select {...tie} value={value} onChange={(e) => onChange(e.target.value)}>
          <option value="">{none}</option>
          {levels.map((level) => (
            <option key={level} value={level}>
              {level}
            </option>
          ))}
        </Select>
      )}
    </Field>
  )
}
