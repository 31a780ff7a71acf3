'use client'

import { useState } from 'react'
import { type OwnTurn, turnSeconds } from '@/core/planner/price'
import { POSTURE_WORDS, POSTURES } from '@/core/vocabulary/posture'
import { chooseForClinic } from './actions'
import { SavedNote } from './saved-note'
import { useSaving } from './use-saving'
import { Wide } from '@/ui/wide'

/** Seconds it takes to turn a person, from each posture to each other: the planner prices turns with it. */
export function TurnsSettings({ own }: { readonly own: readonly OwnTurn[] }) {
  const saving = useSaving()
  const [turns, setTurns] = useState(own)
  const table = turnSeconds(turns)
  const change = (turn: OwnTurn) => {
    const next = [...turns.filter((t) => t.from !== turn.from || t.to !== turn.to), turn]
    setTurns(next)
    void saving.save((id) => chooseForClinic(id, 'turns', next))
  }
  return (
    <section aria-labelledby="turns" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="turns" className="text-xl">
        Turning a person over
      </h2>
      <p className="mt-1 text-ash">Seconds from one posture (row) to another (column). The shipped ones are assumptions.</p>
      <Wide label="Seconds between positions">
        <table className="mt-2 text-left">
          <thead className="text-sm text-ash">
            <tr>
              <th scope="col" className="pr-4 font-normal">
                From
              </th>
              {POSTURES.map((to) => (
                <th key={to} scope="col" className="pr-2 font-normal">
                  {POSTURE_WORDS[to]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {POSTURES.map((from) => (
              <tr key={from}>
                <th scope="row" className="pr-4 font-normal">
                  {POSTURE_WORDS[from]}
                </th>
                {POSTURES.map((to) => (
                  <td key={to} className="pr-2">
                    {from === to ? (
                      <span className="text-ash">–</span>
                    ) : (
                      <input
                        autoComplete="off"
                        aria-label={`Seconds from ${POSTURE_WORDS[from].toLowerCase()} to ${POSTURE_WORDS[to].toLowerCase()}`}
                        defaultValue={table[from][to]}
                        inputMode="numeric"
                        onBlur={(e) => {
                          const seconds = Number(e.target.value)
                          if (Number.isInteger(seconds) && seconds >= 0 && seconds !== table[from][to]) change({ from, to, seconds })
                          else e.target.value = String(table[from][to])
                        }}
                        className="min-h-11 w-20 rounded-card border border-edge bg-dust px-2"
                      />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Wide>
      <SavedNote saving={saving} />
    </section>
  )
}
