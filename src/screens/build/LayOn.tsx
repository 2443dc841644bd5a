import type { Part } from '@/core/model/build'
import { cx } from '@/ui/cx'

/** The parts that what is laid now is for: ticked once, and so until they are ticked otherwise. */
export function LayOn({
  parts,
  own,
  chosen,
  onChoose,
}: {
  parts: readonly Part[]
  /** The part that is looked at. */
  own: string
  chosen: readonly string[]
  onChoose: (ids: string[]) => void
}) {
  if (parts.length < 2) return null
  const all = parts.map(({ id }) => id)
  const isAll = all.every((id) => chosen.includes(id))
  const toggle = (id: string) => {
    const next = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]
    onChoose(next.length > 0 ? all.filter((one) => next.includes(one)) : [own])
  }
  return (
    <fieldset className="mt-2 flex flex-wrap items-center gap-1">
      <legend className="float-left mr-2 pt-2 text-sm font-semibold text-soft">Lay it on</legend>
      <Chip on={isAll} onChange={() => onChoose(isAll ? [own] : all)}>
        All
      </Chip>
      {parts.map(({ id, name }) => (
        <Chip key={id} on={chosen.includes(id)} onChange={() => toggle(id)}>
          {name}
        </Chip>
      ))}
    </fieldset>
  )
}

function Chip({
  on,
  onChange,
  children,
}: {
  on: boolean
  onChange: () => void
  children: React.ReactNode
}) {
  return (
    <label
      className={cx(
        'flex min-h-9 cursor-pointer items-center rounded-tool border-2 px-2.5 text-sm has-focus-visible:outline-3 has-focus-visible:outline-act pointer-coarse:min-h-11',
        on ? 'border-act bg-act-wash font-semibold' : 'border-rule bg-raised',
      )}
    >
      <input type="checkbox" className="sr-only" checked={on} onChange={onChange} />
      {children}
    </label>
  )
}
