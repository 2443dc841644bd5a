import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import './globals.css'
import { Shell } from '@/screens/shell/Shell'
import { Ahead } from './Ahead'

export const metadata: Metadata = {
  title: { default: 'Tectoria', template: '%s · Tectoria' },
  description: 'Plans, clocks and mixes for people who finish display kits.',
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

/** Before the first paint: the theme that was chosen, else the system's. */
const THEME = `try{var t=localStorage.getItem('tectoria-theme')}catch(e){}
document.documentElement.dataset.theme=t==='light'||t==='dark'?t:matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light'`

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: THEME }}
        />
      </head>
      <body>
        <Ahead />
        <Shell demo={process.env.TECTORIA_DEMO === '1'}>{children}</Shell>
      </body>
    </html>
  )
}
