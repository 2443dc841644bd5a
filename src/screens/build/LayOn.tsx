import type { Part } from '@/core/model/build'

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
    <fieldset className="flex items-center gap-px lg:ml-auto lg:flex-wrap">
      <legend className="float-left mr-3 pt-3 text-sm font-semibold text-soft">For</legend>
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
    <label className="key flex min-h-11 cursor-pointer items-center px-3 text-sm has-focus-visible:outline-3 has-focus-visible:outline-act">
      <input type="checkbox" className="sr-only" checked={on} onChange={onChange} />
      {children}
    </label>
  )
}
