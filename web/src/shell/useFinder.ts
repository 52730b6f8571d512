import { useQuery } from '@tanstack/vue-query'
import Fuse from 'fuse.js'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useNewBlend } from '@/blend/useNewBlend'
import { useMaterials } from '@/material/useBook'
import { usePlants } from '@/need/usePlants'
import { t } from '@/words'

/** Something that can be found: where it leads or what it does. */
export interface Found {
  key: string
  kind: 'plant' | 'material' | 'blend' | 'pot' | 'batch' | 'go' | 'do'
  name: string
  about?: string
  also?: readonly string[]
  materialId?: string
  go: () => void
}

const MOST = 12
/** What is offered before anything is typed. */
const OFFERED = 8

/** Everything that can be found, and what comes nearest to what was typed. */
export const useFinder = (on: { isOpen: () => boolean; settings: () => void; keys: () => void }) => {
  const router = useRouter()
  const typed = ref('')
  const { plants, plant } = usePlants()
  const { materials, amendments } = useMaterials()
  const { start } = useNewBlend()
  const enabled = () => on.isOpen()
  const blends = useQuery({
    queryKey: ['blends', 'names'],
    queryFn: () => answer(api.GET('/api/blends/names')),
    enabled,
  })
  const pottings = useQuery({
    queryKey: ['pottings', 'names'],
    queryFn: () => answer(api.GET('/api/pottings/names')),
    enabled,
  })
  const batches = useQuery({
    queryKey: ['batches', 'names'],
    queryFn: () => answer(api.GET('/api/batches/names')),
    enabled,
  })

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
  const things = computed<Found[]>(() => [
    ...(blends.data.value ?? []).map((each): Found => ({
      key: `blend-${each.id}`,
      kind: 'blend',
      name: each.name,
      about: each.plantId ? (plant(each.plantId)?.name ?? '') : '',
      ...(each.materialId ? { materialId: each.materialId } : {}),
      go: to(`/blends/${each.id}`),
    })),
    ...plants.value.map((each): Found => ({
      key: `plant-${each.id}`,
      kind: 'plant',
      name: each.name,
      about: each.botanical,
      also: each.otherNames,
      go: to(`/book/plants/${each.id}`),
    })),
    ...materials.value.map((each): Found => ({
      key: `material-${each.id}`,
      kind: 'material',
      name: each.name,
      about: each.grade,
      materialId: each.id,
      go: to(`/book/materials/${each.id}`),
    })),
    ...amendments.value.map((each): Found => ({
      key: `amendment-${each.id}`,
      kind: 'material',
      name: each.name,
      materialId: each.id,
      go: to('/book/materials'),
    })),
    ...(pottings.data.value ?? []).map((each): Found => ({
      key: `pot-${each.id}`,
      kind: 'pot',
      name: each.label,
      about: each.placeName ?? '',
      go: to('/pots'),
    })),
    ...(batches.data.value ?? []).map((each): Found => ({
      key: `batch-${each.id}`,
      kind: 'batch',
      name: each.lot,
      about: each.blendName,
      go: to(`/batches/${each.id}`),
    })),
  ])
  const index = computed(
    () =>
      new Fuse([...doings.value, ...places.value, ...things.value], {
        keys: [
          { name: 'name', weight: 3 },
          { name: 'also', weight: 2 },
          { name: 'about', weight: 1 },
        ],
        threshold: 0.38,
        ignoreLocation: true,
        minMatchCharLength: 1,
      }),
  )
  const found = computed<Found[]>(() => {
    const wanted = typed.value.trim()
    return wanted === ''
      ? [...doings.value.slice(0, 2), ...places.value].slice(0, OFFERED)
      : index.value.search(wanted, { limit: MOST }).map((each) => each.item)
  })
  return { typed, found }
}
