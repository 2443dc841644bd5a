import type { Metadata } from 'next'
import { ChoicesScreen } from '@/screens/handbook/ChoicesScreen'

export const metadata: Metadata = { title: 'Finishing choices' }

export default function Page() {
  return <ChoicesScreen />
}
