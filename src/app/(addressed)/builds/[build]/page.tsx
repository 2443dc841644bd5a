import type { Metadata } from 'next'
import { BuildScreen } from '@/screens/build/BuildScreen'

export const metadata: Metadata = { title: 'Build' }

export default function Page() {
  return <BuildScreen />
}
