'use client'

import { wholePage } from '@/ui/doors/door'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { keepForDevice } from '@/ui/doors/keep-for-device'
import { ask } from '@/ui/doors/through'

/** A password of one's own, by an invitation. */
export function JoinForm() {
  return (
    <DoorForm
      label="Choose a password"
      submit="Sign in"
      onSend={async (typed) => {
        const came = await ask('accept-invitation', typed('code'), typed('password'))
        if (!came.ok) return came.problem
        if (came.next === 'in') await keepForDevice(typed('password'))
        wholePage(came.next === 'in' ? '/today' : '/sign-in')
        return null
      }}
    >
      <SecretField label="Code" name="code" shown autoComplete="off" autoFocus hint="Sixteen letters and digits." />
      <SecretField
        label="New password"
        name="password"
        autoComplete="new-password"
        hint="Twelve letters or more, of any kind. A few words in a row are good."
      />
    </DoorForm>
  )
}
