'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Zone } from '@/core/model/zone'
import { Button } from '@/ui/Button'
import { Choose } from '@/ui/Choose'
import { TextField } from '@/ui/Field'
import { numberOf } from '../../shared/fieldText'

/** Joins the chosen zone with another one, or parts it at a height. */
export function ZoneTools({
  zone,
  others,
  canPart,
  onPanel,
  onJoin,
  onPart,
}: {
  zone: Zone
  others: readonly Zone[]
  /** Only what is drawn by a mesh can be parted. */
  canPart: boolean
  /** Where the zone is tried on the panel. */
  onPanel: string
  onJoin: (other: Zone) => void
  onPart: (share: number) => void
}) {
  const [percent, setPercent] = useState('50')
  const share = numberOf(percent)
  const isShare = typeof share === 'number' && share > 0 && share < 100
  return (
    <div className="mt-2 flex flex-wrap items-end gap-4">
      <Link href={onPanel} className="key inline-flex min-h-11 items-center px-4">
        {zone.name} on the panel
      </Link>
      {others.length > 0 && (
        <div className="w-52">
          <Choose
            label={`${zone.name} takes in`}
            value=""
            choices={[
              { value: '', say: 'No other zone' },
              ...others.map(({ id, name }) => ({ value: id, say: name })),
            ]}
            onChoose={(id) => {
              const other = others.find((one) => one.id === id)
              if (other) onJoin(other)
            }}
          />
        </div>
      )}
      {canPart && (
        <div className="flex items-end gap-2">
          <div className="w-48">
            <TextField
              label="Part it at a height"
              unit="%"
              inputMode="decimal"
              value={percent}
              error={isShare ? null : 'Enter 1 to 99'}
              onChange={({ target }) => setPercent(target.value)}
            />
          </div>
          <Button size="small" disabled={!isShare} onClick={() => isShare && onPart(share / 100)}>
            Part it
          </Button>
        </div>
      )}
    </div>
  )
}
