import type { Metadata } from 'next'
import { LibraryScreen } from '@/screens/library/LibraryScreen'

export const metadata: Metadata = { title: 'Techniques' }

export default function Page() {
  return <LibraryScreen />
}
