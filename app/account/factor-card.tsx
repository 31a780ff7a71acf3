'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { renderSVG } from 'uqr'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { ProblemNotice } from '@/ui/problem-notice'
import { Card } from './secret-cards'

interface Begun {
  readonly secret: string
  readonly url: string
}

interface Props {
  readonly has: boolean
  /** Recovery codes that were not used. */
  readonly left: number
}

/** A second factor: the code of an authenticator beside the password. */
export function FactorCard({ has, left }: Props) {
  const router = useRouter()
  const [begun, setBegun] = useState<Begun | null>(null)
  const [codes, setCodes] = useState<readonly string[] | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const begin = async () => {
    const came = await act<Begun | Problem>('begin-factor')
    if ('what' in came) setProblem(came)
    else setBegun(came)
  }
  const title = has ? 'Second factor: on' : 'Second factor: off'
  return (
    <div className="mt-5">
      <Card title={title}>
        {problem && <ProblemNotice problem={problem} onClose={() => setProblem(null)} />}
        {codes ? (
          <Codes
            codes={codes}
            onRead={() => {
              setCodes(null)
              router.refresh()
            }}
          />
        ) : begun ? (
          <Confirm
            begun={begun}
            onDone={(made) => {
              setBegun(null)
              setCodes(made)
            }}
            onClose={() => setBegun(null)}
          />
        ) : has ? (
          <Remove left={left} onDone={() => router.refresh()} />
        ) : (
          <>
            <p className="mb-3 text-ash">
              Signing in then asks for six digits from an authenticator beside your password. A password that was seen is not enough any more.
            </p>
            <Button onClick={() => void begin().catch(() => setProblem(NO_ANSWER))}>Add a second factor</Button>
          </>
        )}
      </Card>
    </div>
  )
}

const NO_ANSWER: Problem = { what: 'The server did not answer.', kept: 'Nothing was changed.', do: 'Try again in a moment.' }

function Confirm({ begun, onDone, onClose }: { readonly begun: Begun; readonly onDone: (codes: readonly string[]) => void; readonly onClose: () => void }) {
  return (
    <div className="flex flex-wrap gap-6">
      <div
        role="img"
        aria-label="Code for an authenticator to scan; the same stands below as text"
        className="size-44 bg-white p-2 [&_svg]:size-full"
        dangerouslySetInnerHTML={{ __html: renderSVG(begun.url, { border: 1 }) }}
      />
      <DoorForm
        label="Second factor"
        submit="Keep it"
        className="min-w-64 flex-1"
        beside={<Button onClick={onClose}>Close</Button>}
        onSend={async (typed) => {
          const came = await act<Problem | { readonly codes: readonly string[] }>('confirm-factor', typed('password'), begun.secret, typed('code'))
          if ('what' in came) return came
          onDone(came.codes)
          return null
        }}
      >
        <p>
          Scan it with an authenticator, or type <code className="font-semibold">{inGroups(begun.secret)}</code> there.
        </p>
        <SecretField label="Password" name="password" autoComplete="current-password" />
        <SecretField label="Code it shows now" name="code" shown autoComplete="one-time-code" />
      </DoorForm>
    </div>
  )
}

/** Four letters at a time are read across without losing one's place; an authenticator takes the spaces. */
function inGroups(secret: string): string {
  return secret.replace(/(.{4})(?=.)/g, '$1 ')
}

function Codes({ codes, onRead }: { readonly codes: readonly string[]; readonly onRead: () => void }) {
  return (
    <div role="alert">
      <p className="font-semibold">Write these recovery codes down now: they are not shown again.</p>
      <p className="text-ash">Each signs you in once where the authenticator is lost.</p>
      <ul className="figures my-3 grid max-w-xl grid-cols-2 gap-x-8 gap-y-1 text-lg">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <Button look="strong" onClick={onRead}>
        I have written them down
      </Button>
    </div>
  )
}

function Remove({ left, onDone }: { readonly left: number; readonly onDone: () => void }) {
  return (
    <DoorForm
      label="Remove the second factor"
      submit="Remove it"
      onSend={async (typed) => {
        const problem = await act<Problem | null>('remove-factor', typed('password'))
        if (!problem) onDone()
        return problem
      }}
    >
      <p className="text-ash">
        {left} recovery {left === 1 ? 'code is' : 'codes are'} left. Removing and adding it again makes new ones.
      </p>
      <SecretField label="Password" name="password" autoComplete="current-password" />
    </DoorForm>
  )
}
