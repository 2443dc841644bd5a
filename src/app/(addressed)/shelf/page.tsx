import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { ShelfScreen } from '@/screens/shelf/ShelfScreen'

export const metadata: Metadata = { title: 'Shelf' }

export default function Page() {
  return (
    <NuqsAdapter>
      <ShelfScreen />
    </NuqsAdapter>
  )
}
