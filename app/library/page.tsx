import type { Metadata } from 'next'
import { connection } from 'next/server'
import { STATEMENT } from '@/core/note/statement'
import { pageWho } from '@/server/visitor'
import { SiteHeader } from '@/ui/site-header'
import { TestList } from './lazily'

export const metadata: Metadata = { title: 'Library' }

export default async function LibraryPage() {
  // Every page gets a nonce of its own, so none is made ahead of a request.
  await connection()
  return (
    <>
      <SiteHeader who={await pageWho()} />
      <main className="mx-auto max-w-6xl px-6 pb-16">
        <TestList />
        <p className="mt-10 max-w-3xl text-sm text-ash">{STATEMENT}</p>
      </main>
    </>
  )
}
