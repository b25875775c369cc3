import { Shape as KonvaShape } from 'react-konva'
import type { Shape } from '../../document/shape.ts'
import { hatchTile } from './hatch.ts'
import type { Hatch } from './hatch.ts'

interface HatchedProps {
  readonly shape: Shape
  readonly width: number
  readonly height: number
  readonly hatch: Hatch
}

const edge = '#1f1b16'

/** A shape filled with a hatch; a stroke of the brush too, which the drawing package fills with a plain colour only. */
export function Hatched({ shape, width, height, hatch }: HatchedProps) {
  return (
    <KonvaShape
      fill="#000"
      sceneFunc={({ _context: pen }) => {
        const pattern = pen.createPattern(hatchTile(hatch), 'repeat')!
        pen.beginPath()
        trace(pen, shape, width, height)
        if (shape.kind === 'stroke') {
          pen.lineCap = 'round'
          pen.lineJoin = 'round'
          pen.lineWidth = shape.width * width
          pen.strokeStyle = pattern
          pen.stroke()
          return
        }
        pen.fillStyle = pattern
        pen.fill()
        pen.lineWidth = 1.2
        pen.strokeStyle = edge
        pen.stroke()
      }}
      hitFunc={(context, konva) => {
        context.beginPath()
        trace(context._context, shape, width, height)
        context.fillStrokeShape(konva)
      }}
    />
  )
}

function trace(pen: CanvasRenderingContext2D, shape: Shape, width: number, height: number): void {
  if (shape.kind === 'box') {
    pen.rect(shape.x * width, shape.y * height, shape.width * width, shape.height * height)
    return
  }
  const { points } = shape
  for (let at = 0; at < points.length; at += 2) {
    const [x, y] = [points[at]! * width, points[at + 1]! * height]
    if (at === 0) pen.moveTo(x, y)
    else pen.lineTo(x, y)
  }
  if (shape.kind === 'outline') pen.closePath()
}
