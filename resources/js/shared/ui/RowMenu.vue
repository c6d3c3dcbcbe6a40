<script setup lang="ts">
import { say } from '@/shared/words/say'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { nextTick, ref } from 'vue'
import { useRouter } from 'vue-router'
import MenuSign from './MenuSign.vue'

/** What else can be done with a row, or with oneself: at its end, closed until asked for. */
export interface MenuEntry {
  name: string
  to?: string
  run?: () => unknown
  disabled?: boolean
}

defineProps<{ label: string; items: readonly MenuEntry[]; named?: boolean }>()
const router = useRouter()

/** A list has hundreds of them: each is a plain button until it is asked for. */
const isAwake = ref(false)
const root = ref<{ $el: HTMLElement } | null>(null)
async function wake() {
  isAwake.value = true
  await nextTick()
  const button = root.value?.$el.querySelector('button')
  button?.focus()
  button?.click()
}

function choose(item: MenuEntry) {
  if (item.to) void router.push(item.to)
  else void item.run?.()
}
</script>

<template>
  <button
    v-if="!isAwake"
    type="button"
    class="btn-quiet"
    aria-haspopup="menu"
    aria-expanded="false"
    :aria-label="named ? undefined : say('shared.more-label', { label })"
    @click="wake"
  >
    <template v-if="named">{{ label }}</template>
    <MenuSign :named="named" />
  </button>
  <Menu v-else ref="root" as="div" class="relative">
    <MenuButton class="btn-quiet" :aria-label="named ? undefined : say('shared.more-label', { label })">
      <template v-if="named">{{ label }}</template>
      <MenuSign :named="named" />
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
