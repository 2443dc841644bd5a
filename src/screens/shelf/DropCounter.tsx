'use client'

import { useState } from 'react'
import { Button } from '@/ui/Button'

/** Counts the drops of a bottle into a measure until 1 ml is full: a press each. */
export function DropCounter({ onCounted }: { onCounted: (drops: number) => void }) {
  const [drops, setDrops] = useState<number | null>(null)
  if (drops === null)
    return (
      <Button size="small" onClick={() => setDrops(0)}>
        Count drops to 1 ml
      </Button>
    )
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => setDrops(drops + 1)}>
        One drop more <strong aria-live="polite">{drops}</strong>
      </Button>
      <Button
        look="act"
        disabled={drops === 0}
        onClick={() => {
          onCounted(drops)
          setDrops(null)
        }}
      >
        1 ml is full
      </Button>
      <Button onClick={() => setDrops(null)}>Cancel</Button>
    </div>
  )
}
