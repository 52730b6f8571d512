import { computed, type Ref } from 'vue'
import type { Pot, Recipe, Section, SetUp } from '@/api/types'
import { chance } from '@/material/grains'
import { strewn, type Dot } from '@/material/strewn'
import { useMaterials } from '@/material/useBook'
import type { Lie } from './geometry'
import { dressingTop, feedAt } from './labels'

const MOST_GRAINS = 340
const LEAST_PX = 1.7
const COVER = 0.8
const DRESSINGS: Record<string, string> = { BARK: 'orch_med', STONE: 'grit_3_6', SPHAGNUM: 'sphagnum_lf' }
const CHANNEL_STONES = 'pebbles'

/** The grains that are drawn in a pot: of each layer by its own recipe, of stones below, dressing, channel and feed. */
export const useStrewn = (
  props: Readonly<{ pot: Pot; setUp: SetUp; section: Section; recipe: Recipe }>,
  lie: Readonly<Ref<Lie>>,
  channel: Readonly<Ref<{ x: number; wide: number; top: number; foot: number } | undefined>>,
) => {
  const { material } = useMaterials()
  const strew = (id: string, share: number, from: number, to: number, seed: string): Dot[] => {
    const grain = material(id)
    if (!grain || to <= from) {
      return []
    }
    return strewn(
      {
        id,
        shape: grain.shape,
        radius: Math.max(LEAST_PX, (grain.d50Mm / 20) * lie.value.scale),
        area: (to - from) * lie.value.scale * (lie.value.half(from) + lie.value.half(to)) * share,
        cover: COVER,
        most: MOST_GRAINS,
        seed,
      },
      (key) => {
        const cm = from + chance(`${key} y`) * (to - from)
        return {
          x: lie.value.middle + (chance(`${key} x`) - 0.5) * 2 * lie.value.half(cm),
          y: lie.value.y(cm),
        }
      },
    )
  }
  const ofRecipe = (recipe: Recipe, from: number, to: number, seed: string) => {
    const sum = recipe.parts.reduce((all, part) => all + part.amount, 0)
    return recipe.parts
      .flatMap((part) => strew(part.materialId, part.amount / sum, from, to, seed))
      .sort((a, b) => chance(`${a.key} o`) - chance(`${b.key} o`))
  }
  /** The layers as they lie, the mix last, each with its grains. */
  const layers = computed(() =>
    props.section.levels.map((level, i) => ({
      from: level.fromCm,
      to: level.toCm,
      dots: ofRecipe(props.setUp.beds[i]?.recipe ?? props.recipe, level.fromCm, level.toCm, `level ${i}`),
    })),
  )
  const stones = computed(() =>
    props.pot.layerMaterialId && props.pot.layerCm > 0
      ? strew(props.pot.layerMaterialId, 1, 0, props.pot.layerCm, 'stones')
      : [],
  )
  const dressing = computed(() => {
    const id = DRESSINGS[props.setUp.dressing]
    return id ? strew(id, 1, props.section.fillCm, dressingTop(props.setUp, props.section), 'dressing') : []
  })
  const channelStones = computed(() => {
    const it = channel.value
    const grain = material(CHANNEL_STONES)
    if (!it || !grain) {
      return []
    }
    return strewn(
      {
        id: CHANNEL_STONES,
        shape: grain.shape,
        radius: Math.max(2.2, (grain.d50Mm / 20) * lie.value.scale),
        area: it.wide * (it.foot - it.top),
        cover: 1.1,
        most: 160,
        seed: 'channel',
      },
      (key) => ({
        x: it.x + chance(`${key} x`) * it.wide,
        y: it.top + chance(`${key} y`) * (it.foot - it.top),
      }),
    )
  })
  const feedDots = computed(() => {
    const at = feedAt(props.setUp, props.section, props.pot)
    if (at === undefined) {
      return []
    }
    const wide = props.setUp.feed === 'AT_THE_BOTTOM' ? 0.45 : 0.8
    return Array.from({ length: 22 }, (_, i) => ({
      x: lie.value.middle + (chance(`feed ${i}`) - 0.5) * 2 * wide * lie.value.half(at),
      y: lie.value.y(at) + 5 * (chance(`feed y ${i}`) - 0.5),
    }))
  })
  return { layers, stones, dressing, channelStones, feedDots }
}
