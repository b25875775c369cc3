import { useEffect, useRef, useState } from 'react'
import { read } from '../client.ts'
import { useNews } from '../useNews.ts'

const everyMs = 800

/**
 * While paintings are being judged anew, after another window's change too: how many are left; then what was waited
 * for.
 */
export function Judging({ left: atFirst, onDone }: { readonly left: number; readonly onDone: () => void }) {
  const [left, setLeft] = useState(atFirst)
  const done = useRef(onDone)
  useEffect(() => {
    done.current = onDone
  })
  const [waiting, setWaiting] = useState(left > 0)
  useNews((news) => {
    if (news.length > 0) setWaiting(true)
    return true
  })
  useEffect(() => {
    if (!waiting) return
    let timer: ReturnType<typeof setTimeout>
    let wanted = true
    const ask = async (): Promise<void> => {
      const reply = await read('GET /api/judging')
      if (!wanted) return
      if (reply.ok) setLeft(reply.value.left)
      if (reply.ok && reply.value.left === 0) {
        setWaiting(false)
        done.current()
      } else timer = setTimeout(() => void ask(), everyMs)
    }
    timer = setTimeout(() => void ask(), everyMs)
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [waiting])
  if (left === 0) return null
  const most = Math.max(left, atFirst)
  return (
    <p role="status" className="my-2 flex items-center gap-3 text-[0.9rem] text-soft">
      <progress max={most} value={most - left} aria-label="Paintings judged" className="h-2 w-32" />
      {left} {left === 1 ? 'painting is' : 'paintings are'} being judged again; what is shown of them is from
      before.
    </p>
  )
}
