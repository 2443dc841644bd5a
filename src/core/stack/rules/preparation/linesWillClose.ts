import { coatMicrons, filmMicrons } from '../../state/filmBuild'
import type { Rule } from '../finding'

/** Total film build over half the depth of the panel lines. Note. Source: handbook 2.6, 6 (rescribe). */
export const linesWillClose: Rule = {
  name: 'lines-will-close',
  timing: false,
  judge: ({ resolved, stack, setting, index }) => {
    const depth = setting.sequence.lineDepthMm
    if (depth === undefined || resolved.row.kind !== 'film' || resolved.coverage !== 'whole')
      return null
    const before = stack.films.reduce((sum, film) => sum + filmMicrons(film), 0)
    const after = before + coatMicrons(resolved.coats)
    const half = (depth * 1000) / 2
    if (before > half || after <= half) return null
    return {
      severity: 'note',
      because: `With this the paint is about ${Math.round(after)} µm thick, more than half of a line ${depth} mm deep: it closes.`,
      on: resolved.family ? { film: resolved.family } : {},
      candidates: () =>
        stack.films.length === 0
          ? []
          : [
              {
                kind: 'order',
                say: 'Rescribe the lines before the first paint',
                edit: {
                  set: {
                    lineDepthMm: Math.ceil((after * 2 * 1.2) / 10) / 100,
                    steps: withScribe(setting.steps, stack.films[0]?.step ?? index),
                  },
                },
              },
            ],
    }
  },
}

function withScribe<T>(steps: readonly T[], before: number) {
  return [...steps.slice(0, before), { do: 'scribe' as const }, ...steps.slice(before)] as T[]
}
