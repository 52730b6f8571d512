<template>
  <main class="page">
    <h1>{{ $t('frame.lostPage.nothingHere') }}</h1>
    <p>
      {{ $t('frame.lostPage.thisPageDoesNotExist') }}
      <RouterLink to="/">{{ $t('frame.lostPage.goToToday') }}</RouterLink>
      {{ $t('frame.lostPage.orFollowTheThreadAbove') }}
    </p>
  </main>
</template>
