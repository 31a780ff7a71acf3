'use client'

import { useState } from 'react'
import { openPoints } from '@/core/note/open-points'
import { useExam } from '@/ui/exam/store'
import { useTextDraft } from '@/ui/exam/use-draft'
import { WordsBox } from '../words-box'
import { LateSafetyForm } from './late-safety-form'
import { useSigning } from './use-signing'
import { WaitingSignature } from './waiting-signature'
import { Button } from '@/ui/button'

/** Own words until signing, addenda after it. */
export function NoteActions() {
  const { exam, record } = useExam()
  return (
    <>
      <WaitingSignature />
      {exam.signed ? (
        <div>
          <Addendum onWrite={(text) => record([{ type: 'addendum-written', text }])} />
          <LateSafetyForm />
        </div>
      ) : (
        <OwnWords key={exam.ownWords} />
      )}
    </>
  )
}

function OwnWords() {
  const { exam, record } = useExam()
  const { signing, sign } = useSigning()
  const [text, write, done] = useTextDraft(`own words ${exam.id}`, exam.ownWords)
  const [asking, setAsking] = useState(false)
  const open = asking ? openPoints(exam) : []
  return (
    <>
      <WordsBox
        label="Your own words"
        labelled="text-lg font-semibold"
        hint="Kept apart from what is generated. Recorded when you leave the field; kept on this device until then."
        value={text}
        rows={7}
        maxLength={20000}
        onWords={write}
        onBlur={() => {
          if (text === exam.ownWords || record([{ type: 'note-written', text }])) done()
        }}
      />
      {asking ? (
        <div className="rounded-card border border-ink bg-sheet px-4 py-3">
          {open.length > 0 && (
            <div className="mb-3 border-l-[6px] border-lantern pl-3">
              <p className="font-semibold">Still open:</p>
              <ul className="list-disc pl-5">
                {open.map((point) => (
                  <li key={point}>{point}</li>
                ))}
              </ul>
            </div>
          )}
          <p>What is read now is kept as it stands. After signing nothing here changes any more; addenda can be added.</p>
          <div className="mt-3 flex gap-3">
            <Button disabled={signing} onClick={() => void sign()} look="main">
              {signing ? 'Signing' : open.length > 0 ? 'Sign it as it is' : 'Sign it'}
            </Button>
            <Button onClick={() => setAsking(false)}>Not yet</Button>
          </div>
        </div>
      ) : (
        <Button onClick={() => setAsking(true)} look="main">
          Sign
        </Button>
      )}
    </>
  )
}

function Addendum({ onWrite }: { readonly onWrite: (text: string) => boolean }) {
  const { exam } = useExam()
  const [text, write, done] = useTextDraft(`addendum ${exam.id}`, '')
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (text.trim() && onWrite(text.trim())) {
          write('')
          done()
        }
      }}
    >
      <p className="mb-3 font-semibold">Signed. It takes addenda, and what is told about safety.</p>
      <WordsBox label="Addendum" value={text} rows={4} maxLength={5000} onWords={write} />
      <Button type="submit" disabled={!text.trim()} look="main" className="mt-2">
        Add it
      </Button>
    </form>
  )
}
