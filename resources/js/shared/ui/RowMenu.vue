<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { useRouter } from 'vue-router'

/** What else can be done with a row, or with oneself: at its end, closed until asked for. */
export interface MenuEntry {
  name: string
  to?: string
  run?: () => unknown
  disabled?: boolean
}

defineProps<{ label: string; items: readonly MenuEntry[]; named?: boolean }>()
const router = useRouter()

function choose(item: MenuEntry) {
  if (item.to) void router.push(item.to)
  else void item.run?.()
}
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton class="btn-quiet" :aria-label="named ? undefined : `More: ${label}`">
      <template v-if="named">{{ label }}</template>
      <svg viewBox="0 0 20 8" class="h-2 w-5" aria-hidden="true">
        <path v-if="named" d="M5 1l5 5 5-5" fill="none" stroke="var(--color-ink)" stroke-width="2" />
        <path v-else d="M3 4h.1M10 4h.1M17 4h.1" stroke="var(--color-ink)" stroke-width="4" stroke-linecap="round" />
      </svg>
    </MenuButton>
    <MenuItems class="absolute right-0 z-20 mt-1 min-w-48 rounded-md border-2 border-ink bg-paper py-1 outline-none">
      <MenuItem v-for="item in items" :key="item.name" v-slot="{ active, disabled }" :disabled="item.disabled">
        <button
          type="button"
          class="flex min-h-11 w-full items-center px-4 text-left whitespace-nowrap"
          :class="[active ? 'bg-wash text-violet' : '', disabled ? 'text-soft' : '']"
          @click="choose(item)"
        >
          {{ item.name }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
