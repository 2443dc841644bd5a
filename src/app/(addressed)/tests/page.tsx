import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { TestsScreen } from '@/screens/tests/TestsScreen'

export const metadata: Metadata = { title: 'Test pieces' }

export default function Page() {
  return (
    <NuqsAdapter>
      <TestsScreen />
    </NuqsAdapter>
  )
}
