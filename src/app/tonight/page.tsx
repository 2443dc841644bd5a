import type { Metadata } from 'next'
import { SessionScreen } from '@/screens/tonight/SessionScreen'

export const metadata: Metadata = { title: 'Session card' }

export default function Page() {
  return <SessionScreen />
}
