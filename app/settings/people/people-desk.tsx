'use client'

import { format } from 'date-fns'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { BOX, Field, Select } from '@/ui/field'
import { ProblemNotice } from '@/ui/problem-notice'

/** Somebody who may sign in, as the list shows them. */
export interface SomebodyShown {
  readonly id: string
  readonly name: string
  readonly login: string
  readonly role: 'lead' | 'practitioner' | 'student'
  readonly open: boolean
  readonly factor: boolean
  /** Has a password; has an invitation that is good; or had one that is over. */
  readonly state: 'chosen' | 'invited' | 'over'
  readonly sessions: number
}

interface Invitation {
  readonly code: string
  readonly until: number
}

const STATES = { invited: 'invited, no password yet', over: 'invitation is over' } as const

/** Adds people, changes what they may do, and makes invitations. Nobody here learns another's password. */
export function PeopleDesk({
  people,
  own,
  fresh,
}: {
  readonly people: readonly SomebodyShown[]
  readonly own: string /** The password was typed a moment ago. */
  readonly fresh: boolean
}) {
  const router = useRouter()
  const [invitation, setInvitation] = useState<(Invitation & { readonly name: string }) | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [made, setMade] = useState(0)
  const took = (name: string, came: Invitation | Problem | null): Problem | null => {
    if (came && 'what' in came) return came
    if (came) setInvitation({ ...came, name })
    router.refresh()
    return null
  }
  const ask = async (name: string, what: string, ...args: readonly unknown[]) => {
    setProblem(null)
    try {
      setProblem(took(name, await act<Invitation | Problem | null>(what, ...args)))
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'Nothing was changed.', do: 'Try again in a moment.' })
    }
  }
  return (
    <>
      {problem && (
        <div className="mt-4">
          <ProblemNotice problem={problem} onClose={() => setProblem(null)} />
        </div>
      )}
      {invitation && (
        <div role="alert" className="mt-4 rounded-card border-2 border-lantern bg-sheet p-5">
          <p>
            Hand this code to <strong>{invitation.name}</strong>. It is not shown again, works once, and until {format(invitation.until, 'd MMMM, HH:mm')}.
          </p>
          <p className="figures my-2 text-3xl">{invitation.code}</p>
          <p className="text-ash">They choose their password with it under “I have an invitation”, where one signs in.</p>
          <Button className="mt-3" onClick={() => setInvitation(null)}>
            It is handed over
          </Button>
        </div>
      )}
      {!fresh && (
        <section aria-label="Confirm that it is you" className="mt-5 rounded-card border-2 border-lantern bg-sheet p-5">
          <h2 className="text-lg font-semibold">Confirm that it is you</h2>
          <p className="mb-3 mt-1 text-ash">What is done here changes what others may do, so your password is asked again. It counts for five minutes.</p>
          <DoorForm
            label="Confirm"
            submit="Confirm"
            onSend={async (typed) => {
              const came = await act<Problem | null>('confirm-password', typed('password'))
              if (!came) {
                setProblem(null)
                router.refresh()
              }
              return came
            }}
          >
            <SecretField label="Your password" name="password" autoComplete="current-password" />
          </DoorForm>
        </section>
      )}
      <section aria-label="New" className="mt-5 rounded-card border border-hair bg-sheet p-5">
        <DoorForm
          key={made}
          label="Somebody new"
          submit="Make an invitation"
          onSend={async (typed) => {
            const wrong = took(typed('name'), await act<Invitation | Problem>('add-account', typed('name'), typed('login'), typed('role')))
            if (!wrong) setMade((n) => n + 1)
            return wrong
          }}
        >
          <div className="flex flex-wrap gap-4">
            <Field label="Name" className="min-w-52 grow">
              {(tie) => <input {...tie} name="name" autoComplete="off" maxLength={120} className={BOX} />}
            </Field>
            <Field label="Sign-in name" className="min-w-40">
              {(tie) => <input {...tie} name="login" autoComplete="off" autoCapitalize="off" spellCheck={false} maxLength={40} className={BOX} />}
            </Field>
            <Field label="May" className="min-w-40">
              {(tie) => (
                <Select {...tie} name="role" defaultValue="practitioner">
                  <Roles />
                </Select>
              )}
            </Field>
          </div>
        </DoorForm>
      </section>
      <ul className="mt-6" aria-label="People who sign in">
        {people.map((one) => (
          <li key={one.id} className="grid items-center gap-x-4 gap-y-2 border-t border-hair py-3 md:grid-cols-[minmax(13rem,1fr)_auto]">
            <div>
              <p className="font-semibold">
                {one.name}
                {one.id === own && <span className="font-normal text-ash"> (you)</span>}
              </p>
              <p className="text-ash">{standing(one)}</p>
            </div>
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2 md:justify-end">
              <div className="w-40 shrink-0">
                <Select
                  aria-label={`What ${one.name} may`}
                  value={one.role}
                  onChange={(e) => void ask(one.name, 'change-account', one.id, { role: e.target.value, open: one.open })}
                >
                  <Roles />
                </Select>
              </div>
              <Button onClick={() => void ask(one.name, 'invite-again', one.id)} disabled={!one.open}>
                New invitation
              </Button>
              {one.factor && <Button onClick={() => void ask(one.name, 'reset-factor', one.id)}>Remove second factor</Button>}
              {one.sessions > 0 && one.id !== own && <Button onClick={() => void ask(one.name, 'end-sessions', one.id)}>Sign out everywhere</Button>}
              <Button look={one.open ? 'stop' : 'plain'} onClick={() => void ask(one.name, 'change-account', one.id, { role: one.role, open: !one.open })}>
                {one.open ? 'Close the account' : 'Open the account again'}
              </Button>
            </div>
          </li>
        ))}
      </ul>
    </>
  )
}

function standing({ login, state, factor, open, sessions }: SomebodyShown): string {
  if (!open) return `${login}, may not sign in`
  if (state !== 'chosen') return `${login}, ${STATES[state]}`
  const signedIn = sessions === 0 ? 'not signed in' : sessions === 1 ? 'signed in once' : `signed in ${sessions} times`
  return [login, factor ? 'password and second factor' : 'password alone', signedIn].join(', ')
}

function Roles() {
  return (
    <>
      <option value="practitioner">practitioner</option>
      <option value="lead">lead</option>
      <option value="student">student</option>
    </>
  )
}
