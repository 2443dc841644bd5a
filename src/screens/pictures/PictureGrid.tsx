import { useWindowVirtualizer } from '@tanstack/react-virtual'
import Link from 'next/link'
import { useRef } from 'react'
import { PICTURE_WORDS } from '@/core/knowledge'
import { counted } from '@/core/model/counted'
import type { Picture } from '@/core/model/picture'
import { useWidth } from '@/ui/useWidth'
import { Thumb } from '../shared/picture/Thumb'

/** As wide as a picture of the grid is at least, px, and how high its row is. */
const CELL = { width: 200, phone: 150, height: 214, gap: 12 } as const
const PHONE = 500

/** Pictures in rows; only those near the window are laid out. */
export function PictureGrid({ pictures }: { pictures: readonly Picture[] }) {
  const box = useRef<HTMLDivElement>(null)
  const width = useWidth(box)
  const least = width < PHONE ? CELL.phone : CELL.width
  const across = Math.max(1, Math.floor((width + CELL.gap) / (least + CELL.gap)))
  const rows = width > 0 ? Math.ceil(pictures.length / across) : 0
  const shown = useWindowVirtualizer({
    count: rows,
    estimateSize: () => CELL.height,
    overscan: 2,
    scrollMargin: box.current?.offsetTop ?? 0,
  })
  return (
    <div ref={box} className="mt-3">
      <div className="relative" style={{ height: shown.getTotalSize() }}>
        {shown.getVirtualItems().map(({ index, start }) => (
          <ul
            key={index}
            className="absolute inset-x-0 grid gap-3"
            style={{
              top: start - shown.options.scrollMargin,
              gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
            }}
          >
            {pictures.slice(index * across, (index + 1) * across).map((picture) => (
              <li key={picture.id}>
                <Cell picture={picture} />
              </li>
            ))}
          </ul>
        ))}
      </div>
    </div>
  )
}

function Cell({ picture }: { picture: Picture }) {
  const { id, name, kind, pins = [] } = picture
  const open = pins.filter(({ state }) => state === 'wanted').length
  return (
    <Link href={`/pictures?id=${id}`} className="block hover:bg-act-wash">
      <Thumb id={id} say="" className="h-36 w-full" />
      <span className="block truncate pt-1 font-semibold">{name}</span>
      <span className="block truncate text-sm text-soft">
        {PICTURE_WORDS[kind]}
        {open > 0 && `, ${counted(open, 'pin')} to do`}
      </span>
    </Link>
  )
}
