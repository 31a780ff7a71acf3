import type { ReactNode } from 'react'
import { ScreenTitle } from '../screen-title'
import { ThemeSwitch } from '../theme-switch'

/** A page at a door: the name of the program, what is asked, and nothing of anybody. */
export function DoorPage({ title, words, children }: { readonly title: string; readonly words: ReactNode; readonly children: ReactNode }) {
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-md flex-col gap-5 px-6 py-6">
      <div className="flex items-center justify-between">
        <p className="font-serif text-xl font-semibold">Dust Lantern</p>
        <ThemeSwitch />
      </div>
      <div className="my-auto rounded-card border border-hair bg-sheet p-6">
        <ScreenTitle className="text-3xl">{title}</ScreenTitle>
        <div className="mb-5 mt-2 text-ash">{words}</div>
        {children}
      </div>
      <p className="text-sm text-ash">Dust Lantern supports a licensed practitioner. It does not diagnose.</p>
    </main>
  )
}
