'use client'

import { exactParts, sayRatio, wholeParts } from '@/core/mixing'
import { type GradedWashes, type LiningQuestion, washGradient } from '@/core/shelf'
import { number } from '@/ui/units'
import { Surround } from './Judged'

const PLACES = [
  { place: 'high', say: 'High up' },
  { place: 'low', say: 'Low down' },
  { place: 'deep', say: 'In the deepest lines' },
] as const

/** Heights that a gradient is mixed for. */
const HEIGHTS = 5

/** A set that shades by height, and the mixes between its upper and its lower wash. */
export function Graded({ set, question }: { set: GradedWashes; question: LiningQuestion }) {
  const { face } = question
  const bands = washGradient(set, question, HEIGHTS)
  return (
    <div className="mb-5">
      <h2 className="font-display text-lg font-semibold">A graded set</h2>
      <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-2" aria-label="A graded set">
        {PLACES.map(({ place, say }) => (
          <li key={place} className="flex items-center gap-3">
            <Surround tight>
              <Line face={face} line={set[place].line} height={28} />
            </Surround>
            <span>
              <span className="block text-sm text-soft">{say}</span>
              <span className="block font-semibold">{set[place].bottle.name}</span>
            </span>
          </li>
        ))}
      </ul>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">
          From the top down, mixed along the way
        </summary>
        <ol className="mt-1 max-w-xl" aria-label="Mixes from the top down">
          {bands.map(({ low, line, deltaE00 }, i) => (
            <li key={low} className="flex items-center gap-4 border-b border-rule py-1">
              <Surround tight>
                <Line face={face} line={line} height={20} />
              </Surround>
              <span className="flex-1">
                {mixWords(set.high.bottle.name, set.low.bottle.name, i, bands.length - 1)}
              </span>
              <span>ΔE00 {number(deltaE00, 1, true)}</span>
            </li>
          ))}
        </ol>
      </details>
    </div>
  )
}

function Line({ face, line, height }: { face: string; line: string; height: number }) {
  return (
    <svg width="44" height={height} role="img" aria-label={`Line ${line}`}>
      <rect width="44" height={height} fill={face} />
      <rect x="18" width="8" height={height} fill={line} />
    </svg>
  )
}

/** Parts of the upper and of the lower wash at a height, the top one 0. */
function mixWords(upper: string, lower: string, height: number, last: number): string {
  if (height === 0) return upper
  if (height === last) return lower
  return sayRatio([upper, lower], wholeParts(exactParts([last - height, height])))
}
