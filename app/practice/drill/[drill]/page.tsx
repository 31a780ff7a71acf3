import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { connection } from 'next/server'
import { DRILLS, isDrill } from '@/core/trainer/drills/drill'
import { counted } from '@/core/vocabulary/sentence'
import { db } from '@/db'
import { drillAnswersOf } from '@/db/queries/drills'
import { pageWho } from '@/server/visitor'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { Textures } from '@/ui/textures'
import { DrillScreen } from '../lazily'

export const metadata: Metadata = { title: 'Drill' }

interface Props {
  readonly params: Promise<{ drill: string }>
}

export default async function DrillPage({ params }: Props) {
  await connection()
  const { drill } = await params
  if (!isDrill(drill)) notFound()
  const who = await pageWho()
  const answers = drillAnswersOf(db(), who.id).filter((a) => a.drill === drill)
  return (
    <>
      <SiteHeader who={who} />
      <Textures />
      <main className="mx-auto max-w-4xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">{DRILLS[drill].name}</ScreenTitle>
        <p className="mt-1 text-ash">
          {DRILLS[drill].what} {counted(DRILLS[drill].questions, 'question')}, about {DRILLS[drill].minutes} minutes; stop whenever you like.
        </p>
        <DrillScreen drill={drill} answers={answers} />
      </main>
    </>
  )
}
