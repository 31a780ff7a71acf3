import type { ComponentProps } from 'react'

interface Props extends Omit<ComponentProps<'textarea'>, 'onChange' | 'value'> {
  readonly label: string
  readonly hint?: string
  readonly value: string
  readonly onWords: (text: string) => void
  /** How the label looks, where it is a heading of its own or stands under one. */
  readonly labelled?: string
}

/** A box for the practitioner's words, in the note and on papers. */
export function WordsBox({ label, hint, onWords, labelled = '', className = '', ...rest }: Props) {
  return (
    <label className="block">
      <span className={`mb-1 block ${labelled}`}>{label}</span>
      <textarea
        autoComplete="off"
        {...rest}
        onChange={(e) => onWords(e.target.value)}
        className={`w-full rounded-card border border-edge bg-sheet px-3 py-2 ${className}`}
      />
      {hint !== undefined && <span className="text-sm text-ash">{hint}</span>}
    </label>
  )
}
