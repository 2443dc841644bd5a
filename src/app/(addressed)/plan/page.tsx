import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { PlanScreen } from '@/screens/plan/PlanScreen'

export const metadata: Metadata = { title: 'Plan' }

export default function Page() {
  return (
    <NuqsAdapter>
      <PlanScreen />
    </NuqsAdapter>
  )
}
