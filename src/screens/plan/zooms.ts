/** How much time the width of the view shows. */
export const ZOOMS = [
  { id: 'hour', say: 'Hour', minutes: 60 },
  { id: 'evening', say: 'Evening', minutes: 6 * 60 },
  { id: 'day', say: 'Day', minutes: 24 * 60 },
  { id: 'week', say: 'Week', minutes: 7 * 1440 },
  { id: 'month', say: 'Month', minutes: 30 * 1440 },
  { id: 'six-weeks', say: 'Six weeks', minutes: 42 * 1440 },
] as const
export type Zoom = (typeof ZOOMS)[number]['id']
