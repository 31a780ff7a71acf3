'use client'

import Link from 'next/link'
import { useEffect, useMemo, useRef, useState } from 'react'
import { closedGates, isEveryday, unasked } from '@/core/safety/safety'
import { askedItems, type ScreenGroup } from '@/core/story/screen'
import { screenOrder } from '@/core/story/screen-order'
import { counted } from '@/core/vocabulary/sentence'
import { GatePanel } from '@/ui/exam/gate-panel'
import { QuestionStrip } from '@/ui/exam/question-strip'
import { useExam } from '@/ui/exam/store'
import { ScreenTitle } from '@/ui/screen-title'
import { useKeys } from '@/ui/exam/use-keys'
import { Key } from '@/ui/key'
import { bringIntoView } from '@/ui/bring-into-view'

/** The safety screen: one question at a time by single keys, with what each answer closes beside it at once. */
export function SafetyScreen() {
  const { exam, record, at: place } = useExam()
  const asked = askedItems(exam.screen)
  const groups = useMemo(() => screenOrder(exam), [exam])
  const items = groups.flatMap((group) => group.items.map((item) => ({ ...item, group }))).filter((item) => asked.some((a) => a.id === item.id))
  const firstOpen = items.findIndex((item) => exam.screen[item.id] === undefined)
  const [at, setAt] = useState(() => {
    const asked = items.findIndex((item) => item.id === window.location.hash.slice(1))
    return asked === -1 ? Math.max(0, firstOpen) : asked
  })
  const rows = useRef(new Map<string, HTMLElement>())
  const list = useRef<HTMLDivElement>(null)
  const here = items[at]
  const gates = closedGates(exam).filter((c) => !isEveryday(c))
  const open = unasked(exam)
  const halted = gates.some((c) => c.gate.strength === 'halt' && c.opened === null)

  useEffect(() => {
    if (here) bringIntoView(rows.current.get(here.id), list.current)
  }, [here])

  const answer = (index: number, said: 'yes' | 'no') => {
    const item = items[index]
    if (item && record([{ type: 'screen-answered', item: item.id, answer: said }])) setAt(Math.min(items.length - 1, index + 1))
  }
  const restNo = () => {
    if (!here || here.group.singly) return
    const rest = here.group.items.filter((item) => exam.screen[item.id] === undefined).map((item) => item.id)
    if (rest.length > 0 && record([{ type: 'screen-rest-no', group: here.group.id, items: rest }])) {
      const last = items.findLastIndex((item) => item.group === here.group)
      setAt(Math.min(items.length - 1, last + 1))
    }
  }
  const enabled = !exam.signed
  const done = (group: ScreenGroup) => items.filter((i) => i.group === group && exam.screen[i.id] !== undefined).length
  const restHere = here && !here.group.singly ? here.group.items.filter((item) => exam.screen[item.id] === undefined).map((item) => item.id) : []
  const KEYS: Readonly<Record<string, () => void>> = {
    y: () => answer(at, 'yes'),
    n: () => answer(at, 'no'),
    r: restNo,
    arrowdown: () => setAt(Math.min(items.length - 1, at + 1)),
    arrowup: () => setAt(Math.max(0, at - 1)),
    ...(halted && { l: () => document.getElementById('to-letter')?.click() }),
  }
  useKeys(({ key }) => {
    const act = KEYS[key]
    if (!act) return false
    act()
    return true
  }, enabled)

  return (
    <main className="grid min-h-0 flex-1 grid-cols-1 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="flex min-h-0 flex-col">
        <div ref={list} role="group" aria-label="Questions" tabIndex={0} className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-6">
          <div className="flex flex-wrap items-baseline gap-4">
            <ScreenTitle className="text-2xl">Safety</ScreenTitle>
            <p className="text-ash" role="status">
              {open === 0 ? 'Every question is answered.' : `${counted(open, 'question')} not asked yet`}
            </p>
            <p className="ml-auto hidden items-center gap-2 text-sm text-ash md:flex">
              <Key>Y</Key> yes <Key>N</Key> no <Key>R</Key> no to the rest of the group <Key>↑</Key> <Key>↓</Key>
            </p>
          </div>
          <ol aria-label="Groups" className="mt-3 flex flex-wrap gap-1.5 text-sm">
            {groups.map((group) => {
              const of = items.filter((i) => i.group === group).length
              const first = items.findIndex((i) => i.group === group)
              return (
                <li key={group.id}>
                  <button
                    type="button"
                    aria-current={here?.group === group ? 'step' : undefined}
                    onClick={() => setAt(first)}
                    className={`min-h-11 rounded-full border px-3 ${here?.group === group ? 'border-lantern bg-glow font-semibold' : 'border-edge'}`}
                  >
                    {group.name}{' '}
                    <span className="figures">
                      {done(group)}/{of}
                    </span>
                  </button>
                </li>
              )
            })}
          </ol>
          {groups.map((group) => (
            <section key={group.id} aria-label={group.name} className="mt-5 max-w-4xl">
              <h2 className="text-lg">
                {group.name}
                {group.singly && <span className="ml-2 font-sans text-sm text-ash">each by itself</span>}
              </h2>
              <ul className="mt-1 divide-y divide-hair rounded-card border border-hair bg-sheet">
                {group.items
                  .filter((item) => asked.some((a) => a.id === item.id))
                  .map((item) => {
                    const index = items.findIndex((i) => i.id === item.id)
                    const said = exam.screen[item.id]
                    return (
                      <li
                        key={item.id}
                        ref={(node) => {
                          if (node) rows.current.set(item.id, node)
                        }}
                        aria-current={index === at ? 'true' : undefined}
                        className={`flex items-center gap-3 px-4 py-1.5 ${index === at ? 'bg-glow' : ''}`}
                      >
                        <span className="grow text-[17px]">{item.ask}</span>
                        {said === undefined && <span className="hidden text-sm text-ash sm:inline">not asked</span>}
                        <Answer label={`Yes: ${item.ask}`} chosen={said === 'yes'} off={!enabled} onChoose={() => answer(index, 'yes')} halt>
                          yes
                        </Answer>
                        <Answer label={`No: ${item.ask}`} chosen={said === 'no'} off={!enabled} onChoose={() => answer(index, 'no')}>
                          no
                        </Answer>
                      </li>
                    )
                  })}
              </ul>
            </section>
          ))}
        </div>
        {here && enabled && (
          <div role="group" aria-label="Ask now" className="flex flex-wrap items-center gap-3 border-t border-hair bg-sheet px-4 py-3 sm:px-6">
            <QuestionStrip
              group={here.group.name}
              ask={here.ask}
              item={here.id}
              progress={`${at + 1} of ${items.length}`}
              rest={restHere}
              answered={exam.screen[here.id]}
              onAnswer={(said) => answer(at, said)}
              onRest={restNo}
              onElsewhere={(why) => record([{ type: 'screen-elsewhere', group: here.group.id, why }])}
            />
          </div>
        )}
      </div>
      <aside aria-label="What the answers close" tabIndex={0} className="overflow-y-auto border-t border-hair bg-sheet px-6 py-5 lg:border-l lg:border-t-0">
        <h2 className="text-xl">What the answers close</h2>
        {halted && (
          <Link
            id="to-letter"
            href={place('letter')}
            className="mt-3 inline-flex min-h-12 items-center gap-2 rounded-card border-2 border-halt px-5 text-lg font-semibold text-halt"
          >
            Referral letter <Key>L</Key>
          </Link>
        )}
        {gates.length === 0 && <p className="mt-2 text-ash">Nothing so far. What was not asked clears nothing.</p>}
        {gates.map((closed) => (
          <GatePanel key={closed.gate.id} closed={closed} />
        ))}
        <Link href={place('bench')} className="mt-6 inline-flex min-h-12 items-center rounded-card bg-ink px-6 text-lg font-semibold text-dust">
          To the bench
        </Link>
      </aside>
    </main>
  )
}

interface AnswerProps {
  readonly label: string
  readonly chosen: boolean
  readonly off: boolean
  readonly onChoose: () => void
  readonly halt?: boolean
  readonly children: string
}

function Answer({ label, chosen, off, onChoose, halt = false, children }: AnswerProps) {
  const look = chosen ? (halt ? 'border-halt bg-halt text-sheet' : 'border-ink bg-ink text-dust') : 'border-edge'
  return (
    <button
      type="button"
      aria-label={label}
      aria-pressed={chosen}
      disabled={off}
      onClick={(e) => {
        e.currentTarget.blur()
        onChoose()
      }}
      className={`min-h-11 w-16 shrink-0 rounded-card border-2 font-semibold ${look}`}
    >
      {children}
    </button>
  )
}
