import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import SwatchChart from '@/material/SwatchChart.vue'
import en from './en.json'
import inUsUnits from './en-us-units.json'
import { t, words } from '.'

const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) {
      return name === 'generated' || name === 'words' ? [] : sources(path)
    }
    return /\.(vue|ts)$/.test(name) && !name.endsWith('.test.ts') ? [readFileSync(path, 'utf8')] : []
  })
const keys = (node: object, before = ''): string[] =>
  Object.entries(node).flatMap(([name, value]) =>
    typeof value === 'string' ? [before + name] : keys(value as object, `${before}${name}.`),
  )

describe('messages', () => {
  const all = sources('src').join('\n')
  const named = new Set([...all.matchAll(/'([a-zA-Z]+(?:\.[\w]+)+)'/g)].map((match) => match[1]))
  const begun = [...all.matchAll(/`([a-zA-Z]+(?:\.[\w]+)*\.)\$\{/g)].map((match) => match[1] as string)

  it('are all spoken somewhere', () => {
    const silent = keys(en).filter((key) => !named.has(key) && !begun.some((start) => key.startsWith(start)))
    expect(silent).toEqual([])
  })

  it('are all there for what is named in part', () => {
    for (const start of begun.filter((each) => (each.split('.')[0] ?? '') in en)) {
      expect(
        keys(en).some((key) => key.startsWith(start)),
        start,
      ).toBe(true)
    }
  })

  describe('that name a unit', () => {
    const METRIC =
      /(?<![\p{L}/’])(kg|g|mL|L|cm|°C)(?![\p{L}/])|\b([Kk]ilo)?[Gg]rams?\b|\b[Ll]it(re|er)s?\b|\b([Cc]enti|[Mm]illi)?[Mm]etres?\b/u
    const US = /(?<![\p{L}/])(lb|oz|qt|gal|°F)(?![\p{L}/])|\b(pound|ounce|quart|gallon|inch)(e?s)?\b/iu
    /** The units themselves; figures whose unit comes with them; names of keys; by the trade in both. */
    const ALIKE = /^(measure\.unit\.|shell\.keyHelp|frame\.keyHelp)/
    const saidOf = (all: object, key: string) =>
      key.split('.').reduce<unknown>((node, part) => (node as Record<string, unknown>)[part], all) as string
    const bare = (text: string) => text.replace(/\{\w+\}/g, '').replace(/(mg|meq)( N)?\/L/g, '')
    const metric = keys(en).filter((key) => !ALIKE.test(key) && METRIC.test(bare(saidOf(en, key))))

    it('have another wording for US units', () => {
      expect(metric.length).toBeGreaterThan(15)
      expect(metric.filter((key) => !keys(inUsUnits).includes(key))).toEqual([])
    })
    it('name none of the other system', () => {
      expect(keys(inUsUnits).filter((key) => METRIC.test(bare(saidOf(inUsUnits, key))))).toEqual([])
      expect(
        keys(en).filter(
          (key) => !ALIKE.test(key) && US.test(bare(saidOf(en, key)).replace('cups and spoons', '')),
        ),
      ).toEqual([])
    })
    it('are those of the interface', () => {
      expect(keys(inUsUnits).filter((key) => !keys(en).includes(key))).toEqual([])
    })
  })

  it('know one from many', () => {
    expect(t('blend.rows.scoops', { n: '1' }, 1)).toBe('1 scoop')
    expect(t('blend.rows.scoops', { n: '2.5' }, 2.5)).toBe('2.5 scoops')
    expect(t('blend.paste.asks', { n: 1 }, 1)).toBe('1 line wants a look.')
  })

  describe('in another language', () => {
    afterEach(() => {
      words.global.locale.value = 'en'
    })

    it('are another file of the same shape', () => {
      words.global.setLocaleMessage(
        'xx' as 'en',
        { blend: { swatch: { spoken: '∑ {shares}' } } } as typeof en,
      )
      words.global.locale.value = 'xx' as 'en'
      const wrapper = mount(SwatchChart, {
        props: { rows: [{ materialId: 'peat', name: 'Torf' }], shares: [1] },
      })
      // what is not translated yet is said in English
      expect(wrapper.attributes('aria-label')).toBe('∑ 100 % Torf')
    })
  })
})
