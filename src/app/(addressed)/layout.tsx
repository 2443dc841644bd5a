import { NuqsAdapter } from 'nuqs/adapters/next/app'
import type { ReactNode } from 'react'

/** Pages that keep what they show in their address. */
export default function AddressedLayout({ children }: { children: ReactNode }) {
  return <NuqsAdapter>{children}</NuqsAdapter>
}
