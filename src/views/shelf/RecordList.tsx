import X from 'lucide-react/dist/esm/icons/x.mjs'
import { IconButton } from '../../ui/IconButton.tsx'

interface RecordsProps<Item> {
  readonly items: readonly Item[]
  /** What one is called where it is taken away: "streak". */
  readonly what: string
  readonly words: (item: Item) => string
  readonly onItems: (items: Item[]) => void
}

/** What was taken down of a material or a tube, each with a way to take it away. */
export const RecordList = <Item,>({ items, what, words, onItems }: RecordsProps<Item>) => (
  <ul>
    {items.map((item, at) => (
      <li key={at} className="flex items-center gap-3 border-t border-rule">
        <span className="grow">{words(item)}</span>
        <IconButton
          label={`Remove ${what} ${at + 1}`}
          onClick={() => onItems(items.filter((_, index) => index !== at))}
        >
          <X size={15} aria-hidden="true" />
        </IconButton>
      </li>
    ))}
  </ul>
)
