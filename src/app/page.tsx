import type { Metadata } from 'next'
import { BenchScreen } from '@/screens/bench/BenchScreen'

export const metadata: Metadata = { title: 'Bench · Tectoria' }

export default function Page() {
  return <BenchScreen />
}
