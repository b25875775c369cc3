import { grounds } from '../../core/stack/support.ts'

/** What a swatch lies on: a sealed card, or a ground that may drink. */
export const groundChoices = [
  { id: '', name: 'sealed card or glass' },
  ...grounds.map(({ id, name }) => ({ id, name })),
]
