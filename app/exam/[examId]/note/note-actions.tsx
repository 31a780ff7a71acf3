'use client'

import { useState } from 'react'
import { useExam } from '@/ui/exam/store'
import { useSigning } from './use-signing'

/** Own words until signing, addenda after it. */
export function NoteActions() {
  const { exam, record } = useExam()
  return exam.signed ? <Addendum onWrite={(text) => record([{ type: 'addendum-written', text }])} /> : <OwnWords key={exam.ownWords} />
}

function OwnWords() {
  const { exam, record } = useExam()
  const { signing, sign } = useSigning()
  const [asking, setAsking] = useState(false)
  return (
    <>
      <label className="block">
        <span className="mb-1 block text-lg font-semibold">Your own words</span>
        <textarea
          defaultValue={exam.ownWords}
          rows={7}
          maxLength={20000}
          onBlur={(e) => {
            if (e.target.value !== exam.ownWords) record([{ type: 'note-written', text: e.target.value }])
          }}
          className="w-full rounded-card border border-hair bg-sheet px-3 py-2"
        />
        <span className="text-sm text-ash">Kept apart from what is generated. Saved when you leave the field.</span>
      </label>
      {asking ? (
        <div className="rounded-card border border-ink bg-sheet px-4 py-3">
          <p>What is read now is kept as it stands. After signing nothing here changes any more; addenda can be added.</p>
          <div className="mt-3 flex gap-3">
            <button type="button" disabled={signing} onClick={() => void sign()} className="min-h-11 rounded-card bg-ink px-5 font-semibold text-dust">
              {signing ? 'Signing' : 'Sign it'}
            </button>
            <button type="button" onClick={() => setAsking(false)} className="min-h-11 rounded-card border border-hair px-4">
              Not yet
            </button>
          </div>
        </div>
      ) : (
        <button type="button" onClick={() => setAsking(true)} className="min-h-12 rounded-card bg-ink px-6 font-semibold text-dust">
          Sign
        </button>
      )}
    </>
  )
}

function Addendum({ onWrite }: { readonly onWrite: (text: string) => boolean }) {
  const [text, setText] = useState('')
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (text.trim() && onWrite(text.trim())) setText('')
      }}
    >
      <p className="mb-3 font-semibold">Signed. It takes addenda only.</p>
      <label className="block">
        <span className="mb-1 block">Addendum</span>
        <textarea
          value={text}
          onChange={(e) => setText(e.target.value)}
          rows={4}
          maxLength={5000}
          className="w-full rounded-card border border-hair bg-sheet px-3 py-2"
        />
      </label>
      <button type="submit" disabled={!text.trim()} className="mt-2 min-h-11 rounded-card bg-ink px-5 font-semibold text-dust disabled:opacity-50">
        Add it
      </button>
    </form>
  )
}
