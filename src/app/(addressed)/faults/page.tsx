import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { FaultScreen } from '@/screens/faults/FaultScreen'

export const metadata: Metadata = { title: 'What went wrong?' }

export default function Page() {
  return (
    <NuqsAdapter>
      <FaultScreen />
    </NuqsAdapter>
  )
}
