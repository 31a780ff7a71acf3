'use client'

import { useState } from 'react'
import { act } from '../act'
import { Button, type ButtonLook } from '../button'
import { sayAtDoor } from './windows'

interface Props {
  readonly everywhere?: boolean
  readonly look?: ButtonLook
}

async function forgetDevice(): Promise<void> {
  const [{ forgetKey }, { dropRecords }] = await Promise.all([import('../device/key'), import('../device/records')])
  forgetKey()
  await dropRecords()
}

/** Ends this session, or all of this person's, and shows nothing of it any more: a whole page is loaded. */
export function SignOut({ everywhere = false, look = 'quiet' }: Props) {
  const [failed, setFailed] = useState(false)
  const signOut = async () => {
    try {
      await act(everywhere ? 'sign-out-everywhere' : 'sign-out')
      // What was kept of examinations goes; what was not delivered stays, sealed, for the same person.
      await forgetDevice().catch(() => undefined)
      sayAtDoor('signed-out')
      window.location.replace('/sign-in')
    } catch {
      setFailed(true)
    }
  }
  return (
    <>
      <Button look={look} onClick={() => void signOut()}>
        {everywhere ? 'Sign out everywhere' : 'Sign out'}
      </Button>
      {failed && (
        <span role="alert" className="font-semibold text-halt">
          The server did not answer: you are still signed in.
        </span>
      )}
    </>
  )
}
