'use client'

import { useEffect } from 'react'
import { EDITION } from '@/core/edition'
import { STATEMENT } from '@/core/note/statement'
import { printable } from '@/core/vocabulary/printable'
import { editionWords } from '@/core/vocabulary/edition'

interface Props {
  /** Person, number and date, where the page is about somebody. */
  readonly about: string
  /** Which version of it this is. */
  readonly version: string
}

/**
 * What every page carries when it is printed: the person, the number, the date, page n of m, the version and the safety words.
 *
 * It stands in the margin of the page, so the browser counts the pages and repeats it on each.
 */
export function PrintFoot({ about, version }: Props) {
  useEffect(() => {
    if (typeof CSSStyleSheet === 'undefined' || !('replaceSync' in CSSStyleSheet.prototype) || !('adoptedStyleSheets' in document)) return
    const sheet = new CSSStyleSheet()
    sheet.replaceSync(footRules(about, version, new Date()))
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet]
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet)
    }
  }, [about, version])
  return null
}

/** The rules of the page's margin. The person's name is a text in them and can end nothing. */
export function footRules(about: string, version: string, now: Date): string {
  const printed = `Printed ${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}, ${two(now.getHours())}:${two(now.getMinutes())}`
  const left = [about, `${version === '' ? '' : `${version}; `}this program reads with ${editionWords(EDITION)}. ${printed}.`, STATEMENT].filter(Boolean)
  const font = 'font-family: sans-serif; font-size: 7.5pt; color: #5c564e; vertical-align: top; padding-top: 2mm;'
  return `@page { margin: 12mm 12mm 24mm; @bottom-left { content: ${left.map(asText).join(' "\\A" ')}; white-space: pre-wrap; text-align: left; width: 84%; ${font} } @bottom-right { content: "page " counter(page) " of " counter(pages); text-align: right; ${font} } }`
}

function two(n: number): string {
  return String(n).padStart(2, '0')
}

/** A text of a style sheet: quotes, backslashes and ends of lines in it are written by their numbers. */
function asText(text: string): string {
  return `"${printable(text).replace(/["\\\n<>{}]/g, (sign) => `\\${sign.charCodeAt(0).toString(16)} `)}"`
}
