'use client'

import type { ApexOptions } from 'apexcharts'
import dynamic from 'next/dynamic'
import { useEffect, useMemo, useState } from 'react'
import type { CureCurve, DryingClock } from '@/core/builds'
import { styleColour } from '@/core/colour/styleColour'
import { key, stepOf } from '@/core/model/stepRef'
import { useAsked } from '@/state/hooks'
import { pageNonce } from '@/ui/nonce'
import { clockTime } from '@/ui/time'
import { MILESTONE_WORDS } from '../shared/words'

const Chart = dynamic(() => import('react-apexcharts'), { ssr: false })

/** Colours of the theme as they are now; the chart draws with values, not with variables. */
function useThemeColours() {
  const [colours, setColours] = useState({
    ink: '#222',
    soft: '#555',
    rule: '#ccc',
    act: '#185',
    note: '#259',
    dark: false,
  })
  useEffect(() => {
    const read = () => {
      const style = getComputedStyle(document.documentElement)
      // The chart reckons with colours, and reads only the plain form.
      const of = (name: string) => styleColour(style.getPropertyValue(name).trim()) ?? '#808080'
      setColours({
        ink: of('--ink'),
        soft: of('--soft'),
        rule: of('--rule'),
        act: of('--act'),
        note: of('--note'),
        dark: document.documentElement.dataset.theme === 'dark',
      })
    }
    read()
    const watch = new MutationObserver(read)
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] })
    return () => watch.disconnect()
  }, [])
  return colours
}

type Colours = ReturnType<typeof useThemeColours>

/** How far the film is to being cured, with its milestones; under it the air it dries in. */
export function CureChart({ clock, now }: { clock: DryingClock; now: number }) {
  const colours = useThemeColours()
  const { answer: curve, stale } = useAsked(
    (worker) => worker.cure({ ...stepOf(clock), film: clock.film }, now),
    [key(stepOf(clock)), clock.film, now],
  )
  const options = useMemo(
    () =>
      curve
        ? { cure: cureOptions(curve, clock, now, colours), air: airOptions(curve, now, colours) }
        : null,
    [curve, clock, now, colours],
  )
  if (!curve && stale)
    return <p className="mt-3 min-h-[25.5rem] text-soft">Working out its curve…</p>
  if (!curve || !options)
    return <p className="mt-3 text-soft">This film never cures: it is sealed.</p>
  const steps = airSteps(curve)
  return (
    <figure className="mt-3 min-h-[25.5rem]" aria-label={`${clock.name}: ${summary(curve, now)}`}>
      <Chart
        type="area"
        height={220}
        options={options.cure}
        series={[
          {
            name: 'cured',
            data: curve.points.map(({ at, share }) => ({
              x: at,
              y: Math.round(share * 1000) / 10,
            })),
          },
        ]}
      />
      <Chart
        type="line"
        height={150}
        options={options.air}
        series={[
          {
            name: 'temperature, °C',
            data: steps.map(({ at, climate }) => ({ x: at, y: climate.celsius })),
          },
          {
            name: 'humidity, %',
            data: steps.map(({ at, climate }) => ({ x: at, y: climate.humidity })),
          },
        ]}
      />
      <figcaption className="text-sm text-soft">{summary(curve, now)}</figcaption>
    </figure>
  )
}

function summary({ points, to }: CureCurve, now: number): string {
  const here = points.findLast((point) => point.at <= now) ?? points[0]
  return `${Math.round((here?.share ?? 0) * 100)} % of the way; cured ${clockTime(to, now)}. Left of now the air as it was read, right of it as it is expected.`
}

/** The air holds until the next piece: drawn as steps, to the end. */
function airSteps({ air, to }: CureCurve) {
  const last = air.at(-1)
  return last ? [...air, { ...last, at: to }] : air
}

function base(curve: CureCurve, colours: Colours): ApexOptions {
  return {
    chart: {
      nonce: pageNonce(),
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      foreColor: colours.soft,
      background: 'transparent',
    },
    theme: { mode: colours.dark ? 'dark' : 'light' },
    grid: { borderColor: colours.rule, padding: { left: 8, right: 16 } },
    dataLabels: { enabled: false },
    xaxis: {
      type: 'datetime',
      min: curve.from,
      max: curve.to,
      labels: { datetimeUTC: false, style: { colors: colours.soft } },
      axisBorder: { color: colours.rule },
      axisTicks: { color: colours.rule },
    },
    tooltip: { x: { format: 'ddd d MMM HH:mm' } },
  }
}

/** Labels of an axis. Their colour is said: drawn anew, the chart goes by its own for a light or a dark page. */
function labelled(colours: Colours, unit: string, minWidth = 0) {
  return {
    minWidth,
    style: { colors: colours.soft },
    formatter: (value: number) => `${Math.round(value)} ${unit}`,
  }
}

/** Where now is, on both charts. */
function nowLine(curve: CureCurve, now: number, colours: Colours) {
  return now > curve.from && now < curve.to
    ? [{ x: now, borderColor: colours.act, borderWidth: 2, strokeDashArray: 0 }]
    : []
}

function cureOptions(
  curve: CureCurve,
  clock: DryingClock,
  now: number,
  colours: Colours,
): ApexOptions {
  const common = base(curve, colours)
  const marks = clock.milestones.flatMap(({ point, at }) =>
    at === null || at < curve.from ? [] : [{ point, at }],
  )
  // Milestones that fall close together share a mark.
  const apart = (curve.to - curve.from) / 14
  const shown = marks.filter(
    (mark, i) => i === marks.length - 1 || (marks[i + 1]?.at ?? 0) - mark.at > apart,
  )
  const line = (at: number, text: string, row: number) => {
    const right = at - curve.from > (curve.to - curve.from) * 0.8
    return {
      x: at,
      borderColor: colours.soft,
      strokeDashArray: 3,
      label: {
        text,
        orientation: 'horizontal' as const,
        textAnchor: right ? ('end' as const) : ('start' as const),
        offsetX: right ? -3 : 3,
        offsetY: 6 + row * 15,
        borderWidth: 0,
        style: { color: colours.ink, background: 'transparent', fontSize: '12px' },
      },
    }
  }
  return {
    ...common,
    chart: { ...common.chart, id: 'cure-share' },
    // As wide as the chart under it, which has an axis at its right too.
    grid: { ...common.grid, padding: { left: 8, right: 80 } },
    colors: [colours.act],
    stroke: { width: 3, curve: 'straight' },
    fill: { type: 'solid', opacity: 0.15 },
    yaxis: {
      min: 0,
      max: 100,
      tickAmount: 4,
      labels: labelled(colours, '%', 40),
    },
    annotations: {
      xaxis: [
        ...shown.map(({ point, at }, i) => line(at, MILESTONE_WORDS[point], i % 4)),
        ...nowLine(curve, now, colours),
      ],
    },
  }
}

function airOptions(curve: CureCurve, now: number, colours: Colours): ApexOptions {
  const common = base(curve, colours)
  return {
    ...common,
    chart: { ...common.chart, id: 'cure-air' },
    colors: [colours.ink, colours.note],
    stroke: { width: 2, curve: 'stepline', dashArray: [0, 5] },
    yaxis: [
      {
        min: 0,
        max: 40,
        tickAmount: 4,
        labels: labelled(colours, '°C', 40),
      },
      {
        opposite: true,
        min: 0,
        max: 100,
        tickAmount: 4,
        labels: labelled(colours, '%'),
      },
    ],
    legend: { position: 'bottom', markers: { size: 5 }, labels: { colors: colours.soft } },
    annotations: {
      xaxis: nowLine(curve, now, colours),
    },
  }
}
