/** When the last task of a plan ends, minutes. */
export const endOf = (minutes: readonly number[], starts: Int32Array) =>
  starts.reduce((end, start, task) => Math.max(end, start + (minutes[task] ?? 0)), 0)
