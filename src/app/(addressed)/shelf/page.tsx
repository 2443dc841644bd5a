import type { Metadata } from 'next'
import { ShelfScreen } from '@/screens/shelf/ShelfScreen'

export const metadata: Metadata = { title: 'Shelf' }

export default function Page() {
  return <ShelfScreen />
}
