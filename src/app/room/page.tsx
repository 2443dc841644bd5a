import type { Metadata } from 'next'
import { RoomScreen } from '@/screens/room/RoomScreen'

export const metadata: Metadata = { title: 'Room' }

export default function Page() {
  return <RoomScreen />
}
