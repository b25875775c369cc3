import type { ReactNode } from 'react'

/** A photograph from the tablet's camera or its files, by what looks like a link. */
export const TakePhoto = ({
  children,
  className = '',
  onFile,
}: {
  readonly children: ReactNode
  readonly className?: string
  readonly onFile: (file: File) => void
}) => (
  <label className={`inline-flex min-h-11 cursor-pointer items-center gap-1.5 link ${className}`}>
    {children}
    <input
      type="file"
      accept="image/*"
      className="sr-only"
      onChange={({ target }) => {
        const [file] = target.files ?? []
        if (file) onFile(file)
        target.value = ''
      }}
    />
  </label>
)
