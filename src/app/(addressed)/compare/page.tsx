import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { CompareScreen } from '@/screens/compare/CompareScreen'

export const metadata: Metadata = { title: 'Side by side' }

export default function Page() {
  return (
    <NuqsAdapter>
      <CompareScreen />
    </NuqsAdapter>
  )
}
