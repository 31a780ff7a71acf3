'use client'

import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { findTests } from '@/core/catalogue/search'
import { Dialog } from './dialog'
import { type Hit, SearchList } from './search-list'
import { usePeople } from './use-people'

interface Place extends Hit {
  readonly at: string
}

const SCREENS: readonly (readonly [string, string])[] = [
  ['Today', '/today'],
  ['Library', '/library'],
  ['Practice', '/practice'],
  ['Classes of practice', '/practice/classes'],
  ['Audit', '/audit'],
  ['Import and export', '/exchange'],
  ['Settings', '/settings'],
  ['Evidence register', '/settings/evidence'],
  ['Rules of this clinic', '/settings/rules'],
  ['Set aside on this device', '/aside'],
]
const OF_EXAM = ['Story', 'Safety', 'Bench', 'Weigh', 'Recheck', 'Note', 'Letter', 'Summary'] as const
/** Tests and people each take so many lines at most. */
const SHOWN = 6

/** Screens of this examination first, then the others, people and pages of tests. */
export function PaletteDialog({ onClose }: { readonly onClose: () => void }) {
  const router = useRouter()
  const path = usePathname()
  const [wanted, setWanted] = useState('')
  const people = usePeople(wanted)
  const exam = /^\/exam\/([^/]+)\//.exec(path)?.[1]
  const find = (typed: string): readonly Place[] => {
    const needle = typed.trim().toLowerCase()
    const screens = [
      ...(exam ? OF_EXAM.map((words) => ({ words, at: `/exam/${exam}/${words.toLowerCase()}`, kind: 'this examination' })) : []),
      ...SCREENS.map(([words, at]) => ({ words, at, kind: 'screen' })),
    ]
      .filter(({ words, at }) => at !== path && words.toLowerCase().includes(needle))
      .map((s) => ({ ...s, key: s.at }))
    if (needle === '') return screens
    const tests = [...new Map(findTests(needle).map(({ test }) => [test.id, test])).values()].slice(0, SHOWN)
    return [
      ...screens,
      ...people.slice(0, SHOWN).map((p) => ({ key: p.examId, words: p.words, kind: 'person', at: `/exam/${p.examId}/bench` })),
      ...tests.map((test) => ({ key: test.id, words: test.name, kind: 'test, in the library', at: `/library/${test.id}` })),
    ]
  }
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="Go to">
      <SearchList
        label="A screen, a person or a test"
        placeholder="weigh, a name, thigh thrust …"
        none="Nothing is called that."
        find={find}
        onType={setWanted}
        onChoose={({ at }) => {
          onClose()
          router.push(at)
        }}
      />
    </Dialog>
  )
}
