'use client'

import { useMemo } from 'react'
import {
  deltaE00,
  faceFor,
  hexOf,
  labOf,
  nearestPass,
  paintLaid,
  thicknessOf,
  underSheen,
  type Veil,
  veilSteps,
} from '@/core/colour'
import { defaultSheen, GLOSS_UNITS } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import { sayDuration } from '@/core/model/duration'
import { bottlePaint, waitBetween } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { number } from '@/ui/units'
import { addressNow } from '../shared/address'
import { isWithin, numberOf } from '../shared/fieldText'
import { useLatestClimate } from '../shared/useLatestClimate'
import { colourOf, useAddress } from './address'
import { ColourField } from './ColourField'
import { coatLaid, colouredPaints } from './coats'
import { FaceOfBuild } from './FaceOfBuild'
import { nearness, Surround } from './Judged'
import { Rings } from './Rings'
import { VeilFields } from './VeilFields'
import { type ShownPass, VeilStrip } from './VeilStrip'
import { MOST_VEILS, readVeils, type VeilDraft, writeVeils } from './veilAddress'

/** A wet film shines like gloss. */
const WET = 100
/** Passes to begin with. */
const PASSES = 3
/** Thin paints come first to mind. */
const THIN: readonly Bottle['role'][] = ['filter', 'wash', 'clear-colour', 'oil']

type ReadVeil = Veil & { bottle: Bottle }

/** The layers of an address; none: one to begin with. */
function veilsOf(text: string, first: Bottle | undefined): VeilDraft[] {
  const drafts = readVeils(text)
  return drafts.length > 0 || !first ? drafts : [fresh(first)]
}

/** Thin layers one after the other: the look after each pass, when to stop, what to begin with. */
export function Layers() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const paints = useMemo(() => colouredPaints(project.shelf ?? []), [project])
  const face = getColour('face', '#C9BFA2')
  const first = useMemo(() => firstOf(paints, face), [paints, face])
  const aim = colourOf(get('aim', ''))
  const veils = veilsOf(get('veils', ''), first)
  const change = (how: (veils: VeilDraft[]) => VeilDraft[]) =>
    set({ veils: writeVeils(how(veilsOf(addressNow('veils'), first))) })
  if (!first)
    return (
      <p className="border-y-2 border-rule py-6">
        There is no coloured bottle on the shelf. Put a filter, a wash or a clear colour there, and
        every pass of it is shown.
      </p>
    )
  const read = veils.map((veil) => readVeil(veil, paints))
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <ColourField label="Face" value={face} onChange={(next) => set({ face: next })} />
        <FaceOfBuild onFace={(next) => set({ face: next })} />
        {aim ? (
          <div>
            <ColourField label="Aim" value={aim} onChange={(next) => set({ aim: next })} />
            <Button size="small" look="quiet" onClick={() => set({ aim: '' })}>
              Aim at nothing
            </Button>
          </div>
        ) : (
          <Button onClick={() => set({ aim: face })}>Aim at a colour</Button>
        )}
        {veils.map((veil, i) => (
          <VeilFields
            // biome-ignore lint/suspicious/noArrayIndexKey: a layer is its place
            key={i}
            veil={veil}
            nth={i + 1}
            paints={paints}
            wrong={read[i] === null}
            onChange={(fields) =>
              change((all) => all.map((one, at) => (at === i ? { ...one, ...fields } : one)))
            }
            onRemove={veils.length > 1 ? () => change((all) => all.toSpliced(i, 1)) : null}
          />
        ))}
        {veils.length < MOST_VEILS && (
          <Button onClick={() => change((all) => [...all, fresh(first)])}>
            Add a layer over it
          </Button>
        )}
      </div>
      <Seen face={face} aim={aim} veils={read.filter((veil) => veil !== null)} />
    </div>
  )
}

/** The thin paint that shows most on a face: something is to be seen at once. */
function firstOf(paints: readonly Bottle[], face: string): Bottle | undefined {
  const thin = paints.filter((paint) => THIN.includes(paint.role))
  const apart = ({ colour }: Bottle) => deltaE00(labOf(colour ?? face), labOf(face))
  return (thin.length > 0 ? thin : [...paints]).sort((a, b) => apart(b) - apart(a))[0]
}

function fresh({ id, role }: Bottle): VeilDraft {
  const coat = role === 'clear-colour' ? 'light' : role === 'wash' ? 'wash' : 'filter'
  return { bottle: id, coat, percent: '', passes: PASSES }
}

/** null while its share of paint doesn't read. */
function readVeil(draft: VeilDraft, paints: readonly Bottle[]): ReadVeil | null {
  const bottle = paints.find((paint) => paint.id === draft.bottle) ?? paints[0]
  const coat = coatLaid(draft.coat)
  const percent = numberOf(draft.percent) ?? coat.share * 100
  if (!bottle || !isWithin(percent, 0.1, 100)) return null
  const thickness = thicknessOf(coat.wetUm, paintLaid(bottle, percent / 100))
  return { bottle, paint: bottlePaint(bottle), thickness, passes: draft.passes }
}

function Seen({
  face,
  aim,
  veils,
}: {
  face: string
  aim: string | null
  veils: readonly ReadVeil[]
}) {
  const climate = useLatestClimate()
  const passes = useMemo(
    () =>
      veilSteps(face, veils, aim ?? undefined).map((step): ShownPass => {
        const { bottle } = veils[step.veil] as ReadVeil
        const sheen = bottle.sheen ?? defaultSheen(bottle.family, bottle.role, false)
        const wet = hexOf(underSheen(step.colour, GLOSS_UNITS[sheen], WET))
        return { ...step, wet, name: bottle.name }
      }),
    [face, aim, veils],
  )
  const last = passes.at(-1)
  if (!last) return <p className="text-soft">Say how much paint is in it.</p>
  const nearest = aim === null ? null : nearestPass(face, passes, aim)
  return (
    <div className="min-w-0 space-y-6">
      <div>
        <p className="text-lg" aria-live="polite">
          {aim === null ? endWords(face, last) : stopWords(face, aim, passes, nearest as number)}
        </p>
        <p className="mt-1 mb-2 text-sm text-soft">
          Above as it dries, below while it is wet. Under each pass: ΔE00 from the bare face
          {aim === null ? '' : ', then from the aim'}.
        </p>
        <VeilStrip face={face} passes={passes} nearest={nearest} />
      </div>
      <BeginWith face={face} veils={veils} />
      <p>
        {waitWords(veils.map(({ bottle, passes: count }) => [waitBetween(bottle, climate), count]))}
      </p>
      <Rings face={face} passes={passes} />
    </div>
  )
}

function endWords(face: string, { colour, fromFace, lab }: ShownPass): string {
  const lift = lab.l - labOf(face).l
  const light =
    Math.abs(lift) < 0.05
      ? 'as light'
      : `L* ${number(Math.abs(lift), 1, true)} ${lift < 0 ? 'darker' : 'lighter'}`
  return `It ends at ${colour}, ΔE00 ${number(fromFace, 1, true)} from the face and ${light}.`
}

function stopWords(face: string, aim: string, passes: readonly ShownPass[], at: number): string {
  const bare = deltaE00(labOf(face), labOf(aim))
  const stop = passes[at]
  if (!stop)
    return `Lay none of it: the bare face is nearest, ΔE00 ${number(bare, 1, true)} from the aim.`
  const left = stop.toTarget ?? 0
  return `Stop after pass ${stop.pass} of ${stop.name}: ΔE00 ${number(left, 1, true)} from the aim, ${nearness(left)}.`
}

/** A face that comes out as this one is now. */
function BeginWith({ face, veils }: { face: string; veils: readonly Veil[] }) {
  const { colour, off } = useMemo(() => faceFor(face, veils), [face, veils])
  return (
    <p className="flex flex-wrap items-center gap-3">
      <Surround tight>
        <span className="block h-6 w-10" style={{ background: colour }} />
      </Surround>
      <span className="flex-1 basis-64">
        {off < 2
          ? `To end at the face’s own colour, begin with ${colour}.`
          : `No face ends at this colour under it: ${colour} comes nearest, and stays ΔE00 ${number(off, 1, true)} off. Bring the light back afterwards.`}
      </span>
    </p>
  )
}

/** Waits between passes; none after the last. */
function waitWords(waits: readonly (readonly [minutes: number | null, passes: number])[]): string {
  if (waits.some(([minutes]) => minutes === null))
    return 'One of them never dries so far that it may be gone over.'
  const each = waits.flatMap(([minutes, count]) => Array<number>(count).fill(minutes ?? 0))
  const all = each.slice(0, -1).reduce((sum, value) => sum + value, 0)
  return all === 0
    ? 'A single pass: nothing to wait for between.'
    : `Between the passes it dries ${sayDuration(Math.round(all))} in all, as the room is now.`
}
