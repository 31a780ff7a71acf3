import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { openByPassword } from '@/ui/device/key'
import { noteHand } from '@/ui/doors/last-hand'
import { ScreenTitle } from '@/ui/screen-title'

/** A window that was opened while the server is away: what this device keeps is sealed, and the password of the session opens it. */
export function OpenKept({ onOpen }: { readonly onOpen: () => void }) {
  return (
    <main className="mx-auto mt-[12vh] max-w-md px-6">
      <ScreenTitle className="text-3xl">The server is away</ScreenTitle>
      <p className="mb-5 mt-3">
        Examinations of today are kept on this device, sealed. The password you signed in with opens them; what was recorded is sent by itself once the server
        is back.
      </p>
      <DoorForm
        label="Open what this device keeps"
        submit="Open"
        onSend={async (typed) => {
          if (!(await openByPassword(typed('secret')))) {
            return {
              what: 'This is not the password of this session.',
              kept: 'What was recorded waits on this device.',
              do: 'Type the password you signed in with.',
            }
          }
          noteHand()
          onOpen()
          return null
        }}
      >
        <SecretField label="Password" name="secret" autoComplete="current-password" autoFocus />
      </DoorForm>
      <p className="mt-8">
        <a href="/today" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Look for the server again
        </a>
      </p>
    </main>
  )
}
