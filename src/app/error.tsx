'use client'

import { Broken } from '@/screens/shell/Broken'

/** A screen that failed: the rail, the other screens and the data are still there. */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return <Broken what="This screen failed" why={error.message} onAgain={reset} />
}
