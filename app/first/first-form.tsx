'use client'

import { wholePage } from '@/ui/doors/door'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { keepForDevice } from '@/ui/doors/keep-for-device'
import { ask } from '@/ui/doors/through'
import { BOX, Field } from '@/ui/field'

/** The first lead, by the code that stands in the window where the program was started. */
export function FirstForm() {
  return (
    <DoorForm
      label="The first lead"
      submit="Begin"
      onSend={async (typed) => {
        const fields = { code: typed('code'), name: typed('name'), login: typed('login'), password: typed('password') }
        const came = await ask('first-lead', fields)
        if (!came.ok) return came.problem
        await keepForDevice(fields.password)
        wholePage('/today')
        return null
      }}
    >
      <SecretField
        label="Code of this start"
        name="code"
        shown
        autoComplete="off"
        autoFocus
        hint="It stands in the window where the program was started, so that nobody on the network is quicker than you."
      />
      <Field label="Your name" hint="As it stands in records and notes.">
        {(tie) => <input {...tie} name="name" autoComplete="name" maxLength={120} className={BOX} />}
      </Field>
      <Field label="Sign-in name">
        {(tie) => <input {...tie} name="login" autoComplete="username" autoCapitalize="off" spellCheck={false} maxLength={40} className={BOX} />}
      </Field>
      <SecretField label="Password" name="password" autoComplete="new-password" hint="Twelve letters or more, of any kind. A few words in a row are good." />
    </DoorForm>
  )
}
