'use client'

import { ChevronDown } from 'lucide-react'
import { useId, useState } from 'react'
import { Button } from '../button'
import { AsideList } from './aside-list'
import { useExam } from './store'

/**
 * Entries that could not join the record: what they said, why they could not, and what can be done with them. Nothing is lost.
 *
 * One line until it is opened, so that whatever is on the table keeps its place.
 */
export function SetAsidePanel() {
  const { exam, link, entries, answerAgain, letGo } = useExam()
  const [open, setOpen] = useState(false)
  const list = useId()
  const { aside } = link
  const one = aside.length === 1
  return (
    <section aria-label="Set aside" className="no-print mx-6 mt-2 rounded-card border-l-[6px] border-halt bg-sheet px-4 py-1.5">
      <div className="flex flex-wrap items-center gap-x-4">
        <p role="alert" className="flex-1">
          <strong>{one ? '1 entry' : `${aside.length} entries`}</strong> could not join the record and {one ? 'is' : 'are'} kept on this device.{' '}
          <span className="text-ash">{aside[0]?.why}</span>
        </p>
        <Button look="quiet" aria-expanded={open} aria-controls={list} onClick={() => setOpen(!open)}>
          {open ? 'Close' : `Read ${one ? 'it' : 'them'}`} <ChevronDown size={16} aria-hidden="true" className={open ? 'rotate-180' : ''} />
        </Button>
      </div>
      <div id={list} hidden={!open} className="pb-2">
        <AsideList aside={aside} record={entries()} onLetGo={(ids) => void letGo(ids)}>
          {exam.signed ? (
            <p className="text-ash">The examination is signed: what still counts goes into an addendum on the note.</p>
          ) : (
            <Button onClick={() => void answerAgain(aside.map((a) => a.id))}>Record {one ? 'it' : 'them'} again</Button>
          )}
        </AsideList>
      </div>
    </section>
  )
}
