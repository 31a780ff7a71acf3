'use client'

import { wholePage } from '@/ui/doors/door'
import { noteHand } from '@/ui/doors/last-hand'
import Link from 'next/link'
import { useEffect } from 'react'
import { SignInForm } from '@/ui/doors/sign-in-form'

/** Signs in and goes where somebody was going. A whole page is loaded, so that nothing of before stays in the window. */
export function SignIn({ owes, to }: { readonly owes: boolean; readonly to: string }) {
  useEffect(() => {
    // Whoever is asked to sign in has no session here: the password of an earlier one opens nothing on this device any more.
    if (!owes) void import('@/ui/device/epochs').then(({ endPasswords }) => endPasswords()).catch(() => undefined)
  }, [owes])
  return (
    <>
      <SignInForm
        owes={owes}
        onIn={() => {
          noteHand()
          wholePage(to)
        }}
      />
      <p className="mt-5 border-t border-hair pt-3">
        <Link href="/join" className="inline-flex min-h-11 items-center underline underline-offset-4">
          I have an invitation
        </Link>
      </p>
    </>
  )
}
