import type { Metadata } from 'next'
import { MixScreen } from '@/screens/mix/MixScreen'

export const metadata: Metadata = { title: 'Mix' }

export default function Page() {
  return <MixScreen />
}
