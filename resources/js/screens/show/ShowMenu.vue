<script setup lang="ts">
import { say } from '@/shared/words/say'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'

/** What else can be done with the board that is shown, each with the key that does it. */
defineProps<{ actions: readonly { key: string; name: string; run: () => unknown }[] }>()
</script>

<template>
  <Menu as="div" class="relative shrink-0">
    <MenuButton class="btn min-h-16 px-5 text-[28px]" data-test="show-menu">{{ say('show.more') }}</MenuButton>
    <MenuItems class="absolute right-0 bottom-full z-20 mb-2 w-max border-2 border-ink bg-paper py-1 outline-none">
      <MenuItem v-for="action in actions" :key="action.key" v-slot="{ active }" as="template">
        <button
          type="button"
          class="flex min-h-14 w-full items-center gap-4 px-5 text-left text-[28px]"
          :class="{ 'bg-wash': active }"
          :data-show="action.key"
          @click="action.run()"
        >
          <kbd class="code w-8 text-soft">{{ action.key }}</kbd> {{ action.name }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
