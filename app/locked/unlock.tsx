'use client'

import { wholePage } from '@/ui/doors/door'
import { noteHand } from '@/ui/doors/last-hand'
import { UnlockForm } from '@/ui/doors/unlock-form'
import { SignOut } from '@/ui/doors/sign-out'

/** Opens a page that was locked when it was asked for. */
export function Unlock({ pin, to }: { readonly pin: boolean; readonly to: string }) {
  return (
    <UnlockForm
      pin={pin}
      onOpen={() => {
        noteHand()
        wholePage(to)
      }}
      beside={<SignOut />}
    />
  )
}
