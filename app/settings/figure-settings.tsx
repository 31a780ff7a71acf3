'use client'

import { RadioGroup } from 'radix-ui'
import { fetched } from '@/ui/fetched'
import { BUILDS, TONE_COLOURS, TONES, useAppearance } from '@/ui/figure/appearance'

// The drawing brings the catalogue with it: it comes after the page.
const FigurePreview = fetched(() => import('./figure-preview').then((m) => m.FigurePreview), { waiting: <div className="h-40 w-72" /> })

const CHIP =
  'flex min-h-11 items-center gap-2 rounded-full border border-edge px-4 data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-dust'

/** How the patient is drawn on this device: it changes no measure and says nothing of the person on the table. */
export function FigureSettings() {
  const [{ tone, build }, change] = useAppearance()
  return (
    <section aria-labelledby="figure" className="mt-6 min-h-72 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="figure" className="text-xl">
        The drawn patient
      </h2>
      <p className="mt-1 text-ash">Only the drawing: no measure and no result depends on it. Kept on this device.</p>
      <div className="mt-3 flex flex-wrap items-center gap-6">
        <div className="space-y-3">
          <RadioGroup.Root
            aria-label="Skin tone"
            value={tone}
            onValueChange={(value) => change({ tone: TONES.find((t) => t === value) ?? tone })}
            className="flex flex-wrap gap-2"
          >
            {TONES.map((t) => (
              <RadioGroup.Item key={t} value={t} className={CHIP}>
                <span
                  aria-hidden="true"
                  data-mark=""
                  className="size-4 rounded-full border border-edge"
                  style={{ background: TONE_COLOURS[t]?.skin ?? 'var(--skin)' }}
                />
                {t}
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
          <RadioGroup.Root
            aria-label="Build"
            value={build}
            onValueChange={(value) => change({ build: BUILDS.find((b) => b === value) ?? build })}
            className="flex flex-wrap gap-2"
          >
            {BUILDS.map((b) => (
              <RadioGroup.Item key={b} value={b} className={CHIP}>
                {b}
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
        </div>
        <FigurePreview describes={`The drawn patient, ${tone}, ${build}`} />
      </div>
    </section>
  )
}
