'use client'

import { useRouter } from 'next/navigation'
import { type ReactNode, useState } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'

export function Card({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="rounded-card border border-hair bg-sheet p-5">
      <h2 className="mb-3 text-xl">{title}</h2>
      {children}
    </section>
  )
}

/** Another password. Everything else this person is signed in by ends. */
export function PasswordCard() {
  const [done, setDone] = useState(0)
  return (
    <Card title="Password">
      <DoorForm
        key={done}
        label="Password"
        submit="Change the password"
        onSend={async (typed) => {
          const problem = await act<Problem | null>('choose-password', typed('now'), typed('next'))
          if (!problem) setDone((n) => n + 1)
          return problem
        }}
      >
        <SecretField label="Password now" name="now" autoComplete="current-password" />
        <SecretField label="New password" name="next" autoComplete="new-password" hint="Twelve letters or more. Other sessions of yours end." />
      </DoorForm>
      <p role="status" className="mt-2 font-semibold">
        {done > 0 && 'Changed.'}
      </p>
    </Card>
  )
}

/** A PIN that opens a locked screen: short, because both hands were just on a patient. */
export function PinCard({ has }: { readonly has: boolean }) {
  const router = useRouter()
  const [done, setDone] = useState(0)
  return (
    <Card title={has ? 'PIN: chosen' : 'PIN: none'}>
      <DoorForm
        key={done}
        label="PIN"
        submit={has ? 'Change the PIN' : 'Choose a PIN'}
        onSend={async (typed) => {
          const problem = await act<Problem | null>('choose-pin', typed('password'), typed('pin'))
          if (!problem) {
            setDone((n) => n + 1)
            router.refresh()
          }
          return problem
        }}
      >
        <SecretField label="Password" name="password" autoComplete="current-password" />
        <SecretField
          label="New PIN"
          name="pin"
          autoComplete="off"
          hint={`Four to eight digits. It opens a locked screen, never a new session${has ? '; empty for none' : ''}.`}
        />
      </DoorForm>
      <p role="status" className="mt-2 font-semibold">
        {done > 0 && 'Kept.'}
      </p>
    </Card>
  )
}
