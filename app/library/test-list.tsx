'use client'

import { Search } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { CATALOGUE } from '@/core/catalogue'
import type { ExamTest } from '@/core/catalogue/exam-test'
import { POSTURE_WORDS, POSTURES } from '@/core/vocabulary/posture'
import { counted } from '@/core/vocabulary/sentence'
import { ScreenTitle } from '@/ui/screen-title'

/** Every test, found by any of its names, its posture or what it loads. */
export function TestList() {
  const [wanted, setWanted] = useState('')
  const words = wanted.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const found = CATALOGUE.filter((test) => words.every((word) => textOf(test).includes(word)))
  return (
    <>
      <div className="mb-6 mt-7 flex flex-wrap items-end gap-4">
        <ScreenTitle className="mr-auto text-3xl">Library</ScreenTitle>
        <p className="self-center text-ash" role="status">
          {counted(found.length, 'test')}
        </p>
        <label className="flex min-h-11 items-center gap-2 rounded-card border border-edge bg-sheet px-3">
          <Search size={18} aria-hidden="true" className="text-ash" />
          <span className="sr-only">Find by name, posture or structure</span>
          <input
            autoComplete="off"
            value={wanted}
            onChange={(e) => setWanted(e.target.value)}
            placeholder="Name, posture or structure"
            className="quiet-focus w-64 bg-transparent py-2 placeholder:text-ash"
          />
        </label>
      </div>
      {POSTURES.map((posture) => {
        const here = found.filter((test) => test.posture === posture)
        return (
          here.length > 0 && (
            <section key={posture} aria-label={POSTURE_WORDS[posture]} className="mb-7">
              <h2 className="mb-2 text-lg text-ash">{POSTURE_WORDS[posture]}</h2>
              <ul className="grid gap-3 md:grid-cols-2">
                {here.map((test) => (
                  <li key={test.id}>
                    <Link href={`/library/${test.id}`} className="block h-full rounded-card border border-hair bg-sheet px-5 py-3 hover:border-lantern">
                      <span className="text-lg font-semibold">{test.name}</span>
                      <span className="ml-2 text-ash">{test.alsoCalled.join(', ')}</span>
                      <span className="mt-1 block">{test.purpose}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )
        )
      })}
      {found.length === 0 && <p className="rounded-card border border-dashed border-hair px-5 py-4 text-ash">No test here fits that.</p>}
    </>
  )
}

function textOf(test: ExamTest): string {
  return [test.name, ...test.alsoCalled, POSTURE_WORDS[test.posture], test.region, ...test.structures, test.purpose].join(' ').toLowerCase()
}
