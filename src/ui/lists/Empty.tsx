import type { ReactNode } from 'react'

/** What a view says while nothing is in it: what it is for, and how to begin, with one tap. */
export const Empty = ({ says, children }: { readonly says: string; readonly children: ReactNode }) => (
  <div className="mt-4 max-w-[48rem]">
    <p className="font-read text-xl leading-snug">{says}</p>
    <p className="mt-3 flex flex-wrap gap-3">{children}</p>
  </div>
)

/** The one tap, where it leads to another page. */
export const BeginLink = ({ to, children }: { readonly to: string; readonly children: ReactNode }) => (
  <a className="button button-ink min-h-11" href={to}>
    {children}
  </a>
)
