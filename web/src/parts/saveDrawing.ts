/** What a drawing takes from the page's styles. */
const TAKEN = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
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
  return new Blob([new XMLSerializer().serializeToString(copy)], { type: 'image/svg+xml' })
}

/** Saves a drawing under a name. */
export const saveDrawing = (svg: SVGSVGElement, name: string) => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(drawingFile(svg))
  link.download = `${name.replace(/[^\p{L}\p{N}]+/gu, '-')}.svg`
  link.click()
  URL.revokeObjectURL(link.href)
}
