import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { SiteHeader } from '@/ui/site-header'
import { AsideScreen } from './aside-screen'
import { ScreenTitle } from '@/ui/screen-title'

export const metadata: Metadata = { title: 'Set aside' }

export default page('/aside', ({ who }) => {
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-4xl px-6 pb-16">
        <ScreenTitle className="mb-2 mt-7 text-3xl">Set aside on this device</ScreenTitle>
        <p className="text-ash">
          Entries that could not join their record: read them, write down what still counts, and let them go. They stay here until then.
        </p>
        <AsideScreen />
      </main>
    </>
  )
})
