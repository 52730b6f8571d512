import { describe, expect, it } from 'vitest'
import { drawingFile } from './saveDrawing'

describe('a drawing as a file', () => {
  it('stands alone: with a namespace, and its colours written into it', async () => {
    document.body.innerHTML =
      '<style>.wall { fill: rgb(1, 2, 3) }</style><svg viewBox="0 0 4 4"><path class="wall" d="M0 0 H4"/></svg>'
    const svg = document.querySelector('svg') as SVGSVGElement
    const words = await drawingFile(svg).text()

    expect(words).toContain('xmlns="http://www.w3.org/2000/svg"')
    expect(words).toContain('fill="rgb(1, 2, 3)"')
    expect(words).not.toContain('class=')
    expect(svg.querySelector('path')?.getAttribute('class')).toBe('wall')
  })
})
