'use client'

import { useState } from 'react'
import { COMMAND_IDS, COMMANDS, type Command, letterOf, type OwnKeys, withLetter } from '@/ui/exam/commands'
import { MOVES, type Move, useHands } from '@/ui/exam/hands'
import { Key } from '@/ui/key'
import { Button } from '@/ui/button'
import { Wide } from '@/ui/wide'
import { FoldTitle } from '@/ui/fold-title'

const WORDS: Record<Move, readonly [string, string]> = {
  next: ['Nothing, next', 'Space'],
  own: ['That is my pain', 'Enter'],
  stop: ['Stop', '.'],
  back: ['One step back', 'Backspace'],
}

/** How this device is operated with hands on the patient: pedal keys, voice, big answers. Kept on this device. */
export function HandsSettings() {
  const [hands, change] = useHands()
  const [learning, setLearning] = useState<Move | null>(null)
  const learn = (move: Move, key: string) => {
    const taken = MOVES.find((m) => m !== move && hands.pedal[m] === key)
    change({ pedal: { ...hands.pedal, ...(taken && { [taken]: '' }), [move]: key } })
    setLearning(null)
  }
  return (
    <section aria-labelledby="hands" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="hands" className="text-xl">
        Hands on the patient
      </h2>
      <p className="mt-1 text-ash">The whole bench runs from four keys, so a foot pedal or a presenter that types keys can do it. Kept on this device.</p>
      <Wide label="Keys and pedal">
        <table className="mt-3 w-full">
          <thead className="text-left text-sm text-ash">
            <tr>
              <th scope="col" className="font-normal">
                Move
              </th>
              <th scope="col" className="font-normal">
                Key
              </th>
              <th scope="col" className="font-normal">
                Pedal
              </th>
            </tr>
          </thead>
          <tbody>
            {MOVES.map((move) => (
              <tr key={move} className="border-t border-hair">
                <th scope="row" className="py-2 text-left font-semibold">
                  {WORDS[move][0]}
                </th>
                <td>
                  <Key>{WORDS[move][1]}</Key>
                </td>
                <td className="py-1">
                  <button
                    type="button"
                    onClick={() => setLearning(move)}
                    onBlur={() => setLearning(null)}
                    onKeyDown={(e) => {
                      if (learning !== move || e.key === 'Tab') return
                      e.preventDefault()
                      if (e.key === 'Escape') setLearning(null)
                      else learn(move, e.code.toLowerCase().replace(/^key|^digit/, ''))
                    }}
                    className="min-h-11 min-w-44 rounded-card border-2 border-edge px-3 text-left"
                  >
                    {learning === move ? 'Press the pedal now' : hands.pedal[move] === '' ? 'none: press to set' : hands.pedal[move]}
                  </button>
                  {hands.pedal[move] !== '' && (
                    <Button onClick={() => change({ pedal: { ...hands.pedal, [move]: '' } })} look="quiet" className="ml-2">
                      Remove
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <Letters own={hands.keys} onChange={(keys) => change({ keys })} />
      <div className="mt-4 space-y-2">
        <Switch on={hands.letters} onChange={(letters) => change({ letters })}>
          Single letters, digits and signs act on every screen; switched off, Space, Enter, Esc, ⌫, arrows and the pedal stay
        </Switch>
        <Switch on={hands.autoHold} onChange={(autoHold) => change({ autoHold })}>
          Time a hold by itself, three seconds after its stage has come
        </Switch>
        <Switch on={hands.voice} onChange={(voice) => change({ voice })}>
          Read the next instruction and question aloud
        </Switch>
        <Switch on={hands.big} onChange={(big) => change({ big })}>
          Bigger answers
        </Switch>
        <Switch on={hands.standIns} onChange={(standIns) => change({ standIns })}>
          Offer simulated devices outside the demo clinic, to practise; what they give is marked on the record
        </Switch>
      </div>
    </section>
  )
}

/** The letters of the bench, each of which can be another one. Two commands never share one: they change letters. */
function Letters({ own, onChange }: { readonly own: OwnKeys; readonly onChange: (keys: OwnKeys) => void }) {
  const [learning, setLearning] = useState<Command | null>(null)
  return (
    <details className="mt-4">
      <FoldTitle className="font-semibold">Letters of the bench</FoldTitle>
      <ul className="mt-1 grid gap-x-6 gap-y-1 sm:grid-cols-2">
        {COMMAND_IDS.map((id) => (
          <li key={id} className="flex items-center gap-3">
            <button
              type="button"
              aria-label={`Letter for: ${COMMANDS[id].words}, now ${letterOf(id, own).toUpperCase()}`}
              onClick={() => setLearning(id)}
              onBlur={() => setLearning(null)}
              onKeyDown={(e) => {
                if (learning !== id || e.key === 'Tab') return
                e.preventDefault()
                if (/^[a-z]$/i.test(e.key)) onChange(withLetter(id, e.key.toLowerCase(), own))
                setLearning(null)
              }}
              className="min-h-11 min-w-16 shrink-0 rounded-card border-2 border-edge px-2 font-semibold"
            >
              {learning === id ? 'press' : letterOf(id, own).toUpperCase()}
            </button>
            {COMMANDS[id].words}
          </li>
        ))}
      </ul>
      {Object.keys(own).length > 0 && (
        <Button onClick={() => onChange({})} className="mt-2">
          Restore the usual letters
        </Button>
      )}
    </details>
  )
}

function Switch({ on, onChange, children }: { readonly on: boolean; readonly onChange: (on: boolean) => void; readonly children: string }) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" checked={on} onChange={(e) => onChange(e.target.checked)} className="size-6 accent-ink" />
      {children}
    </label>
  )
}
