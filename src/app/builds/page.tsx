import type { Metadata } from 'next'
import { BuildsScreen } from '@/screens/builds/BuildsScreen'

export const metadata: Metadata = { title: 'Builds' }

export default function Page() {
  return <BuildsScreen />
}
