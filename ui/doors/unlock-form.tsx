'use client'

import type { ReactNode } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { DoorForm } from './door-form'
import { SecretField } from './secret-field'
import { ask, NO_ANSWER } from './through'

interface Props {
  /** This person has a PIN. */
  readonly pin: boolean
  readonly onOpen: () => void
  readonly beside?: ReactNode
}

const DOES_NOT_FIT: Problem = {
  what: 'The server is away, and this is not the password of this session.',
  kept: 'What was recorded waits on this device.',
  do: 'Type the password you signed in with. A PIN opens the screen only while the server is there.',
}

/** Opens a locked screen: at the server by password or PIN; while it is away by the password alone, on this device. */
export function UnlockForm({ pin, onOpen, beside }: Props) {
  return (
    <DoorForm
      label="Unlock"
      submit="Unlock"
      beside={beside}
      onSend={async (typed) => {
        const secret = typed('secret')
        const came = await ask('unlock', secret)
        if (!came.ok && came.problem === NO_ANSWER) {
          const { openByPassword } = await import('../device/key')
          if (!(await openByPassword(secret))) return DOES_NOT_FIT
        } else if (!came.ok) return came.problem
        onOpen()
        return null
      }}
    >
      <SecretField label={pin ? 'PIN or password' : 'Password'} name="secret" autoComplete="current-password" autoFocus />
    </DoorForm>
  )
}
