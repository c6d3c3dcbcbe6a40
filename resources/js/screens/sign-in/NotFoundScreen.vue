<template>
  <main class="mx-auto max-w-xl p-12">
    <h1 class="mb-2 text-2xl font-bold">Nothing hangs here</h1>
    <p class="mb-6">There is no page under this address. Your work is where you left it.</p>
    <RouterLink to="/" class="btn-main">Back to the start</RouterLink>
  </main>
</template>
