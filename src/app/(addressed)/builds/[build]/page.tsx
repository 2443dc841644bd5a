import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { BuildScreen } from '@/screens/build/BuildScreen'

export const metadata: Metadata = { title: 'Build' }

export default function Page() {
  return (
    <NuqsAdapter>
      <BuildScreen />
    </NuqsAdapter>
  )
}
