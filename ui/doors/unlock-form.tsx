'use client'

import { DoorForm } from './door-form'
import { SecretField } from './secret-field'
import { ask } from './through'
import type { ReactNode } from 'react'

interface Props {
  /** This person has a PIN. */
  readonly pin: boolean
  readonly onOpen: () => void
  readonly beside?: ReactNode
}

/** Opens a locked screen. */
export function UnlockForm({ pin, onOpen, beside }: Props) {
  return (
    <DoorForm
      label="Unlock"
      submit="Unlock"
      beside={beside}
      onSend={async (typed) => {
        const came = await ask('unlock', typed('secret'))
        if (!came.ok) return came.problem
        onOpen()
        return null
      }}
    >
      <SecretField label={pin ? 'PIN or password' : 'Password'} name="secret" autoComplete="current-password" autoFocus />
    </DoorForm>
  )
}
