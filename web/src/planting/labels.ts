import type { Pot, Section, SetUp } from '@/api/types'
import { t } from '@/words'

/** How high a dressing reaches; the surface where there is none [cm]. */
export const dressingTop = (setUp: SetUp, section: Section): number =>
  setUp.dressing === 'NONE' ? section.fillCm : section.fillCm + setUp.dressingCm

/** Height of the overflow of a closed pot [cm]; 0 for others. */
export const overflowOf = (pot: Pot): number => (pot.base === 'NO_HOLES' ? pot.baseCm : 0)

/** Where feed is drawn [cm]. */
export const feedAt = ({ feed }: SetUp, { underMixCm, fillCm }: Section, pot: Pot): number | undefined =>
  feed === 'ON_TOP'
    ? fillCm - 0.3
    : feed === 'HALF_DEPTH'
      ? (underMixCm + fillCm) / 2
      : feed === 'AT_THE_BOTTOM'
        ? pot.layerCm + 0.5
        : undefined

/** What is written beside a pot that is cut open, from above, each at the height that it speaks of [cm]. */
export const labelsOf = (
  pot: Pot,
  setUp: SetUp,
  section: Section,
  blendName: string,
  { cm, litres }: { cm: (value: number) => string; litres: (value: number) => string },
): { at: number; words: string }[] => {
  const feedCm = feedAt(setUp, section, pot)
  const dressed = dressingTop(setUp, section)
  const overflowCm = overflowOf(pot)
  return [
    { at: pot.heightCm, words: t('pot.portrait.rim', { cm: cm(pot.heightCm) }) },
    ...(setUp.dressing !== 'NONE' && setUp.dressingCm > 0
      ? [
          {
            at: (section.fillCm + dressed) / 2,
            words: t('planting.drawing.dressing', {
              what: t(`planting.dressing.${setUp.dressing}`),
              cm: cm(setUp.dressingCm),
            }),
          },
        ]
      : []),
    {
      at: section.fillCm,
      words:
        section.fillCm - section.settledCm > 0.15
          ? t('pot.portrait.filledSinks', { cm: cm(section.fillCm), sinks: cm(section.settledCm) })
          : t('pot.portrait.filled', { cm: cm(section.fillCm) }),
    },
    ...(setUp.ball
      ? [
          {
            at: section.fillCm + setUp.ball.aboveCm - 0.35 * setUp.ball.heightCm,
            words: t(setUp.ball.aboveCm > 0.2 ? 'planting.drawing.ballProud' : 'planting.drawing.ball', {
              wide: cm(setUp.ball.widthCm),
              high: cm(setUp.ball.heightCm),
              above: cm(setUp.ball.aboveCm),
            }),
          },
        ]
      : []),
    {
      at: (section.fillCm + section.underMixCm) / 2,
      words: t('pot.portrait.mix', { blend: blendName, litres: litres(section.mixLitres) }),
    },
    ...(setUp.pole
      ? [
          {
            at: section.underMixCm + 0.72 * (section.fillCm - section.underMixCm),
            words: t(`planting.drawing.pole.${setUp.pole.kind}`, {
              wide: cm(setUp.pole.widthCm),
              high: cm(setUp.pole.heightCm),
            }),
          },
        ]
      : []),
    ...(setUp.channelCm > 0
      ? [
          {
            at: section.underMixCm + 0.3 * (section.fillCm - section.underMixCm),
            words: t('planting.drawing.channel', { wide: cm(setUp.channelCm) }),
          },
        ]
      : []),
    ...(feedCm !== undefined ? [{ at: feedCm, words: t(`planting.drawing.feed.${setUp.feed}`) }] : []),
    {
      at: section.underMixCm + section.wetFootCm,
      words:
        section.wetFootCm < 0.05
          ? t('planting.drawing.noWetFoot')
          : t('pot.portrait.wetFoot', { cm: cm(section.wetFootCm) }),
    },
    ...(overflowCm > 0
      ? [{ at: overflowCm, words: t('pot.portrait.overflow', { cm: cm(overflowCm) }) }]
      : []),
    ...section.levels.slice(0, -1).map((level) => ({
      at: (level.fromCm + level.toCm) / 2,
      words: t('pot.portrait.layer', { name: level.name, cm: cm(level.toCm - level.fromCm) }),
    })),
    ...(pot.layerCm > 0
      ? [
          {
            at: pot.layerCm / 2,
            words: t('pot.portrait.layer', { name: section.layerName ?? '', cm: cm(pot.layerCm) }),
          },
        ]
      : []),
    ...(pot.base === 'NO_HOLES'
      ? setUp.cover === 'MESH' && pot.layerCm > 0
        ? [{ at: pot.layerCm + 0.01, words: t('planting.drawing.mesh') }]
        : []
      : [
          {
            at: -0.01,
            words: t(
              setUp.cover === 'NONE' ? 'planting.drawing.bareHoles' : 'planting.drawing.holes',
              { n: setUp.holes, mm: Math.round(setUp.holeMm), cover: t(`planting.cover.${setUp.cover}`) },
              setUp.holes,
            ),
          },
        ]),
  ].sort((a, b) => b.at - a.at)
}
