import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { PicturesScreen } from '@/screens/pictures/PicturesScreen'

export const metadata: Metadata = { title: 'Pictures' }

export default function Page() {
  return (
    <NuqsAdapter>
      <PicturesScreen />
    </NuqsAdapter>
  )
}
