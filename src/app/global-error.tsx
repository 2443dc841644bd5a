'use client'

import './globals.css'
import { Broken } from '@/screens/shell/Broken'

/** Everything failed: the data can still be taken out. */
export default function GlobalError({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <Broken what="Tectoria failed" why={error.message} onAgain={reset} />
      </body>
    </html>
  )
}
