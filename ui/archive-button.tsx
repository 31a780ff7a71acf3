'use client'

import { Archive } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Button } from './button'

interface Progress {
  readonly done: number
  readonly of: number
  readonly state: 'writing' | 'written' | 'failed'
}

/** How often a window asks how far its archive is, in milliseconds. */
const ASK_MS = 700

/** Saves an archive and says how far it is while it is written. */
export function ArchiveButton({ href, words }: { readonly href: string; readonly words: string }) {
  const [name, setName] = useState<string | null>(null)
  const [progress, setProgress] = useState<Progress | null>(null)
  const over = progress !== null && progress.state !== 'writing'
  useEffect(() => {
    if (name === null || over) return
    const timer = setInterval(() => {
      fetch(`/exchange/archive/progress?as=${name}`)
        .then(async (answer) => {
          if (answer.ok) setProgress((await answer.json()) as Progress)
        })
        .catch(() => undefined)
    }, ASK_MS)
    return () => clearInterval(timer)
  }, [name, over])
  const save = () => {
    const as = crypto.randomUUID()
    setProgress(null)
    setName(as)
    const link = document.createElement('a')
    link.href = `${href}?as=${as}`
    link.download = ''
    link.click()
  }
  return (
    <div className="mt-3 flex flex-wrap items-center gap-4">
      <Button onClick={save} disabled={name !== null && !over}>
        <Archive size={18} aria-hidden="true" /> {words}
      </Button>
      {name !== null && (
        <p role="status" className="flex items-center gap-3">
          {progress?.state === 'writing' && (
            <progress aria-label="Examinations in the archive" value={progress.done} max={Math.max(1, progress.of)} className="w-40" />
          )}
          {told(progress)}
        </p>
      )}
    </div>
  )
}

function told(progress: Progress | null): string {
  if (!progress) return 'Beginning.'
  const { done, of, state } = progress
  if (state === 'writing') return `${done} of ${of} examinations.`
  if (state === 'written') return `Saved: ${done} of ${of} examinations.`
  return 'It was not finished: what was saved has no end and cannot be opened. Nothing here was changed; begin again.'
}
