import Link from 'next/link'
import { ScreenTitle } from '@/ui/screen-title'

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl p-10">
      <ScreenTitle className="text-3xl">Nothing here under this address</ScreenTitle>
      <p className="mt-3 text-ash">Nothing was changed, and every record is where it was.</p>
      <p className="mt-6">
        <Link href="/today" className="font-semibold text-lantern-text underline">
          Go to Today
        </Link>
      </p>
    </main>
  )
}
