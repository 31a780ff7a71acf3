'use client'

import { Upload } from 'lucide-react'
import Link from 'next/link'
import { useRef, useState } from 'react'
import { Button } from '@/ui/button'
import { Choice } from '@/ui/choice'
import { saveHere } from '@/ui/save-here'
import { Wide } from '@/ui/wide'
import type { Brought, ToBring } from './bring'
import { fetched } from '@/ui/fetched'

const WhoseFile = fetched(() => import('@/app/today/whose-file').then((m) => m.WhoseFile))

/** What became of one part of a file. */
interface Row {
  readonly part: ToBring
  readonly came: Brought
}

const BECAME: Readonly<Record<Brought['as'], string>> = {
  taken: 'taken',
  known: 'here already',
  asked: 'waits: whose is it?',
  refused: 'refused',
  'not-answered': 'not taken',
}

/** Brings many files in: each examination whole or not at all, with a line on what became of it. */
export function BringInMany() {
  const input = useRef<HTMLInputElement>(null)
  const [join, setJoin] = useState<'ask' | 'same'>('ask')
  const [rows, setRows] = useState<readonly Row[]>([])
  const [working, setWorking] = useState<{ readonly done: number; readonly of: number } | null>(null)
  const [asking, setAsking] = useState<number | null>(null)
  const bring = async (files: readonly File[]) => {
    // Files that are dropped meanwhile would take the place of those under way.
    if (working !== null) return
    // The readers of files are large, and come with the first file.
    const { bringPart, partsIn } = await import('./bring')
    setRows([])
    const found: Row[] = []
    for (const file of files) {
      const parts = await partsIn(file)
      for (const [i, part] of parts.entries()) {
        setWorking({ done: i, of: parts.length })
        found.push({ part, came: part.kind === 'wrong' ? { as: 'refused', what: part.what } : await bringPart(part, join === 'same' ? 'same' : null) })
        setRows([...found])
      }
    }
    setWorking(null)
    if (input.current) input.current.value = ''
  }
  const answer = async (at: number, person: string) => {
    setAsking(null)
    const row = rows[at]
    if (!row || row.part.kind === 'wrong') return
    const { bringPart } = await import('./bring')
    const came = await bringPart(row.part, person)
    setRows((now) => now.with(at, { ...row, came }))
  }
  const asked = asking === null ? null : rows[asking]
  const count = (as: Brought['as']) => rows.filter((r) => r.came.as === as).length
  return (
    <section aria-labelledby="bring-in" className="mt-4 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="bring-in" className="text-xl">
        Import files
      </h2>
      <p className="mt-1 text-ash">
        Exam files, everything of a person, an archive of this program, or FHIR R4 (a Patient, or a bundle). Each examination is taken whole or not at all,
        marked for ever as imported; authors and signatures in it are what the file says.
      </p>
      <p className="mt-3">When somebody of the same name is here</p>
      <Choice
        name="When somebody of the same name is here"
        className="mt-1"
        value={join}
        options={[
          { id: 'ask', words: 'Ask me for each' },
          { id: 'same', words: 'Join them where name and day of birth are the same' },
        ]}
        onChange={setJoin}
      />
      <label
        className="mt-3 flex min-h-24 cursor-pointer items-center justify-center gap-3 rounded-card border-2 border-dashed border-ash px-4 focus-within:outline-3 focus-within:outline-lantern"
        onDragOver={(e) => e.preventDefault()}
        onDrop={(e) => {
          e.preventDefault()
          void bring([...e.dataTransfer.files])
        }}
      >
        <Upload size={20} aria-hidden="true" /> Choose files, or drop them here
        <input
          ref={input}
          type="file"
          multiple
          accept="application/json,.json,.zip,application/zip"
          className="sr-only"
          disabled={working !== null}
          onChange={(e) => void bring([...(e.target.files ?? [])])}
        />
      </label>
      <p role="status" className="mt-3">
        {working
          ? `Importing ${working.done + 1} of ${working.of}.`
          : rows.length > 0 &&
            `${count('taken')} taken, ${count('known')} here already, ${count('asked')} waiting for an answer, ${count('refused') + count('not-answered')} refused.`}
      </p>
      {rows.length > 0 && (
        <>
          <Wide label="What became of each file">
            <table className="mt-2 w-full text-left">
              <thead className="text-sm text-ash">
                <tr>
                  <th scope="col" className="pr-4 font-normal">
                    File
                  </th>
                  <th scope="col" className="pr-4 font-normal">
                    What became of it
                  </th>
                  <th scope="col" className="font-normal">
                    More
                  </th>
                </tr>
              </thead>
              <tbody>
                {rows.map((row, i) => (
                  <tr key={i} className="border-t border-hair align-top">
                    <td className="py-1 pr-4">{row.part.where}</td>
                    <td className={`py-1 pr-4 ${row.came.as === 'taken' || row.came.as === 'known' ? '' : 'font-semibold'}`}>{BECAME[row.came.as]}</td>
                    <td className="py-1">
                      <More row={row} onAsk={() => setAsking(i)} />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Wide>
          <Button className="mt-3" onClick={() => saveHere(reportOf(rows), 'text/plain', 'imported.txt')}>
            Save this report
          </Button>
        </>
      )}
      {asked?.came.as === 'asked' && asking !== null && (
        <WhoseFile choose={asked.came.choose} onChoose={(person) => void answer(asking, person)} onClose={() => setAsking(null)} />
      )}
    </section>
  )
}

function More({ row: { came }, onAsk }: { readonly row: Row; readonly onAsk: () => void }) {
  switch (came.as) {
    case 'taken':
    case 'known':
      return (
        <Link
          href={came.examId === null ? `/person/${came.personId ?? ''}` : `/exam/${came.examId}/note`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          Open it
        </Link>
      )
    case 'asked':
      return <Button onClick={onAsk}>Say whose it is</Button>
    case 'refused':
    case 'not-answered':
      return <>{came.what}</>
  }
}

function detailOf(came: Brought): string {
  if ('what' in came) return came.what
  return 'examId' in came ? (came.examId ?? came.personId ?? '') : ''
}

function reportOf(rows: readonly Row[]): string {
  return `${rows.map(({ part, came }) => [part.where, BECAME[came.as], detailOf(came)].join('\t')).join('\n')}\n`
}
