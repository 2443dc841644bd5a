import * as react from 'react/jsx-runtime'
import { withSeen } from './withSeen'

// What every element of ours is made by: no name or note reaches the page without being looked through. Text of fields is left as it is.
export type { JSX } from 'react/jsx-runtime'
export const Fragment = react.Fragment

export const jsx: typeof react.jsx = (type, props, key) => react.jsx(type, withSeen(props), key)
export const jsxs: typeof react.jsxs = (type, props, key) => react.jsxs(type, withSeen(props), key)
