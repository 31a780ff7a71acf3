import type { Metadata } from 'next'
import { cookies, headers } from 'next/headers'
import type { ReactNode } from 'react'
import { Nonce } from '@/ui/nonce'
import { sans, serif } from '@/ui/fonts'
import { Palette } from '@/ui/palette'
import './globals.css'

export const metadata: Metadata = { title: { default: 'Dust Lantern', template: '%s · Dust Lantern' } }

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? ''
  const theme = (await cookies()).get('theme')?.value
  return (
    <html lang="en" className={`${sans.variable} ${serif.variable}`} data-theme={theme === 'day' || theme === 'lamp' ? theme : undefined}>
      <body>
        <Nonce nonce={nonce} />
        {children}
        <Palette />
      </body>
    </html>
  )
}
