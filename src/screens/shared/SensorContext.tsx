'use client'

import { createContext, type ReactNode, useContext } from 'react'
import { useReminding } from './useReminders'
import { useSensor } from './useSensor'

type SensorState = ReturnType<typeof useSensor>

const SensorContext = createContext<SensorState>({ live: null, lost: false })

/** What runs on every screen once the bench is there: the sensor, and reminders. */
export function Running({ children }: { children: ReactNode }) {
  const sensor = useSensor()
  useReminding()
  return <SensorContext value={sensor}>{children}</SensorContext>
}

/** The newest reading of the sensor, and whether it can't be reached. */
export function useSensorState(): SensorState {
  return useContext(SensorContext)
}
