<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { momentWords } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** What was taken away in the last month, to be put back with all that hangs on it. */
const client = useQueryClient()
const { data } = useQuery({
  queryKey: ['house', 'taken-away'],
  queryFn: () => answer(api.GET('/api/house/taken-away')),
  staleTime: 0,
})
const gone = computed(() => data.value ?? [])
const putBack = async (each: { kind: string; id: string; name: string }) => {
  try {
    await answer(
      api.POST('/api/house/taken-away/{kind}/{id}/restore', {
        params: { path: { kind: each.kind, id: each.id } },
      }),
    )
    await client.invalidateQueries()
    say(t('frame.away.isBack', { name: each.name }))
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <h2>{{ $t('frame.away.title') }}</h2>
  <p class="soft">{{ $t('frame.away.rule') }}</p>
  <p v-if="data && gone.length === 0">{{ $t('frame.away.none') }}</p>
  <table v-if="gone.length > 0" class="lines">
    <thead>
      <tr>
        <th scope="col">{{ $t('frame.away.name') }}</th>
        <th scope="col">{{ $t('frame.away.what') }}</th>
        <th scope="col">{{ $t('frame.away.at') }}</th>
        <th scope="col" />
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in gone" :key="each.kind + each.id">
        <th scope="row">{{ each.name }}</th>
        <td>{{ $t(`frame.away.kind.${each.kind}`) }}</td>
        <td>{{ momentWords(each.at) }}</td>
        <td class="doings">
          <button
            type="button"
            class="plain"
            :aria-label="$t('frame.away.putBackNamed', { name: each.name })"
            @click="putBack(each)"
          >
            {{ $t('frame.house.restore') }}
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
}
</style>
