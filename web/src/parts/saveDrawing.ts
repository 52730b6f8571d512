/** What a drawing takes from the page's styles. */
const TAKEN = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'fill-opacity',
  'text-anchor',
  'opacity',
  'font-size',
  'font-family',
] as const

/** A drawing as a file of its own: with the colours that the page's styles give it written into it. */
export const drawingFile = (svg: SVGSVGElement): Blob => {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const [from, to] = [svg, copy].map((root) => [root, ...root.querySelectorAll<SVGElement>('*')])
  from?.forEach((each, i) => {
    const style = window.getComputedStyle(each)
    TAKEN.forEach((name) => {
      const value = style.getPropertyValue(name)
      if (value !== '') {
        to?.[i]?.setAttribute(name, value)
      }
    })
    to?.[i]?.removeAttribute('class')
    to?.[i]?.removeAttribute('style')
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  const box = svg.viewBox?.baseVal
  if (box?.width) {
    copy.setAttribute('width', String(box.width))
    copy.setAttribute('height', String(box.height))
  }
  return new Blob([new XMLSerializer().serializeToString(copy)], { type: 'image/svg+xml' })
}

const saveFile = (content: Blob, name: string, ending: string) => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = `${name.replace(/[^\p{L}\p{N}]+/gu, '-')}.${ending}`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Saves a drawing under a name. */
export const saveDrawing = (svg: SVGSVGElement, name: string) => saveFile(drawingFile(svg), name, 'svg')

const PNG_SCALE = 2

/** Saves a drawing as a picture of points, twice as fine as it stands. */
export const saveDrawingAsPng = async (svg: SVGSVGElement, name: string) => {
  const box = svg.viewBox.baseVal
  const address = URL.createObjectURL(drawingFile(svg))
  try {
    const image = new Image(box.width * PNG_SCALE, box.height * PNG_SCALE)
    image.src = address
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.width
    canvas.height = image.height
    const context = canvas.getContext('2d')
    if (!context) {
      return
    }
    context.fillStyle = window.getComputedStyle(document.body).backgroundColor
    context.fillRect(0, 0, canvas.width, canvas.height)
    context.drawImage(image, 0, 0, canvas.width, canvas.height)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
    if (blob) {
      saveFile(blob, name, 'png')
    }
  } finally {
    URL.revokeObjectURL(address)
  }
}
