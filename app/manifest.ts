import type { MetadataRoute } from 'next'

/** What a device is told that installs the program. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Dust Lantern',
    short_name: 'Dust Lantern',
    description: 'Guides provocation and neurodynamic tests, keeps the record, applies the cluster rules and shows the doubt.',
    id: '/today',
    start_url: '/today',
    scope: '/',
    display: 'standalone',
    background_color: '#f2ede4',
    theme_color: '#f2ede4',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  }
}
