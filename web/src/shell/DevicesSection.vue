<script setup lang="ts">
/** What can be asked beside the person: each is simulated and behind one interface, so that a real one can follow. */
const DEVICES = [
  { id: 'probe', to: '/batches' },
  { id: 'scale', to: '/round' },
  { id: 'logger', to: '/weather' },
  { id: 'prices', to: '/shelf/buy' },
] as const
</script>

<template>
  <section>
    <h2>{{ $t('frame.devices.title') }}</h2>
    <p class="soft">{{ $t('frame.devices.lead') }}</p>
    <table class="lines">
      <tbody>
        <tr v-for="each in DEVICES" :key="each.id">
          <th scope="row">
            <RouterLink :to="each.to">{{ $t(`frame.devices.${each.id}.name`) }}</RouterLink>
          </th>
          <td>{{ $t(`frame.devices.${each.id}.does`) }}</td>
          <td class="soft">{{ $t(`frame.devices.${each.id}.real`) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
}
</style>
