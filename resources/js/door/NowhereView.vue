<template>
  <main class="grid h-dvh place-content-center gap-4 p-8 text-center">
    <h1 class="text-title">There is nothing at this address.</h1>
    <p>It may have been typed wrong.</p>
    <RouterLink class="btn" :to="{ name: 'day' }">To the day</RouterLink>
  </main>
</template>
