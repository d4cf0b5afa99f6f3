<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import TagField from '../../kit/TagField.vue'
import type { Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import AddOnsField from './AddOnsField.vue'
import ButtonsField from './ButtonsField.vue'
import DrawingPicker from './DrawingPicker.vue'
import PicturesField from './PicturesField.vue'
import SellIt from './SellIt.vue'
import type { useProductForm } from './useProductForm'
import { useProductKind } from './useProductKind'

/** What stands beside a product's form: its pictures, where it is found, its buttons, what goes with it. */
const props = defineProps<{ form: ReturnType<typeof useProductForm>; own: number | null }>()
const session = useSession()
const { entry, pictures, addOns, change, errorAt } = props.form
const { value, field } = useFields(entry, change, errorAt)
const { has } = useProductKind(props.form)
/** Stands in for a picture until there is one. */
const drawing = computed(() => session.lists?.drawings.find(({ value: each }) => each === entry.value?.picture))

function movePictures(moved: Schemas['Picture'][]): void {
  pictures.value = moved
  change({})
}
</script>

<template>
  <aside class="grid content-start gap-6">
    <SellIt v-if="own !== null && !entry?.is_draft" :product="own" />
    <section>
      <h2 class="small-title mb-2">Pictures</h2>
      <img
        v-if="pictures.length === 0 && drawing"
        :src="drawing.path"
        :alt="drawing.label"
        width="72"
        height="72"
        class="mb-2"
      />
      <template v-if="pictures.length === 0 && entry && entry.picture !== null">
        <p class="mb-2 text-sm text-pencil">A drawing stands here until you add a picture.</p>
        <div class="mb-3 flex flex-wrap gap-x-5">
          <button type="button" class="follow min-h-8" @click="change({ picture: null })">Remove the drawing</button>
          <Disclosure v-slot="{ open }">
            <DisclosureButton class="follow min-h-8">{{
              open ? 'Close the drawings' : 'Another drawing'
            }}</DisclosureButton>
            <DisclosurePanel class="w-full"
              ><DrawingPicker
                :model-value="entry.picture"
                :error="errorAt('picture')"
                @update:model-value="(picture) => change({ picture })"
            /></DisclosurePanel>
          </Disclosure>
        </div>
      </template>
      <PicturesField :model-value="pictures" @update:model-value="movePictures" />
    </section>
    <TagField
      v-bind="field('categories')"
      label="Categories"
      :known="session.shop?.categories ?? []"
      note="Type a new category, and it is made."
    />
    <section v-if="has('price')">
      <h2 class="small-title mb-2">Buttons in the shop</h2>
      <ButtonsField v-bind="value('buttons')" :error-at="errorAt" />
    </section>
    <section>
      <h2 class="small-title mb-2">Goes well with</h2>
      <AddOnsField v-model="addOns" :own="own" @update:model-value="change({})" />
    </section>
  </aside>
</template>
