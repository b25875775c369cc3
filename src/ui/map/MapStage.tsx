import { useEffect, useRef, useState } from 'react'
import { Group, Image, Layer, Line, Rect, Stage, Text } from 'react-konva'
import type { Shape } from '../../document/shape.ts'
import { Hatched } from './Hatched.tsx'
import type { Hatch } from './hatch.ts'
import type { Tool } from './tools.ts'

/** Something drawn on the map of a picture. */
export interface MapThing {
  readonly id: string
  readonly name: string
  readonly shapes: readonly Shape[]
  readonly colour: string
  /** How it catches the light; absent: a plain colour. */
  readonly hatch?: Hatch
}

export interface StageProps {
  readonly things: readonly MapThing[]
  readonly chosen: string | null
  readonly tool: Tool
  /** Height over width of the picture. */
  readonly aspect: number
  /** Hash of the photograph under the map. */
  readonly photo: string | null
  readonly onShape: (shape: Shape) => void
  readonly onChoose: (id: string) => void
}

/** A brush stroke is so wide, of the picture's width. */
const strokeWidth = 0.07
/** Points closer than this, of the picture's width, say nothing more. */
const nearest = 0.012
const leastSide = 0.01

interface Place {
  readonly x: number
  readonly y: number
}

/** What is being drawn, as fractions of the picture. */
interface Drawing {
  readonly from: Place
  readonly points: readonly number[]
}

/** The map itself: what is drawn over the photograph, and the shape that is being drawn. */
export function MapStage({ things, chosen, tool, aspect, photo, onShape, onChoose }: StageProps) {
  const box = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(0)
  const [drawing, setDrawing] = useState<Drawing | null>(null)
  const image = useImage(photo)
  const lettersHere = useLetters()
  useEffect(() => {
    const element = box.current
    if (!element) return
    const resized = new ResizeObserver(() => setWidth(element.clientWidth))
    resized.observe(element)
    return () => resized.disconnect()
  }, [])
  const height = width * aspect
  const placeOf = (event: {
    target: { getStage: () => { getPointerPosition: () => Place | null } | null }
  }) => {
    const at = event.target.getStage()?.getPointerPosition()
    return at && width > 0 ? { x: within(at.x / width), y: within(at.y / height) } : null
  }
  const draw = (at: Place): void => {
    if (!drawing) return
    const [lastX, lastY] = [drawing.points.at(-2)!, drawing.points.at(-1)!]
    if (tool !== 'box' && Math.hypot(at.x - lastX, (at.y - lastY) * aspect) < nearest) return
    setDrawing({ ...drawing, points: [...drawing.points, at.x, at.y] })
  }
  const finish = (): void => {
    const shape = drawing && shapeOf(drawing, tool)
    setDrawing(null)
    if (shape) onShape(shape)
  }
  const shown = drawing && shapeOf(drawing, tool)
  return (
    <div ref={box} className="touch-none" style={{ height: height || undefined }}>
      {width > 0 && (
        <Stage
          width={width}
          height={height}
          onPointerDown={(event) => {
            const at = placeOf(event)
            if (at) setDrawing({ from: at, points: [at.x, at.y] })
          }}
          onPointerMove={(event) => {
            const at = placeOf(event)
            if (at) draw(at)
          }}
          onPointerUp={finish}
          onPointerLeave={finish}
        >
          <Layer listening={false}>
            {image ? (
              <Image image={image} width={width} height={height} alt="" />
            ) : (
              <Rect width={width} height={height} fill="#efe9dc" />
            )}
          </Layer>
          <Layer>
            {things.map(({ id, shapes, colour, hatch }) => (
              <Group key={id} opacity={opacityOf(id === chosen, hatch)} onClick={() => onChoose(id)}>
                {shapes.map((shape, at) =>
                  hatch ? (
                    <Hatched key={at} shape={shape} width={width} height={height} hatch={hatch} />
                  ) : (
                    <Drawn key={at} shape={shape} width={width} height={height} colour={colour} />
                  ),
                )}
              </Group>
            ))}
            {things.flatMap(({ id, name, shapes }) => {
              const middle = lettersHere && name && shapes[0] && middleOf(shapes[0])
              return middle
                ? [
                    <Text
                      key={id}
                      listening={false}
                      x={middle.x * width - nameWidth / 2}
                      y={middle.y * height - 9}
                      width={nameWidth}
                      align="center"
                      text={name}
                      fontFamily={face}
                      fontSize={17}
                      fontStyle={id === chosen ? 'bold' : 'normal'}
                      fill="#1f1b16"
                      stroke="#f4efe4"
                      strokeWidth={4}
                      fillAfterStrokeEnabled
                    />,
                  ]
                : []
            })}
            {shown && <Drawn shape={shown} width={width} height={height} colour="#1f1b16" />}
          </Layer>
        </Stage>
      )}
    </div>
  )
}

const nameWidth = 200
const face = 'Instrument Sans'

/** A hatch lets the picture through by itself. */
const opacityOf = (isChosen: boolean, hatch: Hatch | undefined): number =>
  hatch ? (isChosen ? 1 : 0.8) : isChosen ? 0.62 : 0.34

/** About the middle of a shape, as fractions of the picture. */
function middleOf(shape: Shape): Place {
  if (shape.kind === 'box') return { x: shape.x + shape.width / 2, y: shape.y + shape.height / 2 }
  const mean = (from: 0 | 1): number => {
    const values = shape.points.filter((_, at) => at % 2 === from)
    return (Math.min(...values) + Math.max(...values)) / 2
  }
  return { x: mean(0), y: mean(1) }
}

const within = (value: number): number => Math.min(1, Math.max(0, value))

/** The shape of what was drawn; null while it is a mere dot. */
function shapeOf({ from, points }: Drawing, tool: Tool): Shape | null {
  if (tool === 'box') {
    const [x, y] = [points.at(-2)!, points.at(-1)!]
    const [width, height] = [Math.abs(x - from.x), Math.abs(y - from.y)]
    return width < leastSide || height < leastSide
      ? null
      : { kind: 'box', x: Math.min(x, from.x), y: Math.min(y, from.y), width, height }
  }
  if (tool === 'stroke')
    return points.length < 4 ? null : { kind: 'stroke', points: [...points], width: strokeWidth }
  return points.length < 6 ? null : { kind: 'outline', points: [...points] }
}

interface DrawnProps {
  readonly shape: Shape
  readonly width: number
  readonly height: number
  readonly colour: string
}

function Drawn({ shape, width, height, colour }: DrawnProps) {
  const scaled = (points: readonly number[]): number[] =>
    points.map((value, at) => value * (at % 2 === 0 ? width : height))
  switch (shape.kind) {
    case 'box':
      return (
        <Rect
          x={shape.x * width}
          y={shape.y * height}
          width={shape.width * width}
          height={shape.height * height}
          fill={colour}
          stroke="#1f1b16"
          strokeWidth={1.5}
        />
      )
    case 'outline':
      return <Line points={scaled(shape.points)} closed fill={colour} stroke="#1f1b16" strokeWidth={1.5} />
    case 'stroke':
      return (
        <Line
          points={scaled(shape.points)}
          stroke={colour}
          strokeWidth={shape.width * width}
          lineCap="round"
          lineJoin="round"
        />
      )
  }
}

/** Whether the face names are written in has come: a canvas does not write them anew by itself. */
function useLetters(): boolean {
  const [here, setHere] = useState(false)
  useEffect(() => void document.fonts.load(`17px "${face}"`).finally(() => setHere(true)), [])
  return here
}

/** A photograph by its hash, once it has come. */
function useImage(hash: string | null): HTMLImageElement | null {
  const [image, setImage] = useState<HTMLImageElement | null>(null)
  useEffect(() => {
    if (!hash) return
    const coming = new window.Image()
    coming.onload = () => setImage(coming)
    coming.src = `/api/photos/${hash}`
    return () => {
      coming.onload = null
      setImage(null)
    }
  }, [hash])
  return image
}
