import type { Metadata } from 'next'
import { STATEMENT } from '@/core/note/statement'
import { page } from '@/server/auth/page'
import { SiteHeader } from '@/ui/site-header'
import { TestList } from './lazily'

export const metadata: Metadata = { title: 'Library' }

export default page('/library', ({ who }) => {
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-6 pb-16">
        <TestList />
        <p className="mt-10 max-w-3xl text-sm text-ash">{STATEMENT}</p>
      </main>
    </>
  )
})
