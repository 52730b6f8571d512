import { h, render } from 'vue'
import { t } from '@/words'
import SwatchSheet from './SwatchSheet.vue'

type Sheet = InstanceType<typeof SwatchSheet>['$props']

const INKS = ['--stitch', '--ink', '--paper', '--bottle', '--marigold']
const PNG_TIMES = 2

/** The swatch as the text of an SVG file that stands on its own. */
export const swatchSvg = (sheet: Sheet): string => {
  const host = document.createElement('div')
  render(h(SwatchSheet, sheet), host)
  const drawing = host.querySelector('svg') as SVGSVGElement
  drawing.querySelectorAll('[class]').forEach((each) => each.removeAttribute('class'))
  let text = new XMLSerializer().serializeToString(drawing)
  render(null, host)
  const style = getComputedStyle(document.documentElement)
  for (const ink of INKS) {
    text = text.replaceAll(`var(${ink})`, style.getPropertyValue(ink).trim() || '#17211d')
  }
  return text
}

/** The swatch as a PNG file. */
export const swatchPng = async (sheet: Sheet): Promise<Blob> => {
  const address = URL.createObjectURL(new Blob([swatchSvg(sheet)], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = address
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.naturalWidth * PNG_TIMES
    canvas.height = image.naturalHeight * PNG_TIMES
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((done, failed) =>
      canvas.toBlob(
        (blob) => (blob ? done(blob) : failed(new Error(t('blend.swatchFile.noPicture')))),
        'image/png',
      ),
    )
  } finally {
    URL.revokeObjectURL(address)
  }
}

/** Hands a file to the person. */
export const handOut = (blob: Blob, fileName: string) => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = fileName
  link.click()
  window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

/** A name as the name of a file. */
export const fileName = (name: string, ending: string): string =>
  `${
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'swatch'
  }.${ending}`
