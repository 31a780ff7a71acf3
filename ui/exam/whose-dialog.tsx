'use client'

import { useRouter } from 'next/navigation'
import { type SubmitEvent, useRef, useState } from 'react'
import { v7 } from 'uuid'
import { correctPerson, mergePeople, moveExam } from './put-right'
import { type NewPersonFields, newPersonIssues } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { Button } from '../button'
import { Dialog } from '../dialog'
import { BOX, Field } from '../field'
import { ProblemNotice } from '../problem-notice'
import { PersonChoice } from '../person-choice'
import { type PersonErrors, PersonFields } from '../person-fields'
import type { ListedPerson } from '../use-people-rows'
import { Students } from './students'

/** A person as the header knows them. */
export interface NamedPerson {
  readonly id: string
  readonly number: number
  readonly name: string
  readonly born: string | null
  readonly work: string
}

interface Props {
  readonly examId: string
  readonly person: NamedPerson
  readonly signed: boolean
  readonly onClose: () => void
}

const WRONGS = [
  { id: 'detail', words: 'Name, date of birth or work is wrong' },
  { id: 'person', words: 'This examination belongs to somebody else' },
  { id: 'twice', words: 'The same person is here under another number too' },
] as const
type Wrong = (typeof WRONGS)[number]['id']

const SHORTEST = 3

/** Puts right whose an examination is. What the record says stays; what is changed is told in it, with the reason. */
export function WhoseDialog({ examId, person, signed, onClose }: Props) {
  const router = useRouter()
  const [wrong, setWrong] = useState<Wrong>('detail')
  const [fields, setFields] = useState<NewPersonFields>({ name: person.name, born: person.born ?? '', work: person.work })
  const [somebody, setSomebody] = useState<NewPersonFields | null>(null)
  const [other, setOther] = useState<ListedPerson | null>(null)
  const [why, setWhy] = useState('')
  const [errors, setErrors] = useState<PersonErrors>({})
  const [said, setSaid] = useState<string | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [busy, setBusy] = useState(false)
  // Made once for each thing that is asked for, so that sending it twice changes once, and something else is never taken for it.
  const made = useRef(new Map<string, string>())
  const idOf = (...asked: readonly unknown[]): string => {
    const key = JSON.stringify(asked)
    const id = made.current.get(key) ?? v7()
    made.current.set(key, id)
    return id
  }

  const send = (): Promise<Problem | null> | null => {
    if (wrong === 'detail') return correctPerson(idOf(wrong, fields), person.id, fields, why)
    if (wrong === 'twice') return other && mergePeople(idOf(wrong, other.id), person.id, other.id, why)
    if (somebody) return moveExam(idOf(wrong, somebody), examId, idOf('person', somebody), somebody, why)
    return other && moveExam(idOf(wrong, other.id), examId, other.id, null, why)
  }
  const keep = async () => {
    const written = wrong === 'detail' ? fields : wrong === 'person' ? somebody : null
    const found = written ? newPersonIssues(written, Date.now()) : {}
    setErrors(found)
    const missing = why.trim().length < SHORTEST ? 'Write why; it stays on the record.' : null
    setSaid(missing)
    if (Object.keys(found).length > 0 || missing !== null) return
    setBusy(true)
    try {
      const refused = await (send() ??
        Promise.resolve({ what: 'Nobody is chosen yet.', kept: 'Nothing was changed.', do: 'Type a name or a number, and choose.' }))
      setProblem(refused)
      if (refused) return
      router.refresh()
      onClose()
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'What you typed is still here.', do: 'Press Put right again; it changes once only.' })
    } finally {
      setBusy(false)
    }
  }
  const submit = (e: SubmitEvent) => {
    e.preventDefault()
    if (!busy) void keep()
  }
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`${person.name}, number ${person.number}`} width="w-[44rem]">
      <form noValidate onSubmit={submit} className="mt-3 grid gap-4">
        <fieldset>
          <legend className="font-semibold">What is wrong?</legend>
          {WRONGS.map(({ id, words }) => (
            <label key={id} className="flex min-h-11 items-center gap-3">
              <input
                type="radio"
                name="wrong"
                checked={wrong === id}
                onChange={() => {
                  setWrong(id)
                  setOther(null)
                  setSomebody(null)
                }}
                className="size-5 accent-[var(--lantern)]"
              />
              {words}
            </label>
          ))}
        </fieldset>
        {wrong === 'detail' && <PersonFields fields={fields} errors={errors} onChange={setFields} />}
        {wrong === 'person' && somebody && <PersonFields fields={somebody} errors={errors} onChange={setSomebody} />}
        {wrong !== 'detail' && !somebody && (
          <PersonChoice label={wrong === 'person' ? 'Whose is it?' : 'Their other number'} not={person.id} chosen={other} onChoose={setOther} />
        )}
        {wrong === 'person' && (
          <Button look="quiet" className="justify-self-start" onClick={() => setSomebody(somebody ? null : { name: '', born: '', work: '' })}>
            {somebody ? 'Choose somebody who is here' : 'Somebody who is not here yet'}
          </Button>
        )}
        <p className="text-ash">{consequence(wrong, person, other, signed)}</p>
        <Field label="Why" error={said ?? undefined}>
          {(tie) => <input autoComplete="off" {...tie} value={why} maxLength={300} onChange={(e) => setWhy(e.target.value)} className={BOX} />}
        </Field>
        {problem && <ProblemNotice problem={problem} />}
        <div className="flex gap-3">
          <Button type="submit" look="main" disabled={busy}>
            Put right
          </Button>
          <Button onClick={onClose}>Close</Button>
        </div>
      </form>
      <Students examId={examId} />
      <p className="mt-4 border-t border-hair pt-3">
        <a href={`/person/${person.id}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
          Everything about this person
        </a>
      </p>
    </Dialog>
  )
}

function consequence(wrong: Wrong, person: NamedPerson, other: ListedPerson | null, signed: boolean): string {
  if (wrong === 'detail') return 'Ages follow the date of birth in every examination that is not signed; a signed one keeps its words and gets an addendum.'
  if (wrong === 'twice')
    return `Every examination of number ${person.number} is filed under ${other ? `number ${other.number}` : 'the other number'} from then on. What only one of the two entries knows is kept.`
  return signed
    ? 'The signed note keeps every word; an addendum says whom it was opened for and where it is filed.'
    : 'Everything recorded stays, with a line that says whom it was opened for. The age follows the person.'
}
