'use client'

import type { BenchTool } from '@/core/model/tool'
import type { Wear } from '@/core/stock'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { about } from '@/ui/units'

/** One tool or pack, how far it is used up, and one use more. */
export function ToolRow({
  wear,
  onUse,
  onRemove,
}: {
  wear: Wear
  onUse: () => void
  onRemove: () => void
}) {
  const { tool, low } = wear
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1.5">
      <span className="min-w-0 flex-1 basis-40">
        <span className="block">
          <span className="font-semibold">{tool.name}</span>{' '}
          <span className="text-soft">{sizeWords(tool)}</span>
        </span>
        <span className={cx('block text-sm', low ? 'font-semibold text-risk' : 'text-soft')}>
          {wearWords(wear)}
        </span>
      </span>
      <Button size="small" onClick={onUse}>
        Used once
      </Button>
      <Button size="small" onClick={onRemove}>
        Remove the tool
      </Button>
    </li>
  )
}

/** Its kind, unless its name says that, and its size. */
function sizeWords({ name, kind, sizeMm, holdsMl }: BenchTool): string {
  const said = name.toLowerCase().includes(kind)
  const size =
    holdsMl === undefined ? sizeMm && `${about(sizeMm, 'mm', 2)}` : `${about(holdsMl, 'ml', 2)}`
  return [said ? '' : kind, size ?? ''].filter(Boolean).join(', ')
}

function wearWords({ used, left, low }: Wear): string {
  const said = used === 0 ? 'not used yet' : used === 1 ? 'used once' : `used ${used} times`
  if (left === null) return said
  if (left === 0) return `${said}: worn out`
  return `${said}, ${left} left${low ? ': see to a new one' : ''}`
}
