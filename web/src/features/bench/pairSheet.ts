import type { Comparison } from './text'
import { wording } from './wording'

const WIDTH = 1680
const GAP = 30
const LINE = 34
const INK = '#20262e'
const FAINT = '#5b6470'
const PAPER = '#f7f3ea'
const ACROSS = (WIDTH - 4 * GAP) / 3

/** Why a picture is not on the sheet. */
const LEFT_OUT = 'left out: its page is kept private'
const GONE = wording.thePictureIsGone()

type Picture = { image: HTMLImageElement | undefined; why: string; ratio: number }

async function load(
  told: { address: string; ratio: number; keptPrivate: boolean } | null | undefined,
): Promise<Picture> {
  if (!told || told.keptPrivate || told.address === '') {
    return { image: undefined, why: told?.keptPrivate ? LEFT_OUT : GONE, ratio: told?.ratio ?? 1 }
  }
  const image = new Image()
  image.src = told.address
  await image.decode()
  return { image, why: '', ratio: told.ratio }
}

/** Words in lines that fit. */
function wrapped(pen: CanvasRenderingContext2D, text: string, width: number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`
    if (line !== '' && pen.measureText(longer).width > width) {
      lines.push(line)
      line = word
    } else {
      line = longer
    }
  }
  return [...lines, line]
}

/**
 * The pair as one picture to keep or to show: reference, drawing, both laid over one another, and what was found.
 * Pictures of private pages stay out.
 */
export async function pairSheet(comparison: Comparison, title: string, words: string[]): Promise<Blob> {
  const [reference, attempt] = await Promise.all([load(comparison.reference), load(comparison.attempt)])
  const height = Math.max(ACROSS / reference.ratio, ACROSS / attempt.ratio)
  const canvas = document.createElement('canvas')
  const pen = canvas.getContext('2d')
  if (!pen) {
    throw new Error(wording.thisBrowserCannotDrawThePicture())
  }
  pen.font = '24px "Alegreya Sans", sans-serif'
  const lines = words.flatMap((w) => wrapped(pen, w, WIDTH - 2 * GAP))
  canvas.width = WIDTH
  canvas.height = Math.ceil(90 + height + 70 + lines.length * LINE + GAP)
  pen.fillStyle = PAPER
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.fillStyle = INK
  pen.font = '36px Alegreya, serif'
  pen.fillText(title, GAP, 58)
  const top = 90
  const at = (i: number) => GAP + i * (ACROSS + GAP)
  const put = (i: number, { image, why, ratio }: Picture, name: string) => {
    if (image) {
      pen.drawImage(image, at(i), top, ACROSS, ACROSS / ratio)
    } else {
      pen.strokeStyle = FAINT
      pen.strokeRect(at(i), top, ACROSS, ACROSS / ratio)
    }
    pen.fillStyle = FAINT
    pen.font = '20px "Alegreya Sans", sans-serif'
    pen.fillText(image ? name : `${name}: ${why}`, at(i), top + height + 28)
  }
  put(0, reference, 'reference')
  put(1, attempt, 'yours')
  put(2, reference, wording.laidOver2())
  if (comparison.held && attempt.image) {
    const { scale, degrees, x, y } = comparison.held.over
    pen.save()
    pen.beginPath()
    pen.rect(at(2), top, ACROSS, ACROSS / reference.ratio)
    pen.clip()
    pen.translate(at(2) + x * ACROSS, top + y * ACROSS)
    pen.rotate((degrees * Math.PI) / 180)
    pen.scale(scale * ACROSS, scale * ACROSS)
    pen.globalAlpha = 0.6
    pen.globalCompositeOperation = 'multiply'
    pen.drawImage(attempt.image, 0, 0, 1, 1 / attempt.ratio)
    pen.restore()
  }
  pen.fillStyle = INK
  pen.font = '24px "Alegreya Sans", sans-serif'
  lines.forEach((line, i) => pen.fillText(line, GAP, top + height + 70 + i * LINE))
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error(wording.thePictureIsTooLarge())))),
  )
}
