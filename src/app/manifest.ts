import type { MetadataRoute } from 'next'

/** What it is called and how it looks where it was installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Tectoria',
    short_name: 'Tectoria',
    description: 'Plans, clocks and mixes for people who finish display kits.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#e8e8e8',
    theme_color: '#e8e8e8',
    icons: [
      { src: '/icons/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png' },
      {
        src: '/icons/icon-maskable-512.png',
        sizes: '512x512',
        type: 'image/png',
        purpose: 'maskable',
      },
    ],
    shortcuts: [
      { name: 'Tonight', url: '/tonight' },
      { name: 'Mix', url: '/mix' },
    ],
  }
}
