import type { Metadata } from 'next'
import { SettingsScreen } from '@/screens/settings/SettingsScreen'

export const metadata: Metadata = { title: 'Settings and data' }

export default function Page() {
  return <SettingsScreen />
}
