/** Days by what they are called, so many days before today. */
export const NAMED_DAYS = {
  today: 0,
  this: 0,
  yesterday: 1,
  last: 1,
  'the day before yesterday': 2,
  'last week': 7,
  'a week ago': 7,
} as const

/** Times of day, hours. */
export const LOCAL_TIMES = {
  morning: 9,
  'early morning': 7,
  noon: 12,
  midday: 12,
  afternoon: 15,
  evening: 20,
  night: 22,
  midnight: 0,
} as const

/** Days of the week, Monday first. */
export const WEEKDAYS = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
] as const
