'use client'

import { wholePage } from '@/ui/doors/door'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { Dialog } from '@/ui/dialog'
import { DoorForm } from '@/ui/doors/door-form'
import { SecretField } from '@/ui/doors/secret-field'
import { ProblemNotice } from '@/ui/problem-notice'

interface Shown {
  readonly name: string
  readonly when: string
  readonly size: string
  readonly encrypted: boolean
}

/** Makes a backup now, and puts one in the place of the data. */
export function BackupDesk({ backups }: { readonly backups: readonly Shown[] }) {
  const router = useRouter()
  const [problem, setProblem] = useState<Problem | null>(null)
  const [making, setMaking] = useState(false)
  const [chosen, setChosen] = useState<Shown | null>(null)
  const make = async () => {
    setMaking(true)
    setProblem(null)
    try {
      setProblem(await act<Problem | null>('backup-now'))
      router.refresh()
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'Earlier backups are where they were.', do: 'Try again in a moment.' })
    } finally {
      setMaking(false)
    }
  }
  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <Button look="main" disabled={making} onClick={() => void make()}>
          {making ? 'Making a backup' : 'Make a backup now'}
        </Button>
        {problem && <ProblemNotice problem={problem} onClose={() => setProblem(null)} />}
      </div>
      {backups.length === 0 ? (
        <p className="mt-5">None yet.</p>
      ) : (
        <ul className="mt-5" aria-label="Backups">
          {backups.map((backup) => (
            <li key={backup.name} className="flex flex-wrap items-center gap-x-6 gap-y-1 border-t border-hair py-2">
              <span className="figures min-w-72">{backup.when}</span>
              <span className="figures text-ash">{backup.size}</span>
              {backup.encrypted && <span className="text-ash">encrypted</span>}
              <Button look="quiet" className="ml-auto" onClick={() => setChosen(backup)}>
                Restore<span className="sr-only"> the backup of {backup.when}</span>
              </Button>
            </li>
          ))}
        </ul>
      )}
      {chosen && (
        <Dialog open onOpenChange={(open) => !open && setChosen(null)} title="Restore this backup?" width="w-[36rem]">
          <p className="my-3">
            Everything is as it was on {chosen.when}. What was recorded since is moved aside with a backup of its own, and is not in the clinic any more.
            Everybody signs in again, and what waits on devices is sent then.
          </p>
          <DoorForm
            label="Restore"
            submit="Restore it"
            beside={<Button onClick={() => setChosen(null)}>Close</Button>}
            onSend={async (typed) => {
              const wrong = await act<Problem | null>('restore-backup', chosen.name, typed('identity'))
              if (!wrong) wholePage('/sign-in')
              return wrong
            }}
          >
            {chosen.encrypted && <SecretField label="Secret key (AGE-SECRET-KEY-…)" name="identity" autoComplete="off" />}
          </DoorForm>
        </Dialog>
      )}
    </>
  )
}
