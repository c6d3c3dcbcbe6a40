<template>
  <svg viewBox="0 0 32 32" class="h-8 w-8" aria-hidden="true">
    <circle cx="16" cy="16" r="10.5" fill="none" stroke="var(--color-ink)" stroke-width="3" />
    <path d="M9 20.5 23 11.5" stroke="var(--color-violet)" stroke-width="4" />
  </svg>
</template>
