import { BOX, Field } from '../field'

interface Props {
  readonly label: string
  readonly name: string
  /** What a password manager is told of it. */
  readonly autoComplete: 'current-password' | 'new-password' | 'one-time-code' | 'off'
  readonly hint?: string
  readonly autoFocus?: boolean
  /** A code is shown while it is typed; a password is not. */
  readonly shown?: boolean
}

/** A box for a password, a PIN or a code. Pasting is allowed, and password managers are told what it is. */
export function SecretField({ label, name, autoComplete, hint, autoFocus = false, shown = false }: Props) {
  return (
    <Field label={label} {...(hint !== undefined && { hint })}>
      {(tie) => (
        <input
          {...tie}
          name={name}
          type={shown ? 'text' : 'password'}
          data-secret=""
          autoComplete={autoComplete}
          autoFocus={autoFocus}
          autoCapitalize="off"
          spellCheck={false}
          maxLength={200}
          className={BOX}
        />
      )}
    </Field>
  )
}
