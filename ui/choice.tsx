'use client'

import { useId } from 'react'

interface Props<T extends string> {
  readonly name: string
  readonly value: T
  readonly options: readonly { readonly id: T; readonly words: string; readonly says?: string }[]
  readonly onChange: (id: T) => void
  /** One below the other, for longer words. */
  readonly stacked?: boolean
  readonly className?: string
}

/** One of a few, as a row of chips: radio buttons that a finger and the arrows reach. */
export function Choice<T extends string>({ name, value, options, onChange, stacked = false, className = '' }: Props<T>) {
  const group = useId()
  return (
    <fieldset className={className}>
      <legend className="sr-only">{name}</legend>
      <div className={stacked ? 'flex flex-col gap-1' : 'flex flex-wrap gap-1'}>
        {options.map((option) => (
          <label
            key={option.id}
            title={option.says}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-card border border-edge bg-sheet px-3 has-checked:border-2 has-checked:border-ink has-checked:font-semibold has-focus-visible:outline has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-lantern"
          >
            <input type="radio" name={group} checked={option.id === value} onChange={() => onChange(option.id)} className="accent-ink" />
            {option.words}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
