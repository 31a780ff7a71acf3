import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { connection } from 'next/server'
import { UUID } from '@/core/record/shapes'
import { emptyCase } from '@/core/trainer/case-file/file'
import { db } from '@/db'
import { writtenCase } from '@/db/queries/practice-sets'
import { pageWho } from '@/server/visitor'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { CaseEditor } from '../lazily'

export const metadata: Metadata = { title: 'A written case' }

interface Props {
  readonly params: Promise<{ code: string }>
}

export default async function CasePage({ params }: Props) {
  await connection()
  const { code } = await params
  if (!UUID.test(code)) notFound()
  const who = await pageWho()
  const found = writtenCase(db(), code)
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">{found?.file.title ?? 'A new case'}</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">What you give stands; what you leave open is drawn. The person on the right is who comes of it.</p>
        <CaseEditor code={code} file={found?.file ?? emptyCase('back', code.slice(-6))} isKept={found !== undefined} />
      </main>
    </>
  )
}
