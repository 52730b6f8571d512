<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { BlendVersion } from '@/api/types'
import { shortDate } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { useMaterials } from '@/material/useBook'
import { t } from '@/words'
import { besidePath } from './beside'
import SwatchChart from '@/material/SwatchChart.vue'
import { useBench } from './useBench'

/** Every kept version of a blend: note, swatch and what is new in it. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const client = useQueryClient()
const { materialName } = useMaterials()
const bench = useBench(props.id)
onMounted(bench.load)
const query = useQuery({
  queryKey: ['versions', props.id],
  queryFn: () => answer(api.GET('/api/blends/{id}/versions', { params: { path: { id: props.id } } })),
  staleTime: 0,
})
const versions = computed(() => query.data.value ?? [])
const rows = (version: BlendVersion) =>
  version.recipe.parts.map((part) => ({
    materialId: part.materialId,
    name: materialName(part.materialId),
  }))
const picked = ref<number[]>([])
const MOST = 3
const pick = (number: number, on: boolean) => {
  picked.value = on ? [...picked.value, number].slice(-MOST) : picked.value.filter((each) => each !== number)
}
const beside = () => {
  const chosen = [...picked.value].sort((a, b) => a - b)
  void router.push(besidePath(chosen.map((number) => ({ id: props.id, version: number }))))
}

/** Puts a version back on the bench; what lay there stays one undo away. */
const back = (version: BlendVersion) => {
  bench.change((now) => ({ ...now, brief: version.brief, recipe: version.recipe }))
  say(t('blend.versions.isBack', { number: version.number }), bench.undo)
}
const branch = async (version: BlendVersion) => {
  try {
    const blend = await answer(
      api.POST('/api/blends/{id}/branch', {
        params: { path: { id: props.id } },
        body: {
          id: crypto.randomUUID(),
          name: t('blend.versions.branchName', { name: version.name, number: version.number }).slice(0, 120),
          version: version.number,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/blends/${blend.id}`)
  } catch (error) {
    sayProblem(error)
  }
}
const onBench = computed(() => bench.bench.value)
const isOnBench = (version: BlendVersion) =>
  JSON.stringify([version.recipe, version.brief]) ===
  JSON.stringify([onBench.value?.recipe, onBench.value?.brief])
</script>

<template>
  <main class="page">
    <header class="page-head">
      <div>
        <p class="soft">
          <RouterLink :to="`/blends/${id}`">{{ $t('blend.closer.back') }}</RouterLink>
          <template v-if="bench.blend.value?.branchedFrom">
            ·
            <RouterLink :to="`/blends/${bench.blend.value.branchedFrom}/versions`">{{
              bench.blend.value.branchedVersion === undefined
                ? $t('blend.versions.from')
                : $t('blend.versions.fromVersion', { number: bench.blend.value.branchedVersion })
            }}</RouterLink>
          </template>
        </p>
        <h1>{{ $t('blend.versions.title', { name: bench.bench.value?.name ?? '' }) }}</h1>
      </div>
      <Button :label="$t('blend.versions.beside')" outlined :disabled="picked.length < 2" @click="beside" />
    </header>
    <p v-if="bench.loadProblem.value ?? query.error.value" class="say harm" role="alert">
      {{ bench.loadProblem.value ?? query.error.value?.message }}
    </p>
    <ol v-else class="choices line">
      <li v-for="version in versions" :key="version.number">
        <div class="thumb">
          <SwatchChart :rows="rows(version)" :shares="version.shares" small />
        </div>
        <div class="about">
          <h2>
            {{ $t('blend.versions.number', { number: version.number }) }}
            <small class="soft">{{ shortDate(version.keptAt.slice(0, 10)) }}</small>
          </h2>
          <p v-if="version.note">{{ version.note }}</p>
          <ul v-if="version.changes.length > 0" class="changes">
            <li v-for="change in version.changes" :key="change">{{ change }}</li>
          </ul>
          <p v-else class="soft">{{ $t('blend.versions.first') }}</p>
          <p v-if="version.headline" class="verdict" :class="{ fits: version.fits }">
            {{ version.headline }}
          </p>
        </div>
        <div class="ways">
          <span v-if="isOnBench(version)" class="soft">{{ $t('blend.versions.onBench') }}</span>
          <button v-else type="button" class="plain" @click="back(version)">
            {{ $t('blend.versions.back') }}
          </button>
          <button type="button" class="plain" @click="branch(version)">
            {{ $t('blend.versions.branch') }}
          </button>
          <label>
            <input
              type="checkbox"
              :checked="picked.includes(version.number)"
              @change="pick(version.number, ($event.target as HTMLInputElement).checked)"
            />
            {{ $t('blend.versions.pick', { number: version.number }) }}
          </label>
        </div>
      </li>
    </ol>
    <p v-if="query.data.value && versions.length === 0" class="empty">{{ $t('blend.versions.none') }}</p>
  </main>
</template>

<style scoped>
.line > li {
  display: grid;
  grid-template-columns: 88px minmax(0, 1fr) auto;
  gap: 20px;
  padding: 16px 0;
  border-top: 1px dashed var(--stitch);
}
.about {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.about h2 small {
  font: 400 14px var(--words);
}
.changes {
  margin: 0;
  padding-left: 1.1em;
  font-size: 14.5px;
}
.verdict {
  color: var(--marigold-ink);
  font-weight: 600;
  font-size: 14px;
}
.verdict.fits {
  color: var(--bottle);
}
.ways {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
  min-width: 150px;
}
.ways label {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 14px;
}
.ways input {
  margin: 0;
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
.empty {
  max-width: 46ch;
  font-size: 17px;
}
@media (width <= 640px) {
  .line > li {
    grid-template-columns: 64px minmax(0, 1fr);
    gap: 14px;
  }
  .ways {
    grid-column: 1 / -1;
    flex-flow: row wrap;
    gap: 8px 18px;
  }
}
</style>
