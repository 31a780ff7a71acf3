import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { DRILLS, isDrill } from '@/core/trainer/drills/drill'
import { counted } from '@/core/vocabulary/sentence'
import { drillAnswersOf } from '@/db/queries/drills'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { Textures } from '@/ui/textures'
import { DrillScreen } from '../lazily'

export const metadata: Metadata = { title: 'Drill' }

export default page('/practice/drill/[drill]', ({ who, params: { drill }, db }) => {
  if (!isDrill(drill)) notFound()
  const answers = drillAnswersOf(db, who.id).filter((a) => a.drill === drill)
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
})
