'use client'

import { useState } from 'react'
import { type Sent, sendFrames } from '@/ui/send-frames'

const SAID: Partial<Record<Sent, string>> = {
  lost: 'It did not arrive. Say it aloud, and try again.',
  nobody: 'Nobody is listening just now. Say it aloud.',
}

/** One big button, pressed when the own pain begins, and a strip for how strong it is. */
export function BellScreen({ code }: { readonly code: string }) {
  const [said, setSaid] = useState('Press when your own pain begins.')
  const send = async (device: string, value: number, done: string) => {
    const sent = await sendFrames(code, [{ t: performance.now(), channel: 'button', unit: '1', value, device }])
    setSaid(SAID[sent] ?? done)
  }
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col gap-5 px-5 py-6 text-lg">
      <h1 className="text-2xl">Bell</h1>
      <p role="status" className="text-ash">
        {said}
      </p>
      <button
        type="button"
        onClick={() => void send('bell', 1, 'Heard.')}
        className="min-h-[46dvh] grow rounded-[28px] border-4 border-ink bg-ink text-4xl font-semibold text-dust active:bg-lantern"
      >
        That is my pain
      </button>
      <fieldset>
        <legend className="mb-2 text-ash">How strong is it now?</legend>
        <div className="grid grid-cols-6 gap-2">
          {Array.from({ length: 11 }, (_, n) => (
            <button
              key={n}
              type="button"
              onClick={() => void send('bell rating', n, `${n} of 10.`)}
              className="min-h-14 rounded-card border-2 border-edge bg-sheet text-xl"
            >
              {n}
            </button>
          ))}
        </div>
      </fieldset>
    </main>
  )
}
