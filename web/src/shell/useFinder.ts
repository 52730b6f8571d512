import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { NameHit } from '@/api/types'
import { useNamed } from '@/api/useNamed'
import { useNewBlend } from '@/blend/useNewBlend'
import { t } from '@/words'

/** Something that can be found: where it leads or what it does. */
export interface Found {
  key: string
  kind: 'plant' | 'material' | 'blend' | 'pot' | 'batch' | 'go' | 'do'
  name: string
  about?: string
  materialId?: string
  go: () => void
}

/** What is offered before anything is typed. */
const OFFERED = 8
const KINDS = ['ALSO', 'BLEND', 'POT', 'BATCH', 'PLANT', 'MATERIAL', 'AMENDMENT'] as const

/** Everything that can be found by a name: places and things to do from here, all else from the house. */
export const useFinder = (on: { isOpen: () => boolean; settings: () => void; keys: () => void }) => {
  const router = useRouter()
  const typed = ref('')
  const { start } = useNewBlend()

  const to = (path: string) => () => void router.push(path)
  const places = computed<Found[]>(() =>
    (
      [
        ['today', '/'],
        ['blends', '/blends'],
        ['batches', '/batches'],
        ['pots', '/pots'],
        ['shelf', '/shelf/here'],
        ['buy', '/shelf/buy'],
        ['own', '/shelf/own'],
        ['files', '/shelf/files'],
        ['plants', '/book/plants'],
        ['materials', '/book/materials'],
        ['cautions', '/book/cautions'],
        ['unknown', '/book/unknown'],
      ] as const
    ).map(([name, path]) => ({
      key: `go-${name}`,
      kind: 'go',
      name: t(`frame.finder.go.${name}`),
      go: to(path),
    })),
  )
  const doings = computed<Found[]>(() => [
    { key: 'do-new', kind: 'do', name: t('frame.finder.do.new'), go: () => void start() },
    { key: 'do-count', kind: 'do', name: t('frame.finder.do.count'), go: () => void start('/count') },
    { key: 'do-share', kind: 'do', name: t('frame.finder.do.share'), go: to('/blends/share') },
    { key: 'do-settings', kind: 'do', name: t('frame.finder.do.settings'), go: on.settings },
    { key: 'do-keys', kind: 'do', name: t('frame.finder.do.keys'), go: on.keys },
  ])
  const own = computed(() => [...doings.value, ...places.value])
  const { answer, busy, problem } = useNamed(() => (on.isOpen() ? typed.value : ''), KINDS, {
    also: () => own.value.map(({ key, name }) => ({ id: key, name })),
  })
  /** What tells it from others, or the name by which it was found. */
  const aboutOf = ({ name, about, matched }: NameHit) =>
    `${name} ${about ?? ''}`.toLowerCase().includes(matched.toLowerCase()) ? (about ?? '') : matched
  const thing = (hit: NameHit): Found[] => {
    const { kind, id, name } = hit
    const about = aboutOf(hit)
    switch (kind) {
      case 'ALSO':
        return own.value.filter((each) => each.key === id)
      case 'BLEND':
        return [
          {
            key: `blend-${id}`,
            kind: 'blend',
            name,
            about,
            ...(hit.materialId ? { materialId: hit.materialId } : {}),
            go: to(`/blends/${id}`),
          },
        ]
      case 'POT':
        return [{ key: `pot-${id}`, kind: 'pot', name, about, go: to('/pots') }]
      case 'BATCH':
        return [{ key: `batch-${id}`, kind: 'batch', name, about, go: to(`/batches/${id}`) }]
      case 'PLANT':
        return [{ key: `plant-${id}`, kind: 'plant', name, about, go: to(`/book/plants/${id}`) }]
      case 'MATERIAL':
        return [
          {
            key: `material-${id}`,
            kind: 'material',
            name,
            about,
            materialId: id,
            go: to(`/book/materials/${id}`),
          },
        ]
      case 'AMENDMENT':
        return [
          {
            key: `amendment-${id}`,
            kind: 'material',
            name,
            about,
            materialId: id,
            go: to('/book/materials'),
          },
        ]
    }
  }
  const fits = computed(() => (answer.value?.typed === typed.value.trim() ? answer.value : undefined))
  const found = computed<Found[]>(() =>
    typed.value.trim() === ''
      ? [...doings.value.slice(0, 2), ...places.value].slice(0, OFFERED)
      : (answer.value?.hits ?? []).flatMap(thing),
  )
  return {
    typed,
    found,
    /** Whether what is shown fits what is typed by now. */
    settled: computed(() => typed.value.trim() === '' || (fits.value !== undefined && !busy.value)),
    /** Whether these are only like what was typed. */
    unsure: computed(() => fits.value !== undefined && !fits.value.sure),
    aside: computed(() => fits.value?.aside ?? []),
    problem,
  }
}
