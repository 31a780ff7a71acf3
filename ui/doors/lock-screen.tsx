'use client'

import { Dialog } from 'radix-ui'
import { type Closed, toldAtDoor, wholePage } from './door'
import { SignInForm } from './sign-in-form'
import { SignOut } from './sign-out'
import { UnlockForm } from './unlock-form'

interface Props {
  readonly why: Closed
  readonly who: { readonly id: string; readonly name: string }
  readonly onOpen: () => void
}

/**
 * Covers everything while nobody may see it, and takes the keyboard. What it covers is not closed: it goes on where it was once the same
 * person is back. Somebody else begins at Today.
 */
export function LockScreen({ why, who, onOpen }: Props) {
  const after = async () => {
    const response = await fetch('/still-here', { cache: 'no-store' })
    if (toldAtDoor(response)) return
    const { who: now } = (await response.json()) as { readonly who: string }
    if (now === who.id) onOpen()
    else wholePage('/today')
  }
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-50 bg-dust" />
        <Dialog.Content
          aria-describedby="lock-words"
          onEscapeKeyDown={(e) => e.preventDefault()}
          onPointerDownOutside={(e) => e.preventDefault()}
          onInteractOutside={(e) => e.preventDefault()}
          className="fixed left-1/2 top-1/2 z-50 w-[26rem] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 rounded-card border border-hair bg-sheet p-6"
        >
          <Dialog.Title className="font-serif text-3xl font-semibold">{why === 'unlock' ? 'Locked' : 'Sign in again'}</Dialog.Title>
          <p id="lock-words" className="mb-5 mt-2 text-ash">
            {who.name} was here. The examination goes on being kept: a bell is heard, a hold is timed, and what was recorded waits on this device.
          </p>
          {why === 'unlock' ? (
            <UnlockForm pin onOpen={onOpen} beside={<SignOut />} />
          ) : (
            <SignInForm owes={false} onIn={() => void after().catch(() => wholePage('/today'))} />
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
