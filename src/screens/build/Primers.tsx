import { useMemo } from 'react'
import { type PrimerChoiceOf, primerChoice } from '@/core/builds'
import type { Bottle } from '@/core/model/bottle'
import type { Build, Part } from '@/core/model/build'
import { Swatch } from '@/ui/Swatch'
import { listed } from '../shared/words'

/** Which primer of the shelf goes under which zone; nothing where there is none to choose. */
export function Primers({
  build,
  part,
  shelf,
}: {
  build: Build
  part: Part
  shelf: readonly Bottle[]
}) {
  const found = useMemo(() => primerChoice(build, part, shelf), [build, part, shelf])
  if (!found) return null
  const { primers, plan } = found
  const used = [...new Set(plan.by)]
  return (
    <section className="mt-4">
      <h3 className="font-semibold">Which primer under it</h3>
      <ul aria-label="Primers by zone" className="mt-1 flex flex-wrap gap-x-6 gap-y-2">
        {used.map((primer) => (
          <li key={primer} className="flex items-center gap-2">
            <Swatch colour={primers[primer]?.colour} />
            <span>
              <span className="block leading-tight">{primers[primer]?.name}</span>
              <span className="block text-sm text-soft">{underWords(found, primer)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The zones that a primer is for, and the coats of colour over it. */
function underWords({ zones, plan }: PrimerChoiceOf, primer: number): string {
  const own = zones.flatMap(({ name }, i) => (plan.by[i] === primer ? [{ name, i }] : []))
  const counts = own.map(
    ({ i }) => plan.ranked[i]?.find((one) => one.primer === primer)?.coats ?? 0,
  )
  const [least, most] = [Math.min(...counts), Math.max(...counts)]
  const coats = least === most ? String(least) : `${least} to ${most}`
  const names = own.map(({ name }) => name.toLowerCase())
  const said = names.length > 3 ? [...names.slice(0, 2), `${names.length - 2} more`] : names
  return `${listed(said)}; ${coats} ${most === 1 ? 'coat' : 'coats'} of colour over it`
}
