import { Fragment, jsx as element, jsxs as elements } from 'react/jsx-runtime'
import type { Key } from 'react'

export type { JSX } from 'react/jsx-runtime'
export { Fragment }

type Props = Parameters<typeof element>[1]

const withWords = (type: unknown, props: Props): Props => globalThis.greltaReader?.words(type, props) ?? props

/** React's own, but that words come out as their reader has them. */
export const jsx: typeof element = (type, props: Props, key?: Key) =>
  element(type, withWords(type, props), key)
export const jsxs: typeof elements = (type, props: Props, key?: Key) =>
  elements(type, withWords(type, props), key)
