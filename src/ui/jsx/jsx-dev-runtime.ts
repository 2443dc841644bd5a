import * as react from 'react/jsx-dev-runtime'
import { withSeen } from './withSeen'

// As `jsx-runtime`, while developing.
export type { JSX } from 'react/jsx-dev-runtime'
export const Fragment = react.Fragment

type Made = (type: unknown, props: unknown, ...rest: unknown[]) => unknown
const made = (react as unknown as { jsxDEV: Made }).jsxDEV

export const jsxDEV: Made = (type, props, ...rest) => made(type, withSeen(props), ...rest)
