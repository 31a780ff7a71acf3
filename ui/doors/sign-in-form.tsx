'use client'

import { useRef, useState } from 'react'
import { Button } from '../button'
import { BOX, Field } from '../field'
import { DoorForm } from './door-form'
import { SecretField } from './secret-field'
import { ask } from './through'
import { keepForDevice } from './keep-for-device'

interface Props {
  /** The second factor is owed already, as after a reload. */
  readonly owes: boolean
  readonly onIn: () => void
}

/** Name and password, then the code of an authenticator where one was added. */
export function SignInForm({ owes, onIn }: Props) {
  const [second, setSecond] = useState(owes)
  // Until the second factor was given; it goes with this form.
  const typedPassword = useRef('')
  if (second) {
    return (
      <DoorForm
        key="second"
        label="Second factor"
        submit="Sign in"
        // Also the way on where the code was owed for too long.
        beside={<Button onClick={() => setSecond(false)}>Begin again</Button>}
        onSend={async (typed) => {
          const came = await ask('second-factor', typed('code'))
          if (!came.ok) return came.problem
          await keepForDevice(typedPassword.current)
          onIn()
          return null
        }}
      >
        <SecretField
          label="Code of your authenticator"
          name="code"
          shown
          autoComplete="one-time-code"
          autoFocus
          hint="Six digits, or one of your recovery codes."
        />
      </DoorForm>
    )
  }
  return (
    <DoorForm
      key="first"
      label="Sign in"
      submit="Sign in"
      onSend={async (typed) => {
        const came = await ask('sign-in', typed('login'), typed('password'))
        if (!came.ok) return came.problem
        if (came.next === 'in') {
          await keepForDevice(typed('password'))
          onIn()
        } else {
          typedPassword.current = typed('password')
          setSecond(true)
        }
        return null
      }}
    >
      <Field label="Sign-in name">
        {(tie) => <input {...tie} name="login" autoComplete="username" autoCapitalize="off" spellCheck={false} autoFocus maxLength={60} className={BOX} />}
      </Field>
      <SecretField label="Password" name="password" autoComplete="current-password" />
    </DoorForm>
  )
}
