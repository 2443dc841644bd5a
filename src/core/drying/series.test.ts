import fc from 'fast-check'
import type { DryingProcess } from '../knowledge/families'
import type { Climate } from '../model/climate'
import {
  airAt,
  airFactor,
  airOf,
  type ClimateSeries,
  elapsedAt,
  minuteAfter,
  piecesBetween,
} from './series'

const AIR = { celsius: 20, humidity: 50, air: 'room' } as const
const at = (from: number, celsius: number) => ({ from, climate: { ...AIR, celsius } })
const DAY: ClimateSeries = [at(0, 20), at(60, 10), at(180, 30)]

describe('a series of air', () => {
  test.each([
    { minute: -5, celsius: 20, why: 'the first holds before its minute' },
    { minute: 59.9, celsius: 20, why: 'until the next begins' },
    { minute: 60, celsius: 10, why: 'which holds from its minute on' },
    { minute: 1e6, celsius: 30, why: 'the last for ever' },
  ])('at $minute: $why', ({ minute, celsius }) => {
    expect(airAt(DAY, minute).celsius).toBe(celsius)
  })

  test.each([
    { from: 0, until: 60, pieces: [[0, 60]] },
    {
      from: 59,
      until: 61,
      pieces: [
        [0, 60],
        [60, 180],
      ],
    },
    { from: 200, until: 300, pieces: [[180, Number.POSITIVE_INFINITY]] },
    { from: -10, until: 0, pieces: [] },
    { from: -10, until: 1, pieces: [[0, 60]] },
  ])('from $from to $until it has the pieces that hold meanwhile', ({ from, until, pieces }) => {
    expect(piecesBetween(DAY, from, until).map((piece) => [piece.from, piece.to])).toEqual(pieces)
  })

  it('has at least one piece', () => {
    expect(() => airAt([], 0)).toThrow(RangeError)
  })
})

const climates: fc.Arbitrary<Climate> = fc.record({
  celsius: fc.integer({ min: 0, max: 40 }),
  humidity: fc.integer({ min: 5, max: 95 }),
  air: fc.constantFrom('room', 'still', 'fan'),
})
const serieses: fc.Arbitrary<ClimateSeries> = fc
  .array(fc.record({ minutes: fc.integer({ min: 1, max: 500 }), climate: climates }), {
    minLength: 1,
    maxLength: 40,
  })
  .map((pieces) => {
    let from = 0
    return pieces.map(({ minutes, climate }) => {
      from += minutes
      return { from, climate }
    })
  })
const kinds = fc.record({
  process: fc.constantFrom<DryingProcess>('evaporation', 'coalescence', 'chemical'),
  waterBorne: fc.boolean(),
})

/** Minutes of the reference air between two minutes, summed up minute by minute of each piece. */
function summedUp(
  series: ClimateSeries,
  process: DryingProcess,
  waterBorne: boolean,
  from: number,
  until: number,
): number {
  return series.reduce((sum, piece, i) => {
    const begin = Math.max(from, i === 0 ? from : piece.from)
    const end = Math.min(until, series[i + 1]?.from ?? until)
    const factor = airFactor(process, waterBorne, piece.climate)
    return end > begin ? sum + (end - begin) / factor : sum
  }, 0)
}

it('what was summed up once is what it comes to piece by piece', () => {
  fc.assert(
    fc.property(
      serieses,
      kinds,
      fc.double({ min: -100, max: 9000, noNaN: true }),
      fc.double({ min: 0, max: 9000, noNaN: true }),
      (series, { process, waterBorne }, start, minutes) => {
        const air = airOf(series, process, waterBorne)
        const sum = elapsedAt(air, start + minutes) - elapsedAt(air, start)
        expect(sum).toBeCloseTo(summedUp(series, process, waterBorne, start, start + minutes), 6)
      },
    ),
    { seed: 12, numRuns: 300 },
  )
})

it('the minute after so much drying is the one at which so much has gone by', () => {
  fc.assert(
    fc.property(
      serieses,
      kinds,
      fc.double({ min: -100, max: 9000, noNaN: true }),
      fc.double({ min: 0.1, max: 9000, noNaN: true }),
      (series, { process, waterBorne }, start, own) => {
        const air = airOf(series, process, waterBorne)
        const minute = minuteAfter(air, start, own)
        expect(elapsedAt(air, minute) - elapsedAt(air, start)).toBeCloseTo(own, 6)
      },
    ),
    { seed: 13, numRuns: 300 },
  )
})
