<template>
  <main class="page">
    <h1>Nothing here</h1>
    <p>This page does not exist. <RouterLink to="/">Go to Today</RouterLink> or follow the thread above.</p>
  </main>
</template>
