'use client'

import { type ReactNode, useState } from 'react'
import { Button } from '../button'
import { Key } from '../key'
import { fetched } from '../fetched'
import { usePractice } from '../practice/context'
import { focusCard } from './give-focus'

const ScreenReply = fetched(() => import('../practice/screen-reply').then((m) => m.ScreenReply))

interface Props {
  /** The clinical name of the group. */
  readonly group: string
  /** The question, in the patient's words, and its number. */
  readonly ask: string
  readonly item: string
  /** Where one is: "14 of 65", "8 questions before this test". */
  readonly progress: string
  /** Questions of the group that one key may answer no together, this one among them; none where each is asked by itself. */
  readonly rest: readonly string[]
  readonly answered?: 'yes' | 'no' | undefined
  readonly onAnswer: (answer: 'yes' | 'no') => void
  readonly onRest: () => void
  /** The group was asked by somebody else. */
  readonly onElsewhere: (why: string) => void
  readonly children?: ReactNode
}

/** One question of the safety screen, read aloud, with its answers a key each: the same on its own screen and on the bench. */
export function QuestionStrip({ group, ask, item, progress, rest, answered, onAnswer, onRest, onElsewhere, children }: Props) {
  const [elsewhere, setElsewhere] = useState<string | null>(null)
  const practice = usePractice()
  return (
    <>
      <p className="mr-2 min-w-0 grow basis-96 sm:min-w-72" aria-live="polite">
        <span className="block text-sm text-ash">
          {group}. {progress}
        </span>
        <span className="font-serif text-[20px] italic">“{ask}”</span>
      </p>
      <Big onGive={() => onAnswer('no')} keyName="N" pressed={answered === 'no'}>
        No
      </Big>
      <Big onGive={() => onAnswer('yes')} keyName="Y" pressed={answered === 'yes'} stop>
        Yes
      </Big>
      {rest.length > 1 && (
        <Big onGive={onRest} keyName="R">
          No to these {String(rest.length)}
        </Big>
      )}
      {elsewhere === group ? (
        <form
          className="flex grow basis-72 gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            const why = new FormData(e.currentTarget).get('why')
            if (typeof why === 'string' && why.trim().length >= 3) {
              onElsewhere(why.trim())
              setElsewhere(null)
              focusCard()
            }
          }}
        >
          <input
            autoComplete="off"
            autoFocus
            name="why"
            maxLength={300}
            aria-label="Where it was asked, and by whom"
            placeholder="where, and by whom"
            className="min-h-14 min-w-0 grow rounded-card border border-ash bg-dust px-3 placeholder:text-ash"
          />
          <Button type="submit" size="large">
            Keep
          </Button>
        </form>
      ) : (
        <Button onClick={() => setElsewhere(group)} look="quiet" size="large">
          Asked elsewhere
        </Button>
      )}
      {children}
      {practice && <ScreenReply item={item} rest={rest} />}
    </>
  )
}

interface BigProps {
  readonly onGive: () => void
  readonly keyName: string
  readonly main?: boolean
  readonly stop?: boolean
  readonly pressed?: boolean
  readonly children: ReactNode
}

/** An answer big enough for an elbow. */
export function Big({ onGive, keyName, main = false, stop = false, pressed = false, children }: BigProps) {
  const look = main ? 'border-ink bg-ink text-dust' : stop ? 'border-halt text-halt' : 'border-ink'
  return (
    <button
      type="button"
      onClick={() => {
        focusCard()
        onGive()
      }}
      className={`min-h-[68px] min-w-32 rounded-card border-2 px-4 text-lg font-semibold ${look} ${pressed ? 'underline decoration-4 underline-offset-4' : ''}`}
    >
      {children} <Key>{keyName}</Key>
    </button>
  )
}
