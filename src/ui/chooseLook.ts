/** What shows a choice, and opens its list. */
export const TRIGGER =
  'control flex min-h-11 w-full items-center justify-between gap-2 px-2.5 text-left'
