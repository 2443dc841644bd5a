import type { Metadata } from 'next'
import { PlanScreen } from '@/screens/plan/PlanScreen'

export const metadata: Metadata = { title: 'Plan' }

export default function Page() {
  return <PlanScreen />
}
