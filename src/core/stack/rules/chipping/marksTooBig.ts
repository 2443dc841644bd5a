import { SMALLEST_MARK } from '../../../knowledge/limits'
import { REAL_SIZES } from '../../../knowledge/realSizes'
import type { Act } from '../../../model/vocabulary'
import type { Rule } from '../finding'

const INSTEAD: Partial<Record<Act, { act: Act; say: string }>> = {
  'chip-sponge': { act: 'chip-brush', say: 'Paint the chips with a fine liner' },
  pencil: { act: 'chip-brush', say: 'Paint the chips with a fine liner' },
}

/** The smallest mark of the tool stands for more at this scale than any chip or scratch has. Note. Source: handbook 2.6, 10.1. */
export const marksTooBig: Rule = {
  name: 'marks-too-big',
  timing: false,
  judge: ({ step, setting, index, resolved }) => {
    const scale = setting.sequence.scale
    const kind = resolved.row.marks
    const mark = SMALLEST_MARK[step.do]
    if (scale === undefined || !kind || mark === undefined) return null
    const real = mark * scale
    if (real <= REAL_SIZES[kind].to) return null
    const other = INSTEAD[step.do]
    const finer = other && (SMALLEST_MARK[other.act] ?? 0) * scale <= REAL_SIZES[kind].to
    return {
      severity: 'note',
      because: `Its smallest mark of ${mark} mm is ${Math.round(real)} mm at 1:${scale}, and a ${kind} is at most ${REAL_SIZES[kind].to} mm.`,
      on: {},
      candidates: () => [
        ...(other && finer
          ? [
              {
                kind: 'tool' as const,
                say: other.say,
                edit: {
                  replace: { step: index, with: { ...step, do: other.act, tool: undefined } },
                },
              },
            ]
          : []),
        {
          kind: 'tool',
          say: 'Tint with a thin filter instead',
          edit: { replace: { step: index, with: { do: 'filter' as const } } },
        },
      ],
    }
  },
}
