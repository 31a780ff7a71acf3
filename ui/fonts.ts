import localFont from 'next/font/local'

/**
 * The two faces of the application, shipped with it and asked for with the page itself.
 *
 * The letters that stand in until they have come take the same room, so nothing moves when they do. Letters beyond the Latin alphabet come
 * from the style sheet, when a name needs them.
 */
export const sans = localFont({
  src: '../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  display: 'swap',
  variable: '--face-sans',
  adjustFontFallback: 'Arial',
})

export const serif = localFont({
  src: '../node_modules/@fontsource-variable/literata/files/literata-latin-wght-normal.woff2',
  weight: '200 900',
  display: 'swap',
  variable: '--face-serif',
  adjustFontFallback: 'Times New Roman',
})
